import { LIFE_SIZES, type Row } from '../handbook/index.ts';
import { type OwnValues, sourced } from '../reckoning/index.ts';
import { type RealMm, realMm } from '../units/index.ts';
import { BENCH_SHAPES } from './rows/benchShapes.ts';

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
  /** Its other side; null for a sheet, of which it is the thickness and the rest is cut to size. */
  readonly otherMm: number | null;
  /** What it reads as in life. */
  readonly readsAs: RealMm;
  /** Share that its thickness is off the wanted size; negative when too thin. */
  readonly off: number;
  /** The same of its other side, where one was asked for and it has one. */
  readonly otherOff: number | null;
  /** How much longer than the thing comes it would have to be, miniature mm; 0 where it is long enough. */
  readonly shortMm: number;
}

/** What is looked for, in life: how thick, and where they count how wide and how long. */
export interface LookedFor {
  readonly thickMm: RealMm;
  readonly wideMm: RealMm | null;
  readonly longMm: RealMm | null;
}

/** Twice as much or half of it, as the logarithm of a ratio, is as wrong either way. */
const offLog = (share: number) => Math.abs(Math.log(1 + share));

/** How wrong a stand-in is over all the measures that were asked for. */
function wrongBy({ off, otherOff, shortMm }: StandIn, wantedLongMm: number): number {
  const short = shortMm > 0 ? Math.log(wantedLongMm / (wantedLongMm - shortMm)) : 0;
  return Math.hypot(offLog(off), otherOff === null ? 0 : offLog(otherOff), short);
}

/**
 * What of the bench stands in for a thing in life, the least wrong first over all the measures asked for: a stick has two
 * sides and a length, a sheet only its thickness, what is too long is cut.
 *
 * @param ratio of the scale, life ÷ miniature
 * @param own the maker's own measures of the things on the bench
 */
export function standIns({ thickMm, wideMm, longMm }: LookedFor, ratio: number, own: OwnValues): StandIn[] {
  const wantedLong = (longMm ?? 0) / ratio;
  const all = BENCH_SHAPES.map(({ row, other, longMm: comes }): StandIn => {
    const acrossMm = sourced(row.id, own).value;
    const otherMm = other === null ? null : sourced(other, own).value;
    // Of a flat thing the wider side stands for the width that is asked for.
    const [thin, wide] =
      wideMm === null || otherMm === null
        ? [acrossMm, otherMm]
        : [Math.min(acrossMm, otherMm), Math.max(acrossMm, otherMm)];
    const readsAs = realMm(thin * ratio);
    return {
      row,
      acrossMm,
      otherMm,
      readsAs,
      off: readsAs / thickMm - 1,
      otherOff: wideMm === null || wide === null ? null : (wide * ratio) / wideMm - 1,
      shortMm: comes === null ? 0 : Math.max(0, wantedLong - comes),
    };
  });
  return all.sort((a, b) => wrongBy(a, wantedLong) - wrongBy(b, wantedLong));
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
