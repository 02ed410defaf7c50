import highsLoader from 'highs';
import { describe, expect, it } from 'vitest';
import { nest, type Stock } from './nest.ts';

/** Even numbers of a fixed seed (a linear congruential generator, Numerical Recipes). */
function seeded(seed: number): (most: number) => number {
  let state = seed;
  return (most) => {
    state = (Math.imul(state, 1664525) + 1013904223) >>> 0;
    return Math.floor((state / 2 ** 32) * most);
  };
}

const BAR = 1000;
const bars: Stock[] = [{ lengthMm: BAR, count: Infinity }];

/** A case: up to 12 lengths and 60 pieces. */
function caseOf(seed: number): number[] {
  const random = seeded(seed * 7919 + 1);
  const kinds = Array.from({ length: 2 + random(11) }, () => 90 + random(480));
  return Array.from({ length: 4 + random(57) }, () => kinds[random(kinds.length)] ?? 100);
}

/** Every maximal way to fill a bar, by brute force. */
function patterns(sizes: readonly number[], bar: number): number[][] {
  const found: number[][] = [];
  const walk = (at: number, room: number, fill: number[]): void => {
    const size = sizes[at];
    if (size === undefined) {
      if (room < Math.min(...sizes)) found.push(fill);
      return;
    }
    for (let n = Math.floor(room / size); n >= 0; n -= 1) walk(at + 1, room - n * size, [...fill, n]);
  };
  walk(0, bar, []);
  return found;
}

const highs = await highsLoader();

/** Fewest bars by HiGHS: one whole number a pattern, every length covered, no remainder taken oftener than it is there. */
function fewestByHighs(pieces: readonly number[], kerf: number, remainders: readonly Stock[] = []): number {
  const sizes = [...new Set(pieces)].sort((a, b) => b - a);
  const lengths = sizes.map((size) => size + kerf);
  const of = (on: number, mm: number) => patterns(lengths, mm + kerf).map((fill) => ({ on, fill }));
  const all = [...of(-1, BAR), ...remainders.flatMap(({ lengthMm }, on) => of(on, lengthMm))];
  const cover = sizes.map((size, k) => {
    const terms = all.flatMap(({ fill }, p) => ((fill[k] ?? 0) > 0 ? [`${fill[k]} x${p}`] : []));
    return ` c${k}: ${terms.join(' + ')} >= ${pieces.filter((one) => one === size).length}`;
  });
  remainders.forEach(({ count }, j) => {
    const terms = all.flatMap(({ on }, p) => (on === j ? [`x${p}`] : []));
    if (terms.length > 0) cover.push(` r${j}: ${terms.join(' + ')} <= ${count}`);
  });
  const bought = all.flatMap(({ on }, p) => (on < 0 ? [`x${p}`] : []));
  const names = all.map((_, p) => `x${p}`);
  const wrapped = (list: readonly string[], by: string) => list.join(by).replace(/(.{200,}? )/g, '$1\n');
  const model = `Minimize\n obj: ${wrapped(bought, ' + ')}\nSubject To\n${cover.map((line) => wrapped([line], '')).join('\n')}\nGeneral\n ${wrapped(names, ' ')}\nEnd`;
  return Math.round(highs.solve(model, { mip_rel_gap: 0, mip_abs_gap: 0.5 }).ObjectiveValue);
}

/** What must hold of any nesting: every piece once, none over the length of its bar. */
function validateNesting(pieces: readonly number[], kerf: number, found: ReturnType<typeof nest>): void {
  const placed = [...found.cuts.flatMap((cut) => cut.pieces), ...found.unplaced].sort((a, b) => a - b);
  expect(placed).toEqual(pieces.map((_, i) => i));
  for (const { stockMm, pieces: on, leftMm } of found.cuts) {
    const used = on.reduce((sum, i) => sum + (pieces[i] ?? 0), 0) + kerf * (on.length - 1);
    expect(used).toBeLessThanOrEqual(stockMm + 0.051 * on.length);
    expect(Math.max(0, stockMm - used)).toBeCloseTo(leftMm, 6);
  }
}

describe('cutting from bars', () => {
  it('takes as few bars as HiGHS finds, in 200 cases of up to 60 pieces and 12 lengths', () => {
    let proved = 0;
    for (let seed = 0; seed < 200; seed += 1) {
      const pieces = caseOf(seed);
      const found = nest(pieces, bars, 1);
      validateNesting(pieces, 1, found);
      expect(found.cuts.length, `seed ${seed}`).toBe(fewestByHighs(pieces, 1));
      if (found.isOptimal) proved += 1;
      expect(found.boundMm).toBeLessThanOrEqual(found.usedMm);
    }
    expect(proved).toBe(200);
  });

  it('buys as few bars as HiGHS does when there are remainders, in 100 cases', () => {
    let proved = 0;
    for (let seed = 0; seed < 100; seed += 1) {
      const random = seeded(seed * 104_729 + 7);
      const kinds = Array.from({ length: 2 + random(7) }, () => 60 + random(420));
      const pieces = Array.from({ length: 4 + random(21) }, () => kinds[random(kinds.length)] ?? 100);
      const remainders = Array.from({ length: 1 + random(4) }, () => ({
        lengthMm: 120 + random(600),
        count: 1 + random(3),
      }));
      const found = nest(pieces, [...remainders, ...bars], 1);
      validateNesting(pieces, 1, found);
      for (const { lengthMm } of remainders) {
        const there = remainders
          .filter((one) => one.lengthMm === lengthMm)
          .reduce((sum, { count }) => sum + count, 0);
        const used = found.cuts.filter(({ stockMm }) => stockMm === lengthMm).length;
        expect(used, `seed ${seed}`).toBeLessThanOrEqual(there);
      }
      const bought = found.cuts.filter(({ stockMm }) => stockMm === BAR).length;
      expect(bought, `seed ${seed}`).toBe(fewestByHighs(pieces, 1, remainders));
      if (found.isOptimal) proved += 1;
    }
    expect(proved).toBeGreaterThanOrEqual(95);
  });

  it('counts the cut between two pieces, not the one that is not made', () => {
    expect(nest([500, 500], bars, 0).cuts).toHaveLength(1);
    expect(nest([500, 500], bars, 1).cuts).toHaveLength(2);
    expect(nest([499.5, 499.5], bars, 1).cuts).toHaveLength(1);
  });

  it('ten stalks of 2 to 2½ in take 20 to 25 in of wire (common practice)', () => {
    for (const inch of [2, 2.5]) {
      const { cuts } = nest(
        Array.from({ length: 10 }, () => inch * 25.4),
        [{ lengthMm: 25.4 * inch * 10, count: Infinity }],
        0,
      );
      expect(cuts).toHaveLength(1);
      expect(cuts[0]?.leftMm).toBeCloseTo(0, 6);
    }
  });

  it('uses remainders up first, the shortest that will do', () => {
    const { cuts } = nest([80, 300], [{ lengthMm: 350, count: 1 }, { lengthMm: 100, count: 1 }, ...bars], 1);
    expect(cuts.map(({ stockMm }) => stockMm).sort((a, b) => a - b)).toEqual([100, 350]);
  });

  it('says what goes on no stock, and refuses what is no length', () => {
    expect(nest([1200, 200], bars, 1).unplaced).toEqual([0]);
    expect(nest([200], [], 1).unplaced).toEqual([0]);
    expect(() => nest([-5], bars, 1)).toThrow(/length over 0/);
    expect(() => nest([5], bars, -1)).toThrow(/loses 0 mm or more/);
    expect(() => nest([Number.NaN], bars, 0)).toThrow(RangeError);
  });

  it('500 pieces come out with a bound, at once', () => {
    const random = seeded(3);
    const pieces = Array.from({ length: 500 }, () => 20 + random(400));
    const found = nest(pieces, bars, 1);
    validateNesting(pieces, 1, found);
    expect(found.usedMm / found.boundMm).toBeLessThan(1.05);
  });
});
