import {
  type AsItStands,
  asItStands,
  type Laid,
  laid,
  movedTo,
  type PlanFacts,
  placedOn,
  type Spot,
} from '@every-inch/core/ground';
import type { Piece } from '@every-inch/core/piece';
import { useMemo } from 'react';
import { useTold } from '../../spine/hooks.ts';
import { useOpenPiece } from '../../state/store.ts';

const NOTHING: PlanFacts = { ring: null, fault: null, prints: [], counts: {} };

/** The plan as it is worked out; empty until it is. */
export function usePlan(): PlanFacts {
  return useTold('ground.plan', null) ?? NOTHING;
}

/** A thing that is being moved, before it is let go. */
export interface Draft {
  readonly id: string;
  readonly spot: Spot;
}

/** Everything on the plan where it stands now, the one that is held where it is held. */
export function useLaid(
  { stood, heaps }: Pick<Piece, 'stood' | 'heaps'>,
  { prints }: PlanFacts,
  draft: Draft | null,
): readonly Laid[] {
  return useMemo(() => {
    const now = draft ? movedTo(stood, draft.id, draft.spot) : stood;
    return placedOn({ stood: now, heaps }, prints).map((one) => laid(one));
  }, [stood, heaps, prints, draft]);
}

/** How the one that is picked stands among the others, as it is moved. */
export function useStands(
  all: readonly Laid[],
  picked: string | null,
  ring: PlanFacts['ring'],
): AsItStands | null {
  return useMemo(() => {
    const one = all.find(({ id }) => id === picked);
    return one ? asItStands(one, all, ring) : null;
  }, [all, picked, ring]);
}

/** A piece’s ground, which is edited as a whole. */
export function useStood(): Piece['stood'] {
  return useOpenPiece().stood;
}
