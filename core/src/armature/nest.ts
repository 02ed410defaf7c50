import { priceBound } from './priceBound.ts';

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
/** Nodes of the search after which the best found stands with its bound. */
const MOST_NODES = 40_000;

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

/**
 * Least number of bars that pieces can be cut from, bar by bar: the largest piece left opens a bar, and every maximal fill
 * round it is tried, the fullest first; a branch is left when its total cannot beat the best (bin completion; Korf 2003).
 */
function fewestBars(
  kinds: Kind[],
  bar: number,
  nodes: { left: number },
): { fills: number[][]; lower: number; isOptimal: boolean } {
  const counts = kinds.map(({ count }) => count);
  const sizes = kinds.map(({ size }) => size);
  let lower = lowerBound(counts, sizes, bar);
  // What is left over has been reached before with as few bars: that branch was looked through already.
  const reached = new Map<string, number>();
  let best = greedy([...counts], sizes, bar);
  if (best.length > lower) lower = Math.max(lower, priceBound(counts, sizes, bar, best.length));
  if (best.length <= lower) return { fills: best, lower, isOptimal: true };
  const chosen: number[][] = [];
  const search = (): boolean => {
    nodes.left -= 1;
    if (nodes.left < 0) return false;
    const first = counts.findIndex((count) => count > 0);
    if (first < 0) {
      if (chosen.length < best.length) best = chosen.map((fill) => [...fill]);
      return best.length <= lower;
    }
    if (chosen.length + lowerBound(counts, sizes, bar) >= best.length) return false;
    const state = counts.join();
    if ((reached.get(state) ?? Infinity) <= chosen.length) return false;
    reached.set(state, chosen.length);
    for (const fill of fillsWith(first, counts, sizes, bar)) {
      fill.forEach((n, i) => {
        counts[i] = (counts[i] ?? 0) - n;
      });
      chosen.push(fill);
      const done = search();
      chosen.pop();
      fill.forEach((n, i) => {
        counts[i] = (counts[i] ?? 0) + n;
      });
      if (done) return true;
      if (nodes.left < 0) return false;
    }
    return false;
  };
  search();
  const isOptimal = nodes.left >= 0 || best.length <= lower;
  return { fills: best, lower: isOptimal ? best.length : lower, isOptimal };
}

/** Bounds by functions that never let more into a bar than goes (Fekete & Schepers 2001, u of k). */
function dualBound(counts: readonly number[], sizes: readonly number[], bar: number): number {
  let best = 0;
  for (let k = 1; k <= 12; k += 1) {
    const sum = sizes.reduce((all, size, i) => {
      const share = (k + 1) * size;
      const u = share % bar === 0 ? size / bar : Math.floor(share / bar) / k;
      return all + u * (counts[i] ?? 0);
    }, 0);
    best = Math.max(best, Math.ceil(sum - 1e-9));
  }
  return best;
}

/** No nesting takes fewer bars than this. */
function lowerBound(counts: readonly number[], sizes: readonly number[], bar: number): number {
  const total = counts.reduce((sum, count, i) => sum + count * (sizes[i] ?? 0), 0);
  return Math.max(
    Math.ceil(total / bar - 1e-9),
    halfBound(counts, sizes, bar),
    dualBound(counts, sizes, bar),
  );
}

/** Bound by the pieces that are too long to share a bar (Martello & Toth 1990, L2). */
function halfBound(counts: readonly number[], sizes: readonly number[], bar: number): number {
  let best = 0;
  for (const threshold of [0, ...sizes.filter((size) => size <= bar / 2)]) {
    let [large, middle, room, small] = [0, 0, 0, 0];
    sizes.forEach((size, i) => {
      const n = counts[i] ?? 0;
      if (size > bar - threshold) large += n;
      else if (size > bar / 2) {
        middle += n;
        room += n * (bar - size);
      } else if (size >= threshold) small += n * size;
    });
    best = Math.max(best, large + middle + Math.max(0, Math.ceil((small - room) / bar - 1e-9)));
  }
  return best;
}

/** Every fill of a bar with a certain piece in it that nothing more goes into, the fullest first. */
function fillsWith(
  first: number,
  counts: readonly number[],
  sizes: readonly number[],
  bar: number,
): number[][] {
  const found: { fill: number[]; room: number }[] = [];
  const fill = counts.map(() => 0);
  fill[first] = 1;
  const extend = (at: number, room: number): void => {
    if (found.length > MOST_FILLS / sizes.length) return;
    if (at === sizes.length) {
      const isMaximal = sizes.every((size, i) => size > room || (fill[i] ?? 0) >= (counts[i] ?? 0));
      if (isMaximal) found.push({ fill: [...fill], room });
      return;
    }
    const size = sizes[at] ?? 1;
    const taken = fill[at] ?? 0;
    const most = Math.min((counts[at] ?? 0) - taken, Math.floor(room / size + 1e-9));
    for (let n = most; n >= 0; n -= 1) {
      fill[at] = taken + n;
      extend(at + 1, room - n * size);
    }
    fill[at] = taken;
  };
  extend(first, bar - (sizes[first] ?? 0));
  return found.sort((a, b) => a.room - b.room).map((one) => one.fill);
}
const MOST_FILLS = 48_000;

/** A good start: each bar is filled as full as it goes round the largest piece left. */
function greedy(counts: number[], sizes: readonly number[], bar: number): number[][] {
  const fills: number[][] = [];
  for (;;) {
    const first = counts.findIndex((count) => count > 0);
    if (first < 0) return fills;
    const [fill] = fillsWith(first, counts, sizes, bar);
    if (!fill) return fills;
    fills.push(fill);
    fill.forEach((n, i) => {
      counts[i] = (counts[i] ?? 0) - n;
    });
  }
}

/** The shortest remainder that a piece goes into takes it, the longest piece first: offcuts are used up before bars. */
function onRemainders(
  sizes: readonly number[],
  remainders: readonly number[],
): { cuts: Map<number, number[]>; rest: number[] } {
  const rooms = remainders.map((room, i) => ({ room, i }));
  const cuts = new Map<number, number[]>();
  const rest: number[] = [];
  const order = sizes.map((_, i) => i).sort((a, b) => (sizes[b] ?? 0) - (sizes[a] ?? 0));
  for (const piece of order) {
    const size = sizes[piece] ?? 0;
    const fits = rooms.filter(({ room }) => room >= size).sort((a, b) => a.room - b.room)[0];
    if (!fits) {
      rest.push(piece);
      continue;
    }
    fits.room -= size;
    cuts.set(fits.i, [...(cuts.get(fits.i) ?? []), piece]);
  }
  return { cuts, rest: rest.sort((a, b) => a - b) };
}

/**
 * Nests pieces on stock: counted lengths (remainders of spools) are used up first, each piece on the shortest that takes it;
 * the rest goes on as few bars of the length that can be bought as there can be. That number is proved least, or its bound
 * is told.
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
  const counted = stock
    .filter(({ count }) => Number.isFinite(count))
    .flatMap(({ lengthMm, count }) => Array.from({ length: count }, () => lengthMm));
  const bought = stock.filter(({ count }) => !Number.isFinite(count)).map(({ lengthMm }) => lengthMm);
  const barMm = Math.max(0, ...bought);
  const { cuts: onOld, rest } = onRemainders(sizes, counted.map(tenth));
  const placed = rest.filter((i) => (sizes[i] ?? 0) <= tenth(barMm));
  const unplaced = rest.filter((i) => (sizes[i] ?? 0) > tenth(barMm));
  const cutOf = (stockMm: number, pieces: readonly number[]): Cut => ({
    stockMm,
    pieces,
    leftMm: Math.max(0, stockMm - pieces.reduce((sum, i) => sum + (piecesMm[i] ?? 0) + kerfMm, 0) + kerfMm),
  });
  const old = [...onOld].map(([i, pieces]) => cutOf(counted[i] ?? 0, pieces));
  const kinds = kindsOf(placed.map((i) => sizes[i] ?? 0));
  const { fills, lower, isOptimal } =
    placed.length === 0
      ? { fills: [], lower: 0, isOptimal: true }
      : fewestBars(kinds, tenth(barMm), { left: MOST_NODES });
  const stacks = kinds.map(({ pieces }) => pieces.map((k) => placed[k] ?? 0));
  const bars = fills.map((fill) =>
    cutOf(
      barMm,
      fill.flatMap((n, k) => stacks[k]?.splice(0, n) ?? []),
    ),
  );
  const oldMm = old.reduce((sum, { stockMm }) => sum + stockMm, 0);
  return {
    cuts: [...old, ...bars],
    unplaced,
    usedMm: oldMm + bars.length * barMm,
    boundMm: oldMm + lower * barMm,
    isOptimal,
  };
}
