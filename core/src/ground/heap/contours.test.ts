import { describe, expect, it } from 'vitest';
import { areaOf } from '../../form/index.ts';
import { DEFAULT_HEAP, type Heap } from '../../piece/index.ts';
import { contoursOf } from './contours.ts';

const square = (mm: number): Heap['points'] => [
  { xMm: -mm / 2, yMm: -mm / 2 },
  { xMm: mm / 2, yMm: -mm / 2 },
  { xMm: mm / 2, yMm: mm / 2 },
  { xMm: -mm / 2, yMm: mm / 2 },
];
const rise = (over: Partial<Heap> = {}): Heap => ({
  ...DEFAULT_HEAP,
  id: 'rise',
  points: square(100),
  heightMm: 10,
  slopeDeg: 45,
  ...over,
});

describe('the contours of a rise', () => {
  it('lie at even heights, as far in as its slope brings them: at 45° a millimetre in for one up', () => {
    const lines = contoursOf(rise());
    expect(lines.map(({ highMm }) => highMm)).toEqual([2, 4, 6, 8]);
    for (const { highMm, ring } of lines)
      expect(Math.sqrt(areaOf([[ring]]))).toBeCloseTo(100 - 2 * highMm, 3);
  });

  it('end where its sides meet', () => {
    // A square of 20 mm at 45° gets no higher than 10.
    expect(contoursOf(rise({ points: square(20), heightMm: 40 })).at(-1)?.highMm).toBeLessThan(10);
  });

  it('are never more than are read, however high it is', () => {
    for (const heightMm of [3, 17, 60, 240, 900])
      expect(contoursOf(rise({ points: square(4000), heightMm })).length).toBeLessThanOrEqual(8);
  });

  it('are none of upright sides, or of what is no outline', () => {
    expect(contoursOf(rise({ slopeDeg: 90 }))).toEqual([]);
    expect(contoursOf(rise({ points: square(50).slice(0, 2) }))).toEqual([]);
  });
});
