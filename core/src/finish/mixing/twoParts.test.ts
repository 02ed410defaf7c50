import { describe, expect, it } from 'vitest';
import {
  converted,
  leastBatch,
  MixRatioError,
  offByPct,
  pasteOf,
  STIFFNESSES,
  shareOut,
} from './twoParts.ts';

describe('two parts', () => {
  it('are shared out as any cook does it: 30 of 2 to 1 are 20 and 10', () => {
    expect(shareOut(30, { first: 2, second: 1 })).toEqual({ first: 20, second: 10 });
    for (const n of [1, 2, 3]) {
      const { first, second } = shareOut(12, { first: 1, second: n });
      expect(second / first).toBeCloseTo(n, 12);
      expect(first + second).toBeCloseTo(12, 12);
    }
  });

  it('by mass and by volume are two things: 100 to 45 by mass at 1.15 and 0.95 is 100 to 54.5 by volume', () => {
    const byVolume = converted({ first: 100, second: 45 }, { first: 1.15, second: 0.95 }, 'mass');
    // 100 ÷ 1.15 = 86.96 ml and 45 ÷ 0.95 = 47.37 ml.
    expect((100 * byVolume.second) / byVolume.first).toBeCloseTo((100 * 47.368) / 86.957, 2);
    const back = converted(byVolume, { first: 1.15, second: 0.95 }, 'volume');
    expect(back.first / back.second).toBeCloseTo(100 / 45, 12);
  });

  it('a scale that reads to 1 g is off by a fifth and more where little is mixed', () => {
    // 5 g and 5 g may be 5.5 and 4.5.
    expect(offByPct({ first: 5, second: 5 }, 1)).toBeCloseTo(100 * (5.5 / 4.5 - 1), 9);
    expect(offByPct({ first: 1, second: 0.4 }, 1)).toBe(Number.POSITIVE_INFINITY);
  });

  it('the least batch is just as far off as it may be', () => {
    for (const ratio of [
      { first: 1, second: 1 },
      { first: 2, second: 1 },
      { first: 1, second: 3 },
      { first: 100, second: 45 },
    ]) {
      const least = leastBatch(ratio, 0.1, 3);
      expect(offByPct(shareOut(least, ratio), 0.1)).toBeCloseTo(3, 9);
      expect(offByPct(shareOut(2 * least, ratio), 0.1)).toBeLessThan(3);
    }
  });

  it('nothing of one is no mix, and says so', () => {
    expect(() => shareOut(10, { first: 0, second: 1 })).toThrow(MixRatioError);
    expect(() => leastBatch({ first: 1, second: 0 }, 0.1, 3)).toThrow('leave one out');
  });

  it('pastes are stiffer the more powder they have, and never less than their liquid', () => {
    let before = 0;
    for (const stiffness of STIFFNESSES) {
      const { powder, liquid } = pasteOf(10, stiffness);
      expect(powder / liquid).toBeGreaterThan(before);
      before = powder / liquid;
      expect(liquid).toBeLessThan(10);
      expect(powder * 0.5 + liquid).toBeCloseTo(10, 9);
    }
  });
});
