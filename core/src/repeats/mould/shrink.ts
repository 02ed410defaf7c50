import type { CastStuff, MouldStuff } from '../../piece/index.ts';
import { type OwnValues, sourced } from '../../reckoning/index.ts';

/** One step of a chain: what is made of the one before it, and how much smaller it comes out. */
export interface ShrinkStep {
  readonly says: string;
  /** Of its length, %; under 0 for what grows. */
  readonly percent: number;
  readonly lowPercent: number;
  readonly highPercent: number;
  readonly row: string;
}

/** A chain of mould and cast: what becomes of a length of 1, and how large the master is made for a length of 1 to come out. */
export interface ShrinkChain {
  readonly steps: readonly ShrinkStep[];
  readonly comesOut: number;
  readonly low: number;
  readonly high: number;
  readonly oversize: number;
}

const MOULD_ROWS: Readonly<Record<MouldStuff, readonly [row: string, says: string] | null>> = {
  putty: ['shrink.putty', 'the putty'],
  rubber: ['shrink.rubber', 'the rubber'],
  clay: ['shrink.clay', 'the baked clay mould'],
  // Foil takes the form and keeps it.
  foil: null,
};
const CAST_ROWS: Readonly<Record<CastStuff, readonly [row: string, says: string]>> = {
  clay: ['shrink.clay', 'the cast, in its bake'],
  'air-dry': ['shrink.air-dry', 'the cast, drying'],
  resin: ['shrink.resin', 'the cast'],
  plaster: ['shrink.plaster', 'the cast, growing'],
  putty: ['shrink.putty', 'the cast'],
};

function stepOf([row, says]: readonly [string, string], own: OwnValues): ShrinkStep {
  const one = sourced(row, own);
  const { value, low = value, high = value } = one.term('').quantity;
  // Plaster is told by how much it grows.
  const sign = row === 'shrink.plaster' ? -1 : 1;
  const ends = [sign * low, sign * high];
  return { row, says, percent: sign * value, lowPercent: Math.min(...ends), highPercent: Math.max(...ends) };
}

/**
 * The chain of shrinkage from the master to the last cast, each step the product of those before.
 *
 * @param generations how often a mould is made of a cast: 1 for master, mould, cast
 * @throws {RangeError} for fewer than one generation
 */
export function shrinkChain(
  {
    of,
    casts,
    generations,
  }: { readonly of: MouldStuff; readonly casts: CastStuff; readonly generations: number },
  own: OwnValues,
): ShrinkChain {
  if (!(generations >= 1)) throw new RangeError(`a chain has one mould or more, got ${generations}`);
  const mould = MOULD_ROWS[of];
  const steps = Array.from({ length: generations }, () => [
    ...(mould ? [stepOf(mould, own)] : []),
    stepOf(CAST_ROWS[casts], own),
  ]).flat();
  const product = (of: (step: ShrinkStep) => number) =>
    steps.reduce((left, step) => left * (1 - of(step) / 100), 1);
  const comesOut = product(({ percent }) => percent);
  return {
    steps,
    comesOut,
    low: product(({ highPercent }) => highPercent),
    high: product(({ lowPercent }) => lowPercent),
    oversize: 1 / comesOut,
  };
}
