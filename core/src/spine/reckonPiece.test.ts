import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { lowWaterFerry, tollFrogs } from '../demo/index.ts';
import { makeShapeStore, PLAIN_PERSON } from '../form/index.ts';
import type { Part, Piece } from '../piece/index.ts';
import { validateBook } from '../reckoning/index.ts';
import { kindOf, reckonPiece } from './index.ts';

const NOW = '2026-05-01T09:00:00Z';
const shapes = makeShapeStore();
const reckon = (piece: Piece, workshopOwn = {}) => reckonPiece(piece, { shapes, workshopOwn, now: NOW });
const ferry = lowWaterFerry(NOW);
const value = (piece: Piece, id: `${string}/${string}`) =>
  reckon(piece).book.get(id)?.quantity.value ?? Number.NaN;
const changed = (piece: Piece, id: string, change: Partial<Part>): Piece => ({
  ...piece,
  parts: piece.parts.map((part) => (part.id === id ? { ...part, ...change } : part)),
});

describe('the demo pieces', () => {
  it.each([ferry, tollFrogs(NOW)])(
    '$name reckons without a fault; every figure is in the catalogue with its unit',
    (piece) => {
      const { book, faults } = reckon(piece);
      validateBook(book);
      expect(faults).toEqual([]);
      for (const figure of book.all)
        expect(kindOf(figure.key), figure.key).toMatchObject({
          stage: figure.lens,
          unit: figure.quantity.unit,
        });
    },
  );

  it('the ferrywoman is 1.66 m ÷ 12, and her parts the published shares of it (Drillis & Contini)', () => {
    expect(value(ferry, 'ferrywoman/measure.stature')).toBeCloseTo(138.333, 3);
    expect(value(ferry, 'ferrywoman/measure.eyes')).toBeCloseTo(138.333 * 0.936, 3);
    expect(value(ferry, 'ferrywoman/measure.shoulders')).toBeCloseTo(138.333 * 0.259, 3);
  });

  it('her measured shoulders are too broad, and it says what they read as', () => {
    const made = reckon(ferry).book.get('ferrywoman/made.shoulders');
    expect(made?.quantity.value).toBeCloseTo(37.9 - 35.83, 2);
    expect(made?.verdict).toMatchObject({
      level: 'stop',
      says: expect.stringContaining('too large, reads as 45.5 cm'),
    });
    expect(made?.verdict?.waysOut.length).toBeGreaterThan(0);
  });

  it('the burned handles are held against the card, and the lesson is kept', () => {
    expect(reckon(ferry).book.get('mug-handle/log.time.handles-1')?.verdict?.level).toBe('doubtful');
    expect(reckon(ferry).book.get('mug-handle/log.time.handles-2')?.verdict?.level).toBe('good');
  });

  it('frogs 32 mm to the eyes carry a range, their bases do not', () => {
    const { book } = reckon(tollFrogs(NOW));
    expect(book.get('pike/size.height')?.quantity.low).toBeLessThan(
      book.get('pike/size.height')?.quantity.value ?? 0,
    );
    expect(book.get('base/size.width')?.quantity).toEqual({ value: 32, unit: 'mm' });
  });

  it('mixed clays that want different heat are said to', () => {
    const frogs = tollFrogs(NOW);
    const beam = frogs.parts.find(({ id }) => id === 'gate-beam');
    const keeper = frogs.parts.find(({ id }) => id === 'toll-keeper');
    const mixed = changed(frogs, 'gate-beam', { mix: [...(beam?.mix ?? []), ...(keeper?.mix ?? [])] });
    const temperature = reckon(mixed).book.get('gate-beam/bake.temperature');
    expect(temperature?.quantity.high).toBe(120);
    expect(temperature?.verdict?.says).toContain('more heat');
  });
});

describe('one form, everything follows', () => {
  it('half the scale: half the height, an eighth of the volume', () => {
    const half: Piece = { ...ferry, scale: { kind: 'ratio', ratio: 24 } };
    expect(value(half, 'ferrywoman/size.height')).toBeCloseTo(value(ferry, 'ferrywoman/size.height') / 2, 9);
    expect(value(half, 'ferrywoman/size.volume')).toBeCloseTo(value(ferry, 'ferrywoman/size.volume') / 8, 9);
    expect(value(half, 'base/size.width')).toBeNaN();
  });

  it('without a core the quay is too thick, and the way out it offers mends it', () => {
    const solid = changed(ferry, 'quay', { core: { kind: 'none', skinMm: null, packed: 'balled' } });
    const thickest = reckon(solid).book.get('quay/bulk.thickest');
    expect(thickest?.quantity.value).toBeCloseTo(60, 6);
    expect(thickest?.verdict?.level).toBe('stop');
    expect(thickest?.verdict?.waysOut[0]?.change).toEqual({
      path: ['parts', 'quay', 'core', 'kind'],
      value: 'foil',
    });
    const mended = changed(solid, 'quay', { core: { kind: 'foil', skinMm: null, packed: 'balled' } });
    expect(reckon(mended).book.get('quay/bulk.thickest')?.verdict?.level).toBe('good');
  });

  it('clay and core together fill the form', () => {
    const { book } = reckon(ferry);
    for (const part of ['ferrywoman', 'post', 'quay']) {
      const sum =
        (book.get(`${part}/bulk.solid`)?.quantity.value ?? 0) +
        (book.get(`${part}/bulk.core`)?.quantity.value ?? 0);
      expect(sum).toBeCloseTo(book.get(`${part}/size.volume`)?.quantity.value ?? 0, 9);
    }
  });

  it('the clays’ masses add up to what the parts take', () => {
    const { book } = reckon(tollFrogs(NOW));
    const total = (prefix: string) =>
      book.all
        .filter(({ key }) => key.startsWith(prefix))
        .reduce((sum, { quantity }) => sum + quantity.value, 0);
    const parts = book.all
      .filter(({ key }) => key === 'bulk.clay')
      .reduce((sum, { quantity }) => sum + quantity.value, 0);
    expect(total('bulk.mass.')).toBeCloseTo(parts, 9);
  });

  it('a thicker copy takes longer by the packet’s rule and by the heat that goes in', () => {
    const thick = changed(ferry, 'cord', {
      form: { kind: 'ring', acrossMm: 500, thicknessMm: 150, lying: true },
      core: { kind: 'none', skinMm: null, packed: 'balled' },
    });
    expect(value(thick, 'cord/bake.hold')).toBeGreaterThan(value(ferry, 'cord/bake.hold'));
    const from = (piece: Piece) => reckon(piece).book.get('cord/bake.minutes')?.quantity.low ?? Number.NaN;
    expect(from(thick)).toBeGreaterThan(from(ferry));
  });

  it('own values of the piece go before the workshop’s, and both before the handbook’s', () => {
    expect(reckon(ferry, { 'oven.dial-error': 3 }).book.get('/bake.dial.bake-full.1')?.quantity.value).toBe(
      130 - 8,
    );
    expect(
      reckon({ ...ferry, own: {} }, { 'oven.dial-error': 3 }).book.get('/bake.dial.bake-full.1')?.quantity
        .value,
    ).toBe(127);
    expect(reckon({ ...ferry, own: {} }).book.get('/bake.dial.bake-1.1')?.verdict?.level).toBe('doubtful');
  });

  it('short bakes are planned only by makers who bake so, and only before more clay goes on', () => {
    const shortOf = (piece: Piece) => reckon(piece).plan.filter(({ way }) => way === 'set');
    expect(shortOf(ferry).flatMap(({ loads }) => loads.map(({ minutes }) => minutes))).toEqual([10]);
    const full = {
      ...ferry,
      brief: { ...ferry.brief, schools: { ...ferry.brief.schools, heat: 'full' as const } },
    };
    expect(shortOf(full)).toEqual([]);
  });

  it('a heroic figure scale keeps the height and thickens the head', () => {
    const frogs = tollFrogs(NOW);
    const heroic: Piece = {
      ...frogs,
      scale: { kind: 'figure', heightMm: 32, datum: 'eyes', statureMm: 1750, heroic: true },
    };
    const life = changed(heroic, 'toll-keeper', {
      form: { ...PLAIN_PERSON, statureMm: 1750, headsTall: 7.5 },
    });
    const plain = changed(frogs, 'toll-keeper', {
      form: { ...PLAIN_PERSON, statureMm: 1750, headsTall: 7.5 },
    });
    expect(value(life, 'toll-keeper/size.height')).toBeCloseTo(value(plain, 'toll-keeper/size.height'), 9);
    expect(value(life, 'toll-keeper/measure.head') / value(plain, 'toll-keeper/measure.head')).toBeCloseTo(
      1.2,
      6,
    );
  });

  it('a part that cannot be built is a fault with its reason; the others still reckon', () => {
    const broken = changed(ferry, 'oar', {
      form: { kind: 'rod', lengthMm: 10, startMm: 42, endMm: 36, lying: false },
    });
    const { faults, book } = reckon(broken);
    expect(faults).toEqual([
      { part: 'oar', says: expect.stringContaining('rod: lengthMm wants more than 42 mm') },
    ]);
    expect(book.get('post/size.height')).toBeDefined();
  });

  it('over the budget and past the day are said', () => {
    const late = { ...ferry, brief: { ...ferry.brief, budget: 5, due: '2026-04-29' } };
    expect(reckon(late).book.get('/bulk.cost')?.verdict?.says).toContain('over the budget');
    expect(reckon(late).book.get('/brief.days')?.verdict?.says).toBe('due 2 days ago');
  });

  it('stays finite and consistent at any scale (property)', () => {
    fc.assert(
      fc.property(fc.double({ min: 0.1, max: 1000, noNaN: true }), (ratio) => {
        validateBook(reckon({ ...ferry, scale: { kind: 'ratio', ratio } }).book);
      }),
      { seed: 1200, numRuns: 60 },
    );
  });
});
