import { batch, computed, type ReadonlySignal, signal } from '@preact/signals-core';
import type { Part, Piece } from '../piece/index.ts';
import type { OwnValues } from '../reckoning/index.ts';
import { type Watched, watchEntries, watchRecord } from './fields.ts';

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

/** How many of a part there are, where that follows from what it goes on. */
export type Settle = (part: string, counted: number) => number;

/** A part with its count as it is settled: whoever reads it is told when what it follows from changes. */
function watchPart(part: Part, settle: Settle) {
  const counted = signal(part.count);
  const record: Watched<Part> = watchRecord(part, {
    count: () => ({
      get view(): number {
        return settled.value;
      },
      set(value: number) {
        counted.value = value;
      },
    }),
  });
  const settled: ReadonlySignal<number> = computed(() =>
    record.view.repeat ? settle(record.view.id, counted.value) : counted.value,
  );
  return record;
}

/**
 * Watches a piece and the values it is reckoned with, so that only what is read of them has to be looked at again.
 *
 * @param settle asked for the count of a part that has a rule
 */
export function watchGround(first: Ground, settle: Settle): WatchedGround {
  const parts = watchEntries<Part>(first.piece.parts, (part) => watchPart(part, settle));
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
