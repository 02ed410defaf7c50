import { describe, expect, it } from 'vitest';
import { wireLines } from '../armature/index.ts';
import { bonesOfOne, reckonedOne } from '../armature/testContext.ts';
import { PLAIN_PERSON } from '../form/index.ts';
import { DEFAULT_LAYER } from '../piece/index.ts';
import { onPlane, planeRange, thicknessAsk, thicknessCells, thicknessMap, thicknessSlice } from './index.ts';

const post = { kind: 'cylinder', heightMm: 80, bottomMm: 30, topMm: 30, lying: false } as const;

function mapOf(kind: 'foil' | 'none', cells = 60_000) {
  const { one, bulk } = reckonedOne(post, {
    sized: 'miniature',
    core: { kind, skinMm: 4, packed: 'balled' },
  });
  const map = thicknessMap(one.shape, {
    ...thicknessAsk(one, bulk.get('one') ?? null, []),
    exactMm: null,
    cells,
  });
  if (!map) throw new Error('ended');
  return map;
}

describe('thickness of the clay of a part', () => {
  it('a solid post of 30 mm is 30 mm thick and told; with a core under 4 mm of skin it is 4 mm and good', () => {
    const solid = mapOf('none');
    expect(Math.abs(solid.thickestMm - 30)).toBeLessThan(2 * solid.errorMm);
    expect(solid.places[0]).toMatchObject({ kind: 'thick' });
    expect(Math.abs((solid.places[0]?.at[1] ?? 0) - 40)).toBeLessThan(26);
    const cored = mapOf('foil');
    expect(cored.places.filter(({ kind }) => kind === 'thick')).toEqual([]);
    // In the corner between wall and end a ball of the skin has a little more room.
    expect(cored.thickestMm).toBeGreaterThan(4 - 2 * cored.errorMm);
    expect(cored.thickestMm).toBeLessThan(6);
  });

  it('clay and core are what a tube and the rod in it are (closed form)', () => {
    const { clayMm3, coreMm3 } = mapOf('foil', 200_000);
    const whole = Math.PI * 15 ** 2 * 80;
    const core = Math.PI * 11 ** 2 * 72;
    expect(coreMm3 / core).toBeCloseTo(1, 1);
    expect((clayMm3 + coreMm3) / whole).toBeCloseTo(1, 1);
  });

  it('a wire is no clay, yet what lies about it stays as thick as the oven has to heat', () => {
    const { context, bones } = bonesOfOne(
      { ...PLAIN_PERSON, statureMm: 1700 },
      { core: { kind: 'none', skinMm: null, packed: 'balled' } },
    );
    const ask = { ...thicknessAsk(context, null, wireLines(context, bones)), cells: 60_000 };
    const [with_, without] = [
      thicknessMap(context.shape, ask),
      thicknessMap(context.shape, { ...ask, wires: [] }),
    ];
    expect(with_?.filled.some((what) => what === 2)).toBe(true);
    expect(with_?.clayMm3).toBeLessThan(without?.clayMm3 ?? 0);
    expect(with_?.thickestMm).toBe(without?.thickestMm);
  });

  it('at every number of cells the thickest is the one figure of the part, and its place says the same', () => {
    const person = { ...PLAIN_PERSON, statureMm: 1700 };
    for (const [form, more] of [
      [post, { sized: 'miniature' }],
      [post, { sized: 'miniature', core: { kind: 'foil', skinMm: 4, packed: 'balled' } }],
      [person, {}],
      [person, { core: { kind: 'foil', skinMm: 4, packed: 'balled' } }],
      [{ kind: 'ball', diameterMm: 45 }, { sized: 'miniature' }],
    ] as const) {
      const { one, bulk } = reckonedOne(form, more);
      const ask = thicknessAsk(one, bulk.get('one') ?? null, []);
      const exact = bulk.get('one')?.thickest.quantity.value ?? 0;
      for (const cells of thicknessCells(one)) {
        const raw = thicknessMap(one.shape, { ...ask, exactMm: null, cells });
        expect(Math.abs((raw?.thickestMm ?? 0) - exact)).toBeLessThan(4 * (raw?.errorMm ?? 0) + ask.underMm);
        const held = thicknessMap(one.shape, { ...ask, cells });
        expect(held?.thickestMm).toBeCloseTo(exact, 4);
        const worst = held?.places.find(({ kind }) => kind === 'thick');
        if (worst)
          expect(held?.places.some(({ thicknessMm }) => Math.abs(thicknessMm - exact) < 1e-3)).toBe(true);
      }
    }
  });

  it('clay that goes on after a bake is none of what that bake has to heat', () => {
    const layer = { ...DEFAULT_LAYER, id: 'l', thicknessMm: 5, pass: 2 };
    const { one, bulk } = reckonedOne(post, {
      sized: 'miniature',
      core: { kind: 'none', skinMm: 4, packed: 'balled' },
      layers: [layer],
    });
    const ask = { ...thicknessAsk(one, bulk.get('one') ?? null, []), exactMm: null, cells: 60_000 };
    const map = thicknessMap(one.shape, ask);
    expect(Math.abs((map?.thickestMm ?? 0) - 20)).toBeLessThan(4 * (map?.errorMm ?? 0));
    expect(map?.filled.some((what) => what === 3)).toBe(true);
  });

  it('a fin of 0.8 mm is told as thin, where it is', () => {
    const { one } = reckonedOne(
      { kind: 'block', widthMm: 30, heightMm: 20, depthMm: 0.8 },
      { sized: 'miniature' },
    );
    const map = thicknessMap(one.shape, { ...thicknessAsk(one, null, []), cells: 400_000 });
    expect(map?.places[0]?.kind).toBe('thin');
    expect(Math.abs((map?.places[0]?.thicknessMm ?? 0) - 0.8)).toBeLessThan(2 * (map?.errorMm ?? 0));
  });

  it('sharp edges of something thick are no thin places', () => {
    const { one } = reckonedOne(
      { kind: 'block', widthMm: 12, heightMm: 12, depthMm: 12 },
      { sized: 'miniature' },
    );
    const map = thicknessMap(one.shape, { ...thicknessAsk(one, null, []), cells: 300_000 });
    expect(map?.places).toEqual([]);
  });

  it('a plane shows the cells that lie on it, from each side', () => {
    const map = mapOf('none');
    for (const plane of ['front', 'side', 'top'] as const) {
      const [low, high] = planeRange(map, plane);
      const slice = thicknessSlice(map, plane, (low + high) / 2);
      expect(Math.abs(slice.atMm - (low + high) / 2)).toBeLessThanOrEqual(map.cell);
      const area = slice.thickness.filter((mm) => mm > 0).length * slice.cell ** 2;
      // A rectangle of 30 × 80 mm from the front, a circle of 30 mm from above.
      expect(area / (plane === 'top' ? Math.PI * 15 ** 2 : 30 * 80)).toBeCloseTo(1, 1);
    }
    expect(onPlane('side', [1, 2, 3])).toEqual({ right: 3, up: 2, along: 1 });
  });

  it('is looked at as finely as the thinnest clay that counts wants, and no finer than is quick', () => {
    const { one } = reckonedOne(post, { sized: 'miniature' });
    const finest = thicknessCells(one).at(-1) ?? 0;
    // 30 × 80 × 30 mm in cells of half a millimetre, a third of 1.5 mm.
    expect(finest).toBeCloseTo((30 * 80 * 30) / 0.125, -1);
    const large = reckonedOne({ ...post, heightMm: 3000, bottomMm: 900, topMm: 900 }, { sized: 'miniature' });
    expect(thicknessCells(large.one).at(-1)).toBe(1_200_000);
  });

  it('is ended when it is asked to', () => {
    const { one } = reckonedOne(post, { sized: 'miniature' });
    expect(thicknessMap(one.shape, { ...thicknessAsk(one, null, []), cells: 5000 }, () => true)).toBeNull();
  });
});
