import type { Piece, StepKind } from '../piece/index.ts';

/** What the log of a piece teaches of the time that steps of one kind take. */
export interface LearnedPace {
  /** Own minutes for each that was reckoned: the median of what was done. */
  readonly median: number;
  readonly count: number;
  /** By which the next of the kind is reckoned: between what is usual and the own median, nearer to it with every step. */
  readonly factor: number;
}

/** What is usual weighs as much as so many steps of one’s own (own choice). */
const USUAL_WEIGHS = 2;
/** No clock was looked at where a step took less or more than this of what was reckoned. */
const LEAST = 0.1;
const MOST = 10;
/** Reckoned shorter than this, a step teaches nothing, min. */
const SHORT = 0.5;

function median(sorted: readonly number[]): number {
  const middle = sorted.length >> 1;
  const [a = 1, b = a] = [sorted[middle], sorted[middle - 1]];
  return sorted.length % 2 === 1 ? a : (a + b) / 2;
}

/** What the log teaches of a kind of step; null while it teaches nothing. */
export function learnedPace({ log }: Pick<Piece, 'log'>, kind: StepKind): LearnedPace | null {
  const ratios = log
    .flatMap(({ step }) =>
      step && step.of === kind && step.outcome === 'done' && step.reckonedMin >= SHORT
        ? [step.tookMin / step.reckonedMin]
        : [],
    )
    .filter((ratio) => ratio >= LEAST && ratio <= MOST)
    .sort((a, b) => a - b);
  if (ratios.length === 0) return null;
  const [own, count] = [median(ratios), ratios.length];
  return { median: own, count, factor: (USUAL_WEIGHS + count * own) / (USUAL_WEIGHS + count) };
}
