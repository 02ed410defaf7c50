import { BENCH_THINGS, LIFE_SIZES, type Row } from '../handbook/index.ts';
import { type OwnValues, sourced } from '../reckoning/index.ts';
import { type RealMm, realMm } from '../units/index.ts';

/** An everyday thing that a size is held against. */
export interface Likeness {
  readonly row: Row;
  /** Size asked about ÷ the thing's usual size. */
  readonly ratio: number;
  /** Whether such things come in this size. */
  readonly isUsual: boolean;
}

/** How far a length is from a range, as the logarithm of a ratio; 0 inside it. */
function outside(mm: number, low: number, high: number): number {
  if (mm < low) return Math.log(low / mm);
  return mm > high ? Math.log(mm / high) : 0;
}

function rangeOf({ value, low = value, high = value }: Row): readonly [low: number, high: number] {
  return [low, high];
}

/**
 * Everyday things about as large as a length in life, nearest first; things that come in that very size go before others.
 *
 * @param lifeMm over 0
 * @param most how many
 */
export function likenesses(lifeMm: RealMm, most: number): Likeness[] {
  const all = LIFE_SIZES.map((row) => ({
    row,
    ratio: lifeMm / row.value,
    isUsual: outside(lifeMm, ...rangeOf(row)) === 0,
  }));
  const far = ({ row, ratio }: Likeness) => outside(lifeMm, ...rangeOf(row)) * 10 + Math.abs(Math.log(ratio));
  return all.sort((a, b) => far(a) - far(b)).slice(0, most);
}

/** A thing on the bench in the place of one in life. */
export interface StandIn {
  readonly row: Row;
  readonly acrossMm: number;
  /** What it reads as in life. */
  readonly readsAs: RealMm;
  /** Share it is off the wanted size; negative when too thin. */
  readonly off: number;
}

/**
 * What of the bench stands in for a length in life, the least wrong first.
 *
 * @param ratio of the scale, life ÷ miniature
 * @param own the maker's own measures of the things on the bench
 */
export function standIns(lifeMm: RealMm, ratio: number, own: OwnValues): StandIn[] {
  return BENCH_THINGS.map((row): StandIn => {
    const acrossMm = sourced(row.id, own).value;
    const readsAs = realMm(acrossMm * ratio);
    return { row, acrossMm, readsAs, off: readsAs / lifeMm - 1 };
  }).sort((a, b) => Math.abs(Math.log(1 + a.off)) - Math.abs(Math.log(1 + b.off)));
}

/** How far a found thing may be out of what such things come in before it is doubtful, and before it will not do. */
export const READS_WELL = Math.log(1.1);
export const READS_STILL = Math.log(1.3);

/** How a thing of a size reads for what it is meant to be. */
export function howItReads(lifeMm: RealMm, meant: Row): 'good' | 'doubtful' | 'stop' {
  const off = outside(lifeMm, ...rangeOf(meant));
  if (off <= READS_WELL) return 'good';
  return off <= READS_STILL ? 'doubtful' : 'stop';
}
