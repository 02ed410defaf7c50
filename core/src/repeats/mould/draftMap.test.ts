import { describe, expect, it } from 'vitest';
import { reckonedOne } from '../../armature/testContext.ts';
import { buildSolid, type Form, shapeOf, type Vec3 } from '../../form/index.ts';
import { DEFAULT_MOULD } from '../../piece/index.ts';
import { meshSums, sampleField } from '../../solid/index.ts';
import { draftAsk } from './asks.ts';
import { draftMap, partingLength, STANDINGS } from './draftMap.ts';
import { laidDraft, type Pulls } from './pull.ts';
import { holesThrough, necksOf } from './trapped.ts';

const UP: Vec3 = [0, 1, 0];
const skinOf = (form: Form, cells = 120_000) => buildSolid(shapeOf(form), cells, null).skin;
const BALL: Form = { kind: 'ball', diameterMm: 40 };
const RING: Form = { kind: 'ring', acrossMm: 40, thicknessMm: 10, lying: true };
const ROD: Form = { kind: 'cylinder', bottomMm: 20, topMm: 20, heightMm: 50, lying: false };
const BLOCK: Form = { kind: 'block', widthMm: 30, heightMm: 12, depthMm: 20, edgeMm: 0 } as Form;

function areas(form: Form, direction: Vec3, pulls: Pulls) {
  const mesh = skinOf(form);
  const map = draftMap(mesh, { direction, pulls, leastDeg: 1 });
  const by = new Map(STANDINGS.map((standing) => [standing, 0]));
  let whole = 0;
  for (let t = 0; t < map.owners.length / 3; t += 1) {
    const [a = [], b = [], c = []] = [0, 1, 2].map((k) => [
      ...map.positions.slice(9 * t + 3 * k, 9 * t + 3 * k + 3),
    ]);
    const side = (p: number[]) => p.map((value, k) => value - (a[k] ?? 0));
    const [[ux = 0, uy = 0, uz = 0], [vx = 0, vy = 0, vz = 0]] = [side(b), side(c)];
    const area = Math.hypot(uy * vz - uz * vy, uz * vx - ux * vz, ux * vy - uy * vx) / 2;
    const standing = STANDINGS[(map.owners[3 * t] ?? 0) - 1] ?? expect.fail('no standing');
    by.set(standing, (by.get(standing) ?? 0) + area);
    whole += area;
  }
  return {
    mesh,
    map,
    whole,
    share: (standing: (typeof STANDINGS)[number]) => (by.get(standing) ?? 0) / whole,
  };
}

describe('how every place of a surface comes off a mould', () => {
  it('of a ball pulled one way the lower half locks; of two halves nothing does', () => {
    const one = areas(BALL, UP, 'one');
    expect(one.share('undercut')).toBeCloseTo(0.5, 1);
    const two = areas(BALL, UP, 'two');
    expect(two.share('undercut') + two.share('blind')).toBeLessThan(0.005);
    expect(two.whole).toBeCloseTo(meshSums(two.mesh).areaMm2, 0);
  });

  it('says of the triangles what the search says of the surface', () => {
    for (const pulls of ['one', 'two'] as const) {
      const { mesh, share } = areas(RING, [0, 0, 1], pulls);
      const draft = laidDraft(mesh, [0, 0, 1], pulls, 1);
      for (const standing of ['free', 'undercut', 'blind'] as const)
        expect(Math.abs(share(standing) - draft[standing] / draft.areaWhole)).toBeLessThan(0.03);
    }
  });

  it('parts at the equator of a ball, at both rims of a ring, half way up a straight wall', () => {
    const at = (form: Form) => draftMap(skinOf(form), { direction: UP, pulls: 'two', leastDeg: 1 });
    const ball = at(BALL);
    expect(ball.parting).toHaveLength(1);
    // π × 40
    expect(partingLength(ball) / 125.66).toBeCloseTo(1, 1.5);
    const ring = at(RING);
    expect(ring.parting).toHaveLength(2);
    // π × 40 + π × 20
    expect(partingLength(ring) / 188.5).toBeCloseTo(1, 1.5);
    const rod = at(ROD);
    expect(rod.parting).toHaveLength(1);
    for (const [, y] of rod.parting[0] ?? []) expect(Math.abs(y - 25)).toBeLessThan(2);
  });

  it('a block pressed in with its back open parts round its back', () => {
    const { map, share } = areas(BLOCK, UP, 'one');
    // 30 × 20 of 2 (30 × 20 + 30 × 12 + 20 × 12)
    expect(share('back')).toBeCloseTo(0.25, 1);
    expect(map.parting).toHaveLength(1);
    expect(partingLength(map) / 100).toBeCloseTo(1, 1);
  });
});

describe('what a mould is caught in, and what tears', () => {
  it('counts the holes that go through by Euler’s formula', () => {
    expect(holesThrough(skinOf(BALL))).toBe(0);
    expect(holesThrough(skinOf(BLOCK))).toBe(0);
    expect(holesThrough(skinOf(RING))).toBe(1);
    const ring = (xMm: number) => ({
      name: `ring ${xMm}`,
      form: RING,
      xMm,
      yMm: 0,
      zMm: 0,
      turnDeg: 0,
      tipDeg: 0,
      leanDeg: 0,
      cut: false,
    });
    expect(holesThrough(skinOf({ kind: 'built', pieces: [ring(0), ring(34)] } as Form))).toBe(2);
    expect(holesThrough(skinOf({ kind: 'built', pieces: [ring(0), ring(90)] } as Form))).toBe(2);
  });

  it('finds the waist between two balls by the area left of it', () => {
    // Two balls of 20 at 0 and 26, a bar of 4 between them.
    const field = (x: number, y: number, z: number) =>
      Math.min(
        Math.hypot(x, y, z) - 10,
        Math.hypot(x, y - 26, z) - 10,
        Math.max(Math.hypot(x, z) - 2, Math.abs(y - 13) - 13),
      );
    const [waist, ...others] = necksOf(sampleField([-10, -10, -10], [10, 36, 10], 0.25, field));
    expect(others).toEqual([]);
    expect(waist?.axis).toBe(1);
    expect(waist?.acrossMm).toBeCloseTo(4, 0);
    expect(waist?.share).toBeCloseTo(0.5, 1);
    expect(
      necksOf(sampleField([-10, -10, -10], [10, 10, 10], 0.5, (x, y, z) => Math.hypot(x, y, z) - 9)),
    ).toEqual([]);
  });

  it('a handle’s hole is caught unless the pull looks through it', () => {
    const seen = (direction: Vec3) => {
      const { contexts } = reckonedOne({ ...RING, acrossMm: 480, thicknessMm: 120 } as Form, {
        mould: DEFAULT_MOULD,
      });
      const found = draftAsk.answer({ contexts } as never, { part: 'one', direction, pulls: 'two' });
      return found?.risks ?? expect.fail('nothing seen');
    };
    expect(seen(UP)).toMatchObject({ through: 1, trapped: 0 });
    expect(seen([1, 0, 0])).toMatchObject({ through: 1, trapped: 1 });
  });
});
