/** A kind of piece: its size and how many of it there are, whole units. */
export interface Sizes {
  readonly sizes: readonly number[];
  readonly counts: readonly number[];
}

/** A filling of one bar and what it is worth. */
export interface Fill {
  /** How many of each kind. */
  readonly fill: readonly number[];
  readonly worth: number;
  /** No filling is worth more than this; the same as the worth when the search came to its end. */
  readonly most: number;
}

/** Branches looked at; with many lengths the bound stands in for what is left. */
const MOST_NODES = 4000;
const SLACK = 1e-12;

/**
 * The filling of a bar that is worth most at given prices (bounded knapsack; branch and bound on the fractional bound, dearest
 * by length first, as in Martello & Toth 1990).
 *
 * @param prices worth of one piece of each kind, 0 or more
 * @param room length of the bar
 * @param budget steps that may still be made; what is made is taken off
 */
export function boundedKnapsack(
  prices: readonly number[],
  { sizes, counts }: Sizes,
  room: number,
  budget: { left: number } = { left: MOST_NODES },
): Fill {
  const order = sizes
    .map((_, i) => i)
    .filter((i) => (prices[i] ?? 0) > 0 && (counts[i] ?? 0) > 0 && (sizes[i] ?? 0) <= room)
    .sort((a, b) => (prices[b] ?? 0) / (sizes[b] ?? 1) - (prices[a] ?? 0) / (sizes[a] ?? 1));
  const [price, size, most] = [prices, sizes, counts].map((list) => order.map((i) => list[i] ?? 0)) as [
    number[],
    number[],
    number[],
  ];
  const n = order.length;
  const taken = new Array<number>(n).fill(0);
  let best = 0;
  let bestTaken = [...taken];
  const allowed = Math.min(MOST_NODES, Math.max(n, budget.left));
  let nodes = allowed;
  /** Most that the kinds from one on can add, the last one cut where the bar ends. */
  const bound = (at: number, left: number): number => {
    let sum = 0;
    for (let k = at; k < n; k += 1) {
      const [s, p, m] = [size[k] ?? 1, price[k] ?? 0, most[k] ?? 0];
      const whole = Math.min(m, Math.floor(left / s));
      sum += whole * p;
      left -= whole * s;
      if (whole < m) return sum + (left / s) * p;
    }
    return sum;
  };
  const walk = (at: number, left: number, worth: number): void => {
    nodes -= 1;
    if (worth > best + SLACK) {
      best = worth;
      bestTaken = [...taken];
    }
    if (at === n || nodes < 0 || worth + bound(at, left) <= best + SLACK) return;
    const [s, p] = [size[at] ?? 1, price[at] ?? 0];
    for (let k = Math.min(most[at] ?? 0, Math.floor(left / s)); k >= 0; k -= 1) {
      taken[at] = k;
      walk(at + 1, left - k * s, worth + k * p);
    }
    taken[at] = 0;
  };
  const root = bound(0, room);
  walk(0, room, 0);
  budget.left -= (allowed - nodes) * n;
  const fill = sizes.map(() => 0);
  order.forEach((i, k) => {
    fill[i] = bestTaken[k] ?? 0;
  });
  return { fill, worth: best, most: nodes < 0 ? root : best };
}
