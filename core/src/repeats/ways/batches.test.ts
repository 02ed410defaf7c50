import { describe, expect, it } from 'vitest';
import { batchesOfSet } from './batches.ts';

describe('a number in batches', () => {
  it('comes to the number, none larger than the usual, none two smaller than another, the small ones first', () => {
    for (let n = 1; n < 400; n += 7) {
      const { sizes } = batchesOfSet(n, 'front', {});
      expect(sizes.reduce((sum, one) => sum + one, 0)).toBe(n);
      expect(Math.max(...sizes)).toBeLessThanOrEqual(12);
      expect(Math.max(...sizes) - Math.min(...sizes)).toBeLessThanOrEqual(1);
      expect([...sizes].sort((a, b) => a - b)).toEqual(sizes);
    }
  });

  it('follows the maker’s own size of a batch', () => {
    expect(batchesOfSet(60, 'above', { 'repeats.batch': 20 }).sizes).toEqual([20, 20, 20]);
    expect(batchesOfSet(25, 'above', {}).sizes).toEqual([8, 8, 9]);
  });
});
