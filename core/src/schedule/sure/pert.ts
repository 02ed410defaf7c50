import type { Spread } from '../network/task.ts';

/** Weight of what is likely against each end (Malcolm, Roseboom, Clark and Fazar 1959). */
const LIKELY = 4;

/** Mean of a time of three points, (a + 4m + b) / 6, in its unit. */
export function pertMean({ quick, likely, slow }: Spread): number {
  return (quick + LIKELY * likely + slow) / (LIKELY + 2);
}

/** Variance of a time of three points as it is usually reckoned, ((b − a) / 6)², in its unit squared. */
export function pertVariance({ quick, slow }: Spread): number {
  return ((slow - quick) / (LIKELY + 2)) ** 2;
}

/** Stretches into which the share of cases is cut. */
const CUTS = 128;
/** Steps by which the density is summed up. */
const STEPS = 2048;
/** Places of what is likely between the ends that are told apart. */
const PLACES = 100;

/** Of the spread between the ends, how far some share of cases comes; for what is likely at some place between them. */
function quantiles(place: number): Float64Array {
  const [alpha, beta] = [1 + LIKELY * place, 1 + LIKELY * (1 - place)];
  const sums = new Float64Array(STEPS + 1);
  for (let i = 0; i < STEPS; i += 1) {
    const x = (i + 0.5) / STEPS;
    sums[i + 1] = (sums[i] ?? 0) + x ** (alpha - 1) * (1 - x) ** (beta - 1);
  }
  const all = sums[STEPS] ?? 1;
  const found = new Float64Array(CUTS + 1);
  let at = 0;
  for (let c = 0; c <= CUTS; c += 1) {
    const want = (all * c) / CUTS;
    while (at < STEPS - 1 && (sums[at + 1] as number) < want) at += 1;
    const [low, high] = [sums[at] as number, sums[at + 1] as number];
    found[c] = (at + (high > low ? (want - low) / (high - low) : 0)) / STEPS;
  }
  found[0] = 0;
  found[CUTS] = 1;
  return found;
}

/** How long something takes in each share of cases, by the beta distribution of its three points. */
export class PertTables {
  readonly #tables = new Map<number, Float64Array>();

  #table(place: number): Float64Array {
    const key = Math.round(Math.max(0, Math.min(1, place)) * PLACES);
    const known = this.#tables.get(key) ?? quantiles(key / PLACES);
    this.#tables.set(key, known);
    return known;
  }

  /** The tables of spreads, one after the other; to be read with {@link at}. */
  of({ quick, likely, slow }: Spread): Float64Array {
    return this.#table(slow > quick ? (likely - quick) / (slow - quick) : 0);
  }

  /** Minutes in a share of cases, 0 to 1. */
  static at({ quick, slow }: Spread, table: Float64Array, share: number): number {
    const place = share * CUTS;
    const low = Math.min(CUTS - 1, Math.floor(place));
    const a = table[low] as number;
    return quick + (slow - quick) * (a + ((table[low + 1] as number) - a) * (place - low));
  }
}
