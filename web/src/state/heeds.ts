import type { PieceReckoned } from '@every-inch/core/whole';

/** How many figures want heeding, by lens and by part. */
export interface Heeds {
  readonly byLens: ReadonlyMap<string, number>;
  readonly byPart: ReadonlyMap<string, number>;
}

/** Counts verdicts that are not good, and parts that cannot be built (heeded at Size). */
export function heedsOf({ book, faults }: PieceReckoned): Heeds {
  const [byLens, byPart] = [new Map<string, number>(), new Map<string, number>()];
  const count = (lens: string, part: string | null): void => {
    byLens.set(lens, (byLens.get(lens) ?? 0) + 1);
    if (part !== null) byPart.set(part, (byPart.get(part) ?? 0) + 1);
  };
  for (const { verdict, lens, part } of book.all) if (verdict && verdict.level !== 'good') count(lens, part);
  for (const { part } of faults) count('size', part);
  return { byLens, byPart };
}
