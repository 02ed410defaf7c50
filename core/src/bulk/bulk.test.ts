import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { foilLengthMm, foilToTear, packsFor } from './index.ts';
import { skinRow } from './skin.ts';

describe('foil', () => {
  it('a 40 mm ball balled by hand takes 1.05 m of a 300 mm roll (common practice: 5.0 cm³ of metal, 3 140 cm²)', () => {
    const ball = 33_510;
    expect(foilLengthMm(ball, 0.15, 0.016, 300) / 1000).toBeCloseTo(1.05, 2);
    expect((ball * 0.15) / 1000).toBeCloseTo(5.0, 1);
    expect((foilLengthMm(ball, 0.15, 0.016, 300) * 300) / 100 / 3140).toBeCloseTo(1, 2);
  });

  it('hammered hard takes three times what loose takes', () => {
    expect(foilLengthMm(1000, 0.3, 0.016, 300) / foilLengthMm(1000, 0.1, 0.016, 300)).toBeCloseTo(3, 12);
  });

  it('refuses foil of no thickness or width', () => {
    expect(() => foilLengthMm(1000, 0.15, 0, 300)).toThrow(
      'foil wants a thickness and a width over 0, got 0 × 300 mm',
    );
    expect(() => foilLengthMm(1000, 0.15, 0.016, Number.NaN)).toThrow(RangeError);
  });
});

describe('what to tear off', () => {
  it('is a length of roll, or a scrap of the same area', () => {
    expect(foilToTear(1047, 300)).toBe('1.05 m of foil');
    expect(foilToTear(213, 300)).toBe('21.3 cm of foil');
    // 1.8 × 300 = 540 mm², 23.2 mm squared.
    expect(foilToTear(1.8, 300)).toBe('a scrap of foil 24 mm square');
  });
});

describe('packs', () => {
  it('buys whole packs and says what is left', () => {
    expect(packsFor(120, 57)).toEqual({ packs: 3, leftG: 51 });
    expect(packsFor(57, 57)).toEqual({ packs: 1, leftG: 0 });
    expect(packsFor(0, 57)).toEqual({ packs: 0, leftG: 0 });
    expect(() => packsFor(1, 0)).toThrow('a pack wants to hold more than 0 g');
  });

  it('never buys too little, nor a pack too many (property)', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0, max: 1e5, noNaN: true }),
        fc.double({ min: 1, max: 2000, noNaN: true }),
        (need, pack) => {
          const { packs, leftG } = packsFor(need, pack);
          return Number.isInteger(packs) && leftG >= -1e-5 && leftG < pack + 1e-5;
        },
      ),
      { seed: 57 },
    );
  });
});

describe('skin', () => {
  it('goes from dollhouse to tabletop with the scale (common practice: 3 to 6 mm, 1 to 2 mm)', () => {
    expect(skinRow(12)).toBe('bulk.skin-dollhouse');
    expect(skinRow(58.5)).toBe('bulk.skin-tabletop');
  });
});
