import { type BarPrices, barPrices, type Remainder } from './barPrices.ts';
import { fewestBars, lowerBound, MOST_LOOKS } from './fewestBars.ts';
import { boundedKnapsack, type Sizes } from './fill.ts';

/** Stock of one length. */
export interface Stock {
  readonly lengthMm: number;
  /** Infinity for what can be bought on. */
  readonly count: number;
}

/** One piece of stock and what is cut from it. */
export interface Cut {
  readonly stockMm: number;
  /** Indices of the pieces. */
  readonly pieces: readonly number[];
  readonly leftMm: number;
}

/** Pieces nested on stock. */
export interface Nesting {
  readonly cuts: readonly Cut[];
  /** Pieces longer than any stock, by index, or for which none is left. */
  readonly unplaced: readonly number[];
  /** Total length of the stock that is taken, mm, and a length that no nesting can do with less than. */
  readonly usedMm: number;
  readonly boundMm: number;
  readonly isOptimal: boolean;
}

/** Lengths are compared in tenths of a millimetre. */
const TENTHS = 10;

/** A fill of one bar: pieces taken by kind, and the room they take. */
interface Kind {
  readonly size: number;
  count: number;
  readonly pieces: number[];
}

function kindsOf(sizes: readonly number[]): Kind[] {
  const bySize = new Map<number, Kind>();
  sizes.forEach((size, i) => {
    const kind = bySize.get(size) ?? { size, count: 0, pieces: [] };
    kind.count += 1;
    kind.pieces.push(i);
    bySize.set(size, kind);
  });
  return [...bySize.values()].sort((a, b) => b.size - a.size);
}

/** A way to cut everything: how each remainder is filled, and the bars. */
interface Plan {
  readonly onOld: readonly { readonly on: number; readonly fill: readonly number[] }[];
  readonly bars: readonly (readonly number[])[];
}

const minus = (counts: readonly number[], fill: readonly number[]) =>
  counts.map((count, i) => count - (fill[i] ?? 0));
const isEmpty = (fill: readonly number[]) => fill.every((n) => n <= 0);

/** Remainders filled one after the other, each as full as it goes (or as dear, at prices). */
function filledUp(
  kinds: Sizes,
  remainders: readonly Remainder[],
  prices: readonly number[],
  order: readonly number[],
): { onOld: Plan['onOld']; left: number[] } {
  let left = [...kinds.counts];
  const onOld: { on: number; fill: readonly number[] }[] = [];
  for (const on of order) {
    const remainder = remainders[on];
    if (!remainder) continue;
    for (let n = 0; n < remainder.count; n += 1) {
      const { fill } = boundedKnapsack(prices, { sizes: kinds.sizes, counts: left }, remainder.length);
      if (isEmpty(fill)) break;
      onOld.push({ on, fill });
      left = minus(left, fill);
    }
  }
  return { onOld, left };
}

/** Whole patterns of a cutting in fractions, as far as there are pieces for them. */
function wholePatterns(kinds: Sizes, remainders: readonly Remainder[], { patterns }: BarPrices) {
  let left = [...kinds.counts];
  const taken = remainders.map(() => 0);
  const onOld: { on: number; fill: readonly number[] }[] = [];
  const bars: (readonly number[])[] = [];
  for (const { fill, on, times } of [...patterns].sort((a, b) => b.times - a.times))
    for (let n = 0; n < Math.floor(times + 1e-6); n += 1) {
      const most = on < 0 ? Infinity : (remainders[on]?.count ?? 0);
      if (fill.some((m, i) => m > (left[i] ?? 0)) || (on >= 0 && (taken[on] ?? 0) >= most)) break;
      if (on < 0) bars.push(fill);
      else {
        onOld.push({ on, fill });
        taken[on] = (taken[on] ?? 0) + 1;
      }
      left = minus(left, fill);
    }
  const rest = remainders.map((one, j) => ({ ...one, count: one.count - (taken[j] ?? 0) }));
  return { onOld, bars, left, rest };
}

/** Most lengths that prices are looked for; with more, bounds by counting come near enough. */
const MOST_KINDS = 60;

/** A bound on the bars by counting lengths. */
function countedBound({ sizes, counts }: Sizes, bar: number, remainders: readonly Remainder[]): number {
  if (remainders.length === 0) return lowerBound(counts, sizes, bar);
  const total = sizes.reduce((sum, size, i) => sum + size * (counts[i] ?? 0), 0);
  const held = remainders.reduce((sum, { length, count }) => sum + length * count, 0);
  return Math.max(0, Math.ceil((total - held) / bar - 1e-9));
}

/** Fewest bars, and among them the least of the remainders. */
function isBetter(one: Plan, other: Plan, remainders: readonly Remainder[]): boolean {
  const lengthOf = ({ onOld }: Plan) => onOld.reduce((sum, { on }) => sum + (remainders[on]?.length ?? 0), 0);
  return (
    one.bars.length < other.bars.length ||
    (one.bars.length === other.bars.length && lengthOf(one) < lengthOf(other))
  );
}

/**
 * Ways to begin, each completed with as few bars as can be; the fewest bars win, then the least of the remainders. Prices are
 * looked for only where counting leaves it open whether fewer would do.
 */
function bestPlan(
  kinds: Sizes,
  bar: number,
  remainders: readonly Remainder[],
): { plan: Plan; bound: number } {
  const { sizes } = kinds;
  const canBuy = bar > 0;
  const shortFirst = remainders
    .map((_, i) => i)
    .sort((a, b) => (remainders[a]?.length ?? 0) - (remainders[b]?.length ?? 0));
  let bound = canBuy ? countedBound(kinds, bar, remainders) : 0;
  const finish = (onOld: Plan['onOld'], bars: Plan['bars'], left: readonly number[], looks: number): Plan => {
    if (isEmpty(left) || !canBuy) return { onOld, bars };
    const more = fewestBars({ sizes, counts: left }, bar, bound - bars.length, { left: looks });
    return { onOld, bars: [...bars, ...more.fills] };
  };
  const begun = (worth: readonly number[], order: readonly number[], looks: number): Plan => {
    const { onOld, left } = filledUp(kinds, remainders, worth, order);
    return finish(onOld, [], left, looks);
  };
  let best = begun(sizes, shortFirst, 0);
  const weigh = (plan: Plan) => {
    if (isBetter(plan, best, remainders)) best = plan;
  };
  if (remainders.length > 0) weigh(begun(sizes, [...shortFirst].reverse(), 0));
  if (!canBuy || best.bars.length <= bound) return { plan: best, bound };
  if (sizes.length <= MOST_KINDS) {
    const prices = barPrices(kinds, bar, remainders, best.bars.length);
    bound = Math.max(bound, prices.bound);
    const whole = wholePatterns(kinds, remainders, prices);
    const { onOld, left } = filledUp({ sizes, counts: whole.left }, whole.rest, sizes, shortFirst);
    weigh(finish([...whole.onOld, ...onOld], whole.bars, left, MOST_LOOKS));
  }
  // Long pieces are what bars cannot take in: they are then worth more than they are long.
  for (const power of [1, 1.02, 1.1])
    if (best.bars.length > bound)
      weigh(
        begun(
          sizes.map((size) => size ** power),
          shortFirst,
          MOST_LOOKS,
        ),
      );
  return { plan: best, bound };
}

/** Pieces longer than a bar: each takes the shortest remainder that it goes on, or none. */
function tooLong(sizes: readonly number[], bar: number, remainders: readonly Remainder[]) {
  const rest = remainders.map((one) => ({ ...one }));
  const odd: { piece: number; on: number }[] = [];
  if (bar === 0) return { odd, rest };
  sizes.forEach((size, piece) => {
    if (size <= bar) return;
    const on = rest
      .map((one, i) => ({ ...one, i }))
      .filter(({ length, count }) => count > 0 && length >= size)
      .sort((a, b) => a.length - b.length)[0]?.i;
    const taken = on === undefined ? undefined : rest[on];
    if (taken) taken.count -= 1;
    odd.push({ piece, on: on ?? -1 });
  });
  return { odd, rest };
}

/**
 * Nests pieces on stock: counted lengths (remainders of spools) are used up first, so that as few bars of the length that can
 * be bought are needed as there can be; among the ways found the one that leaves most of the remainders. The number of bars is
 * proved least, or its bound is told.
 *
 * @param piecesMm lengths to cut, mm
 * @param kerfMm lost at each cut; 0 or more
 * @throws {RangeError} for a length or a kerf that is none
 */
export function nest(piecesMm: readonly number[], stock: readonly Stock[], kerfMm: number): Nesting {
  if (!(kerfMm >= 0)) throw new RangeError(`a cut loses 0 mm or more, got ${kerfMm}`);
  const bad = piecesMm.find((mm) => !(mm > 0 && Number.isFinite(mm)));
  if (bad !== undefined) throw new RangeError(`a piece of wire has a length over 0, got ${bad}`);
  const tenth = (mm: number) => Math.round((mm + kerfMm) * TENTHS);
  const sizes = piecesMm.map(tenth);
  const counted = stock.filter(({ count, lengthMm }) => Number.isFinite(count) && count > 0 && lengthMm > 0);
  const barMm = Math.max(
    0,
    ...stock.filter(({ count }) => !Number.isFinite(count)).map(({ lengthMm }) => lengthMm),
  );
  const bar = barMm > 0 ? tenth(barMm) : 0;
  const remainders = counted.map(({ lengthMm, count }) => ({
    length: tenth(lengthMm),
    count: Math.min(count, piecesMm.length),
  }));
  const { odd, rest: old } = tooLong(sizes, bar, remainders);
  const unplaced = odd.flatMap(({ piece, on }) => (on < 0 ? [piece] : []));
  const apart = new Set(odd.map(({ piece }) => piece));
  const placed = sizes.map((_, i) => i).filter((i) => !apart.has(i));
  const kinds = kindsOf(placed.map((i) => sizes[i] ?? 0));
  const { plan, bound } = bestPlan(
    { sizes: kinds.map(({ size }) => size), counts: kinds.map(({ count }) => count) },
    bar,
    old,
  );
  const cutOf = (stockMm: number, pieces: readonly number[]): Cut => ({
    stockMm,
    pieces,
    leftMm: Math.max(0, stockMm - pieces.reduce((sum, i) => sum + (piecesMm[i] ?? 0) + kerfMm, 0) + kerfMm),
  });
  const stacks = kinds.map(({ pieces }) => pieces.map((k) => placed[k] ?? 0));
  const take = (fill: readonly number[]) => fill.flatMap((n, k) => stacks[k]?.splice(0, n) ?? []);
  const own = odd
    .filter(({ on }) => on >= 0)
    .map(({ piece, on }) => cutOf(counted[on]?.lengthMm ?? 0, [piece]));
  const onOld = plan.onOld.map(({ on, fill }) => cutOf(counted[on]?.lengthMm ?? 0, take(fill)));
  const bars = plan.bars.map((fill) => cutOf(barMm, take(fill)));
  const left = stacks.flat();
  const oldMm = [...own, ...onOld].reduce((sum, { stockMm }) => sum + stockMm, 0);
  return {
    cuts: [...own, ...onOld, ...bars],
    unplaced: [...unplaced, ...left].sort((a, b) => a - b),
    usedMm: oldMm + bars.length * barMm,
    boundMm: oldMm + Math.min(bound, bars.length) * barMm,
    isOptimal: bars.length <= bound,
  };
}
