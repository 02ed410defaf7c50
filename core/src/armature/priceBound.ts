/** Steps of the search for prices. */
const STEPS = 400;

function gcd(a: number, b: number): number {
  return b === 0 ? a : gcd(b, a % b);
}

/** The fill of a bar that is worth most at given prices, and its worth (bounded knapsack by dynamic programming). */
function dearestFill(
  prices: readonly number[],
  sizes: readonly number[],
  counts: readonly number[],
  bar: number,
): { fill: number[]; worth: number } {
  const worth = new Float64Array(bar + 1);
  const taken = sizes.map(() => new Uint8Array(bar + 1));
  sizes.forEach((size, i) => {
    const price = prices[i] ?? 0;
    const most = Math.min(counts[i] ?? 0, 255);
    const marks = taken[i];
    if (!marks || size <= 0) return;
    // From the top down each kind sees only what the kinds before it have made.
    for (let room = bar; room >= size; room -= 1) {
      let [best, number] = [worth[room] ?? 0, 0];
      for (let n = 1; n <= most && n * size <= room; n += 1) {
        const value = (worth[room - n * size] ?? 0) + n * price;
        if (value > best + 1e-12) [best, number] = [value, n];
      }
      worth[room] = best;
      marks[room] = number;
    }
  });
  const fill = sizes.map(() => 0);
  let room = bar;
  for (let i = sizes.length - 1; i >= 0; i -= 1) {
    const n = taken[i]?.[room] ?? 0;
    fill[i] = n;
    room -= n * (sizes[i] ?? 0);
  }
  return { fill, worth: worth[bar] ?? 0 };
}

/**
 * A number of bars that no nesting does with less than: what all pieces are worth at prices at which no bar holds more than
 * 1 (the dual of Gilmore & Gomory 1961). Any prices give a true bound once they are scaled so; good ones are looked for by
 * raising what the dearest bar leaves out and lowering what it is full of.
 *
 * @param enough a bound so high will do
 */
export function priceBound(
  counts: readonly number[],
  sizes: readonly number[],
  bar: number,
  enough: number,
): number {
  const unit = sizes.reduce(gcd, bar);
  const [small, room] = [sizes.map((size) => size / unit), bar / unit];
  let prices = small.map((size) => size / room);
  let best = 0;
  for (let step = 0; step < STEPS; step += 1) {
    const all = prices.reduce((sum, price, i) => sum + price * (counts[i] ?? 0), 0);
    const { fill, worth } = dearestFill(prices, small, counts, room);
    if (all === 0 || worth === 0) break;
    best = Math.max(best, Math.ceil(all / worth - 1e-9));
    if (best >= enough) break;
    const pace = 1.5 / Math.sqrt(step + 4);
    prices = prices.map((price, i) => {
      const wanted = (price * (counts[i] ?? 0)) / all;
      const had = (price * (fill[i] ?? 0)) / worth;
      return price * Math.exp(pace * (wanted - had));
    });
  }
  return best;
}
