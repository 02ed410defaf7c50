import { describe, expect, it } from 'vitest';
import { reckonedOne } from '../../armature/testContext.ts';
import { DEFAULT_MOULD } from '../../piece/index.ts';
import { rocksOf } from './rocks.ts';

const ROCK = { acrossMm: 12, alongMm: 8, highMm: 6, volumeMm3: 300 };

describe('rocks by volume and size', () => {
  it('ten of 0.3 cm³ with a fifth in crumbs take 3.75 cm³', () => {
    const rocks = rocksOf(ROCK, 10, 20);
    expect(rocks.clayMm3).toBeCloseTo(3750, 9);
    // A tray of 25 × 25 × 6, and a sheet 6 thick of 625 mm².
    expect(rocks.traySideMm).toBeCloseTo(25, 9);
    expect(rocks.sheetMm2).toBeCloseTo(625, 9);
    expect(rocks.sheetThickMm).toBe(6);
  });

  it('wants a rock, and crumbs that leave some', () => {
    expect(() => rocksOf(ROCK, 0, 20)).toThrow(RangeError);
    expect(() => rocksOf(ROCK, 3, 100)).toThrow(/less than 100 %/);
  });

  it('stands in the figures of a mould of foil, and in no other', () => {
    const clay = (of: 'foil' | 'putty') =>
      reckonedOne(
        { kind: 'ball', diameterMm: 120 },
        { mould: { ...DEFAULT_MOULD, kind: of === 'foil' ? 'foil' : 'press', of, runs: 12 } },
      ).book.get('one/mould.rocks')?.quantity.value;
    // Balls of 10: 12 × π ÷ 6 × 10³ ÷ 0.8
    expect(clay('foil')).toBeCloseTo(7.854, 2);
    expect(clay('putty')).toBeUndefined();
  });
});
