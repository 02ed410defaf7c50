import { describe, expect, it } from 'vitest';
import { type Form, makeShapeStore, PLAIN } from '../../form/index.ts';
import { DEFAULT_ZONE, type Zone } from '../../piece/index.ts';
import { edgeShare, settledOn, settleOf } from './settles.ts';
import { shapeMaps } from './shapeMaps.ts';

const shapes = makeShapeStore();
const mapsOf = (form: Form, cellMm = 0.6) =>
  shapeMaps(shapes.shapeOf(form, PLAIN), { cellMm, shrink: 1, light: [0, 1, 0] });
const zone = { ...DEFAULT_ZONE, id: 'all' } as Zone;
const on = (form: Form, lies: Parameters<typeof settleOf>[1], of: Zone = zone) => {
  const maps = mapsOf(form);
  return settledOn(maps, of, settleOf(maps, lies, { shrink: 1, band: of }));
};
const ball: Form = { kind: 'ball', diameterMm: 30 };
const block = { kind: 'block', widthMm: 40, depthMm: 12, heightMm: 20 } as Form;

describe('where matter settles', () => {
  it('rain that falls on a ball runs over its parallels as its closed form says', () => {
    // All that falls inside a parallel of radius ρ, πρ², crosses its length, 2πρ: ρ ÷ 2 on each mm; at the middle R ÷ 2.
    const { positions, run } = mapsOf(ball, 0.8);
    for (const height of [22, 18]) {
      const radius = Math.sqrt(15 ** 2 - (height - 15) ** 2);
      const there = [...run].filter((_, v) => Math.abs((positions[3 * v + 1] ?? 0) - height) < 1);
      const mean = there.reduce((sum, one) => sum + one, 0) / there.length;
      expect(mean / (radius / 2)).toBeGreaterThan(0.75);
      expect(mean / (radius / 2)).toBeLessThan(1.3);
    }
  });

  it('no water is lost on its way: what drips from a ball is what fell on it', () => {
    const { positions, run } = mapsOf(ball, 0.8);
    // Cells are about 0.8 mm wide: all of π·15² mm³ a mm leaves by the lowest few.
    const low = [...run].filter((_, v) => (positions[3 * v + 1] ?? 0) < 0.5);
    expect(Math.max(...low)).toBeGreaterThan(20);
  });

  it('snow lies on the top of a block alone, and on a ball as far as it does not slide', () => {
    const lid = on(block, 'sky');
    const whole = 2 * (40 * 12 + 40 * 20 + 12 * 20);
    expect(lid.share).toBeCloseTo((40 * 12) / whole, 1);
    // The cap of a ball to 30° is (1 − cos 30°) ÷ 2 of it, to 60° it is a quarter.
    const cap = on(ball, 'sky').share;
    expect(cap).toBeGreaterThan((1 - Math.cos(Math.PI / 6)) / 2);
    expect(cap).toBeLessThan(0.25);
  });

  it('a ledge is as wide as it is: twice its surface by its outline', () => {
    expect(on(block, 'sky').wideMm).toBeCloseTo((2 * 40 * 12) / (2 * (40 + 12)), 0);
  });

  it('under the block nothing lies of what falls, and nothing runs', () => {
    const maps = mapsOf(block);
    const sky = settleOf(maps, 'sky', { shrink: 1, band: zone });
    const run = settleOf(maps, 'run', { shrink: 1, band: zone });
    maps.open.forEach((_, v) => {
      const [y, ny] = [maps.positions[3 * v + 1] ?? 0, maps.normals[3 * v + 1] ?? 0];
      if (ny < -0.9) expect(sky[v]).toBe(0);
      if (ny > 0.98 && y > 19.9) expect(run[v]).toBeLessThan(0.35);
    });
  });

  it('a splash thins out from the foot to the top of its zone', () => {
    expect(on(block, 'foot').share).toBeGreaterThan(0.4);
    const hem: Zone = { ...zone, highPct: 25 };
    // The underside lies in it whole, the walls by half.
    const [base, walls] = [40 * 12, 2 * (40 + 12) * 5];
    expect(on(block, 'foot', hem).share).toBeCloseTo((base + walls / 2) / (base + walls), 1);
  });

  it('a ball has no folds and no edges for matter to lie in', () => {
    expect(on(ball, 'fold').share).toBe(0);
    expect(on(ball, 'edge').share).toBeLessThan(0.02);
  });

  it('edges of a block take up as much on coarse cells as on fine ones', () => {
    const shareAt = (cellMm: number) => {
      const maps = mapsOf(block, cellMm);
      return (
        settledOn(maps, zone, settleOf(maps, 'edge', { shrink: 1, band: zone })).share * edgeShare(maps, 1)
      );
    };
    const fine = shareAt(0.17);
    expect(shareAt(0.5) / fine).toBeGreaterThan(0.6);
    expect(shareAt(0.5) / fine).toBeLessThan(1.6);
    expect(shareAt(0.9) / fine).toBeLessThan(1.8);
  });

  it('where nothing lies there is nothing, and no width', () => {
    const none: Zone = { ...zone, regions: ['nowhere'] };
    expect(on(ball, 'sky', none)).toEqual({ share: 0, wideMm: 0 });
  });
});
