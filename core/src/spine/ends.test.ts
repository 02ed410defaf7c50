import { describe, expect, it } from 'vitest';
import { makeShapeStore } from '../form/index.ts';
import {
  addPart,
  type ClayId,
  DEFAULT_PART,
  newPiece,
  type PartId,
  type Piece,
  setAt,
  withRough,
} from '../piece/index.ts';
import { parseLength, parseRough, type ReadOne } from '../units/index.ts';
import { reckonPiece } from './index.ts';

const NOW = '2026-11-26T10:00:00Z';
const shapes = makeShapeStore();
const book = (piece: Piece) => reckonPiece(piece, { shapes, workshopOwn: {}, now: NOW }).book;
const length: ReadOne = (text) => {
  const read = parseLength(text, { unit: 'mm', sign: 'positive' });
  return read.ok ? { ok: true, value: read.lengthMm } : { ok: false, says: read.error.message };
};

/** A solid rod of clay on the bench. */
function rod(): Piece {
  const empty = newPiece('p', NOW);
  const [clay] = empty.clays;
  return addPart(empty, {
    ...DEFAULT_PART,
    id: 'rod' as PartId,
    name: 'Rod',
    sized: 'miniature',
    form: { kind: 'cylinder', heightMm: 40, bottomMm: 10, topMm: 10, lying: false },
    mix: [{ clay: clay?.id as ClayId, parts: 1 }],
    core: { kind: 'none', skinMm: null, packed: 'balled' },
  });
}

/** The rod with a length as it was typed. */
function typed(piece: Piece, field: string, text: string): Piece {
  const path = ['parts', 'rod', 'form', field];
  const reading = parseRough(text, length);
  if (!reading.ok) throw new Error(reading.says);
  return withRough(setAt(piece, path, reading.rough.value), path, reading.rough);
}

describe('rough amounts', () => {
  it('carry their range through: a rod of 40 to 50 mm has its volume as πr² × both (geometry)', () => {
    const piece = typed(rod(), 'heightMm', '40 to 50 mm');
    const { quantity } = book(piece).get('rod/size.volume') ?? expect.fail('no volume');
    expect(quantity.low).toBeCloseTo((Math.PI * 25 * 40) / 1000, 6);
    expect(quantity.high).toBeCloseTo((Math.PI * 25 * 50) / 1000, 6);
    expect(quantity.value).toBeCloseTo((Math.PI * 25 * 45) / 1000, 6);
  });

  it('two of them: brute force over all four ends gives the same range, for every figure', () => {
    const piece = typed(typed(rod(), 'heightMm', '30–42 mm'), 'bottomMm', 'about 10');
    const all = book(piece).all;
    const corners = [30, 42].flatMap((heightMm) =>
      [9, 11].map((bottomMm) =>
        book(
          setAt(
            setAt({ ...piece, rough: [] }, ['parts', 'rod', 'form', 'heightMm'], heightMm),
            ['parts', 'rod', 'form', 'bottomMm'],
            bottomMm,
          ),
        ),
      ),
    );
    let ranges = 0;
    for (const { id, quantity } of all) {
      const ends = corners.flatMap((one) => one.get(id) ?? []);
      if (ends.length === 0) continue;
      const least = Math.min(...ends.map(({ quantity: q }) => q.low ?? q.value));
      const most = Math.max(...ends.map(({ quantity: q }) => q.high ?? q.value));
      expect(quantity.low ?? quantity.value, id).toBeLessThanOrEqual(least + 1e-9);
      expect(quantity.high ?? quantity.value, id).toBeGreaterThanOrEqual(most - 1e-9);
      if (quantity.low !== undefined) ranges += 1;
    }
    expect(ranges).toBeGreaterThan(8);
  });

  it('three of them: a frustum has the range of all eight ends (geometry: πh(r² + rR + R²)/3)', () => {
    const piece = typed(typed(typed(rod(), 'heightMm', '30–42 mm'), 'bottomMm', '9–11'), 'topMm', '4 to 6');
    const frustum = (h: number, a: number, b: number) => (Math.PI * h * (a * a + a * b + b * b)) / 12 / 1000;
    const { quantity } = book(piece).get('rod/size.volume') ?? expect.fail('no volume');
    expect(quantity.low).toBeCloseTo(frustum(30, 9, 4), 6);
    expect(quantity.high).toBeCloseTo(frustum(42, 11, 6), 6);
  });

  it('of four, one that works against the others still has its ends: a wall of foil under a thicker skin', () => {
    const four = typed(
      typed(typed(rod(), 'heightMm', '30–42 mm'), 'bottomMm', '19–21'),
      'topMm',
      '18 to 20 mm',
    );
    const skin = { ...four.parts[0]?.core, kind: 'foil' as const, skinMm: 2.5 };
    const path = ['parts', 'rod', 'core', 'skinMm'];
    const reading = parseRough('2 to 3 mm', length);
    if (!reading.ok) throw new Error(reading.says);
    const piece = withRough(setAt(four, ['parts', 'rod', 'core'], skin), path, reading.rough);
    const foil = (h: number, bottom: number, top: number, thick: number) => {
      const ends = { heightMm: h, bottomMm: bottom, topMm: top };
      const exact = Object.entries(ends).reduce<Piece>(
        (now, [field, mm]) => setAt(now, ['parts', 'rod', 'form', field], mm),
        setAt({ ...piece, rough: [] }, path, thick),
      );
      return book(exact).get('rod/bulk.core')?.quantity.value ?? expect.fail('no core');
    };
    const { quantity } = book(piece).get('rod/bulk.core') ?? expect.fail('no core');
    expect(quantity.low).toBeLessThanOrEqual(foil(30, 19, 18, 3) + 1e-9);
    expect(quantity.high).toBeGreaterThanOrEqual(foil(42, 21, 20, 2) - 1e-9);
  });

  it('are judged at the end that matters: a rod of 11 to 14 mm may be too thick to cure through', () => {
    const piece = typed(typed(rod(), 'bottomMm', '11 to 14 mm'), 'topMm', '11 to 14 mm');
    const { verdict } = book(piece).get('rod/bulk.thickest') ?? expect.fail('no thickness');
    expect(verdict?.level).toBe('stop');
    expect(verdict?.says).toContain('at an end of what is rough');
    expect(book(typed(rod(), 'bottomMm', '9 to 11 mm')).get('rod/bulk.thickest')?.verdict?.level).toBe(
      'good',
    );
  });

  it('of a limit only the limit is reckoned with, and an exact amount is no longer rough', () => {
    const most = typed(rod(), 'heightMm', '33 or less');
    expect(book(most).get('rod/size.height')?.quantity).toEqual({ value: 33, unit: 'mm' });
    expect(most.rough).toMatchObject([{ typed: '33 or less', value: 33, low: null, high: 33 }]);
    expect(typed(most, 'heightMm', '33').rough).toEqual([]);
  });

  it('what has been changed since by other means is rough no more', () => {
    const moved = setAt(typed(rod(), 'heightMm', '40 to 50 mm'), ['parts', 'rod', 'form', 'heightMm'], 60);
    expect(book(moved).get('rod/size.height')?.quantity).toEqual({ value: 60, unit: 'mm' });
  });
});
