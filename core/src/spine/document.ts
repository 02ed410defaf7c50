import { batch, computed, type ReadonlySignal, signal } from '@preact/signals-core';
import type { Part, Piece } from '../piece/index.ts';
import type { OwnValues } from '../reckoning/index.ts';
import { watchEntries, watchRecord } from './fields.ts';

/** What figures follow from. */
export interface Ground {
  readonly piece: Piece;
  /** The workshop’s own values; the piece’s go before them. */
  readonly workshopOwn: OwnValues;
  /** ISO time the figures are for. */
  readonly now: string;
}

/** The ground of a piece, watched field by field. */
export interface WatchedGround {
  /** Reads as the piece does; follows later changes. */
  readonly piece: Piece;
  /** The piece’s own values over the workshop’s; follows later changes. */
  readonly own: OwnValues;
  readonly now: ReadonlySignal<string>;
  readonly partIds: ReadonlySignal<readonly string[]>;
  part(id: string): Part | undefined;
  change(to: Ground): void;
}

function watchPart(part: Part) {
  return watchRecord(part);
}

/** Watches a piece and the values it is reckoned with, so that only what is read of them has to be looked at again. */
export function watchGround(first: Ground): WatchedGround {
  const parts = watchEntries<Part>(first.piece.parts, watchPart);
  const piece = watchRecord<Piece>(first.piece, {
    brief: (brief) => watchRecord(brief, { schools: (schools) => watchRecord(schools) }),
    oven: (oven) => watchRecord(oven),
    clays: (clays) => watchEntries(clays, (clay) => watchRecord(clay)) as never,
    parts: () => parts as never,
  });
  const own = watchRecord<Record<string, number>>({ ...first.workshopOwn, ...first.piece.own });
  const now = signal(first.now);
  let current = first;
  return {
    piece: piece.view,
    own: own.view,
    now,
    partIds: computed(() => parts.view.map(({ id }) => id)),
    part: parts.byId,
    change(to) {
      if (to.piece === current.piece && to.workshopOwn === current.workshopOwn && to.now === current.now)
        return;
      batch(() => {
        piece.set(to.piece);
        if (to.piece.own !== current.piece.own || to.workshopOwn !== current.workshopOwn)
          own.set({ ...to.workshopOwn, ...to.piece.own });
        now.value = to.now;
      });
      current = to;
    },
  };
}
