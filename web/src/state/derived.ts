import { makeShapeStore } from '@every-inch/core/form';
import { type PieceReckoned, reckonPiece } from '@every-inch/core/whole';
import { createSelector } from '@reduxjs/toolkit';
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
