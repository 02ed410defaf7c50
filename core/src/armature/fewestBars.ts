import type { Sizes } from './fill.ts';

/** Steps of the search, after which the best found stands with its bound. */
export const MOST_LOOKS = 400_000;

/**
 * Least number of bars that pieces can be cut from, bar by bar: the largest piece left opens a bar, and every maximal fill
 * round it is tried, the fullest first; a branch is left when its total cannot beat the best (bin completion; Korf 2003).
 */
export function fewestBars(
  { sizes, counts: wanted }: Sizes,
  bar: number,
  known: number,
  nodes: { left: number },
): { fills: number[][]; isOptimal: boolean } {
  const counts = [...wanted];
  const lower = Math.max(known, lowerBound(counts, sizes, bar));
  // What is left over has been reached before with as few bars: that branch was looked through already.
  const reached = new Map<string, number>();
  let best = greedy([...counts], sizes, bar);
  if (best.length <= lower) return { fills: best, isOptimal: true };
  const chosen: number[][] = [];
  const search = (): boolean => {
    if (nodes.left < 0) return false;
    const first = counts.findIndex((count) => count > 0);
    if (first < 0) {
      if (chosen.length < best.length) best = chosen.map((fill) => [...fill]);
      return best.length <= lower;
    }
    // The bounds of a node look at every pair of lengths.
    nodes.left -= sizes.length ** 2;
    if (chosen.length + lowerBound(counts, sizes, bar) >= best.length) return false;
    const state = counts.join();
    if ((reached.get(state) ?? Infinity) <= chosen.length) return false;
    reached.set(state, chosen.length);
    const { fills, steps } = fillsWith(first, counts, sizes, bar);
    nodes.left -= steps;
    for (const fill of fills) {
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
  return { fills: best, isOptimal: nodes.left >= 0 || best.length <= lower };
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
export function lowerBound(counts: readonly number[], sizes: readonly number[], bar: number): number {
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
): { readonly fills: number[][]; readonly steps: number } {
  const found: { fill: number[]; room: number }[] = [];
  const fill = counts.map(() => 0);
  fill[first] = 1;
  /** Length of all pieces from a kind on. */
  const rest = new Array<number>(sizes.length + 1).fill(0);
  for (let i = sizes.length - 1; i >= 0; i -= 1)
    rest[i] = (rest[i + 1] ?? 0) + (sizes[i] ?? 0) * ((counts[i] ?? 0) - (fill[i] ?? 0));
  let steps = MOST_STEPS;
  /** @param skipped smallest piece that was left out, though there is one more of it */
  const extend = (at: number, room: number, skipped: number): void => {
    steps -= 1;
    if (steps < 0 || found.length > MOST_FILLS / sizes.length) return;
    // Even with all that is left there would be room for one that was left out.
    if (room - (rest[at] ?? 0) >= skipped) return;
    if (at === sizes.length) {
      found.push({ fill: [...fill], room });
      return;
    }
    const size = sizes[at] ?? 1;
    const taken = fill[at] ?? 0;
    const there = (counts[at] ?? 0) - taken;
    const most = Math.min(there, Math.floor(room / size + 1e-9));
    for (let n = most; n >= 0; n -= 1) {
      fill[at] = taken + n;
      extend(at + 1, room - n * size, n < there ? Math.min(skipped, size) : skipped);
    }
    fill[at] = taken;
  };
  extend(first, bar - (sizes[first] ?? 0), Infinity);
  return {
    fills: found.sort((a, b) => a.room - b.room).map((one) => one.fill),
    steps: MOST_STEPS - steps + found.length,
  };
}
const MOST_FILLS = 48_000;
const MOST_STEPS = 200_000;

/** A good start: each bar is filled as full as it goes round the largest piece left. */
function greedy(counts: number[], sizes: readonly number[], bar: number): number[][] {
  const fills: number[][] = [];
  for (;;) {
    const first = counts.findIndex((count) => count > 0);
    if (first < 0) return fills;
    const {
      fills: [fill],
    } = fillsWith(first, counts, sizes, bar);
    if (!fill) return fills;
    fills.push(fill);
    fill.forEach((n, i) => {
      counts[i] = (counts[i] ?? 0) - n;
    });
  }
}
