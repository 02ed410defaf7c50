import { makeShapeStore, type PersonForm, PLAIN_PERSON } from '@every-inch/core/form';
import { DEFAULT_PART, type Part, type PartId } from '@every-inch/core/piece';
import type { Scale } from '@every-inch/core/scale';
import { bonesAt, type PartContext, type PieceReckoned, reckonPiece } from '@every-inch/core/whole';
import { createSelector } from '@reduxjs/toolkit';
import { useMemo } from 'react';
import { type Heeds, heedsOf } from './heeds.ts';
import { type State, useAppSelector } from './store.ts';

const shapes = makeShapeStore();

/** Everything that follows from the piece; null when none is open. */
export const selectReckoned: (state: State) => PieceReckoned | null = createSelector(
  [
    (state: State) => state.document.piece,
    (state: State) => state.workshop.own,
    (state: State) => state.session.today,
  ],
  (piece, workshopOwn, now) =>
    piece && now !== '' ? reckonPiece(piece, { shapes, workshopOwn, now }) : null,
);

/** The armature of a part were the piece at other scales; what it has none at is left out. */
export function useBonesAt(part: Part, scales: readonly Scale[]) {
  const piece = useAppSelector((state) => state.document.piece);
  const workshopOwn = useAppSelector((state) => state.workshop.own);
  const now = useAppSelector((state) => state.session.today);
  return useMemo(
    () =>
      piece
        ? scales.flatMap((scale) => {
            const found = bonesAt(piece, part.id, scale, { shapes, workshopOwn, now });
            return found ? [{ scale, ...found }] : [];
          })
        : [],
    [piece, part.id, scales, workshopOwn, now],
  );
}

/** A person to compare with, as a part that is none of the piece's. */
const BESIDE: PersonForm = { ...PLAIN_PERSON, statureMm: 1700 };

/** The person beside the line-up; null when nobody is asked for, or nothing stands there. */
export function usePersonBeside(isWanted: boolean): PartContext | null {
  const { contexts } = useReckoned();
  const [any] = contexts.values();
  return useMemo(() => {
    if (!isWanted || !any) return null;
    const part: Part = {
      ...any.part,
      ...DEFAULT_PART,
      id: 'beside' as PartId,
      name: 'person, 1.70 m',
      form: BESIDE,
    };
    return { ...any, part, shape: shapes.shapeOf(BESIDE), shrink: any.scale.ratio };
  }, [isWanted, any]);
}

const NO_HEEDS: Heeds = { byLens: new Map(), byPart: new Map() };

/** What wants heeding in the open piece. */
export const selectHeeds: (state: State) => Heeds = createSelector([selectReckoned], (reckoned) =>
  reckoned ? heedsOf(reckoned) : NO_HEEDS,
);

/** What follows from the open piece. */
export function useReckoned(): PieceReckoned {
  const reckoned = useAppSelector(selectReckoned);
  if (!reckoned) throw new Error('no piece is open');
  return reckoned;
}
