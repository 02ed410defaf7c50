import { describe, expect, it } from 'vitest';
import { reckonedOne } from '../../armature/testContext.ts';
import { DEFAULT_MOULD, type MouldChoice, type Piece } from '../../piece/index.ts';
import { castFault, castLogged, learnedShrink } from './casts.ts';

const AT = '2026-05-01T10:00:00.000Z';
const { piece: BARE } = withMould({});

function withMould(over: Partial<MouldChoice>, change: Partial<Piece> = {}) {
  const mould: MouldChoice = { ...DEFAULT_MOULD, casts: 'air-dry', ...over };
  const found = reckonedOne({ kind: 'ball', diameterMm: 600 }, { mould }, change);
  return { ...found, piece: found.one.piece };
}

const mug = (piece: Piece) => piece.parts[0] ?? expect.fail('no part');
const measured = (castMm: number, piece = BARE) =>
  castLogged(piece, mug(piece), { masterMm: 50, castMm }, AT);
const oversize = (piece: Piece = BARE) => {
  const { book } = withMould({}, { log: piece.log });
  return book.get('one/mould.oversize')?.quantity ?? expect.fail('not reckoned');
};

describe('casts that were measured', () => {
  it('the mean of what was measured is that of the ratios, and knows its ends', () => {
    const piece = measured(46, measured(47.5));
    const found = learnedShrink(piece.log, { of: 'putty', casts: 'air-dry' });
    expect(found?.n).toBe(2);
    // √(50 ÷ 46 × 50 ÷ 47.5)
    expect(found?.larger).toBeCloseTo(1.06967, 4);
    expect(found?.low).toBeCloseTo(1.05263, 4);
    expect(found?.high).toBeCloseTo(1.08696, 4);
    expect(learnedShrink(piece.log, { of: 'putty', casts: 'clay' })).toBeNull();
    expect(learnedShrink(piece.log, { of: 'clay', casts: 'air-dry' })).toBeNull();
  });

  it('the next master leans to them, the more the more there are', () => {
    const before = oversize().value;
    const found = 50 / 42;
    const once = oversize(measured(42)).value;
    const often = oversize(measured(42, measured(42, measured(42)))).value;
    expect(once).toBeGreaterThan(before);
    expect(once).toBeLessThan(found);
    expect(found - often).toBeLessThan(found - once);
    // One cast weighs as much as the handbook: the middle of both, by ratio.
    expect(once / before).toBeCloseTo(found / once, 9);
  });

  it('a cast of a cast counts for two', () => {
    const { piece: two } = withMould({ generations: 2 });
    const found = learnedShrink(measured(45, two).log, { of: 'putty', casts: 'air-dry' });
    expect((found?.larger ?? 0) ** 2).toBeCloseTo(50 / 45, 9);
  });

  it('lengths that cannot be of one and the same place are refused with what to do', () => {
    expect(castFault({ masterMm: 50, castMm: 25 })).toMatch(/differs by 50 %: measure the same length/);
    expect(castFault({ masterMm: 0, castMm: 25 })).toMatch(/want a length/);
    expect(castFault({ masterMm: 50, castMm: 51 })).toBeNull();
    expect(() => measured(5)).toThrow(RangeError);
    expect(() => castLogged(BARE, { ...mug(BARE), mould: null }, { masterMm: 5, castMm: 5 }, AT)).toThrow(
      /no mould/,
    );
  });
});
