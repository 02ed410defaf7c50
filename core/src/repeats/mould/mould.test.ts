import Module from 'manifold-3d';
import { describe, expect, it } from 'vitest';
import { reckonedOne } from '../../armature/testContext.ts';
import { buildSolid, type Form, shapeOf, type Vec3 } from '../../form/index.ts';
import { CAST_STUFFS, DEFAULT_MOULD, MOULD_STUFFS, type Part } from '../../piece/index.ts';
import type { Mesh } from '../../solid/index.ts';
import { boardsDrawing, boxBoards } from './boards.ts';
import { mouldNeed } from './boxes.ts';
import { bestPull, directionsOver, firstPull, laidDraft } from './pull.ts';
import { releaseFor } from './release.ts';
import { shrinkChain } from './shrink.ts';

const solid = (form: Form): Mesh => buildSolid(shapeOf(form), 200_000, null).skin;

/** A surface of revolution as triangles: a profile of [radius, height], upward and outside. */
function turned(profile: readonly (readonly [number, number])[], steps = 96): Mesh {
  const positions: number[] = [];
  const triangles: number[] = [];
  for (const [r, y] of profile)
    for (let i = 0; i < steps; i += 1) {
      const a = (2 * Math.PI * i) / steps;
      positions.push(r * Math.cos(a), y, r * Math.sin(a));
    }
  const n = profile.length;
  for (let k = 0; k < n; k += 1)
    for (let i = 0; i < steps; i += 1) {
      const [a, b] = [k * steps + i, k * steps + ((i + 1) % steps)];
      const [c, d] = [((k + 1) % n) * steps + i, ((k + 1) % n) * steps + ((i + 1) % steps)];
      triangles.push(a, c, b, b, c, d);
    }
  return { positions: Float64Array.from(positions), triangles: Uint32Array.from(triangles) };
}

/** A torus: tube of radius 4 round a ring of radius 12, its axis upright. */
const TORUS = turned(
  Array.from({ length: 64 }, (_, k) => {
    const a = (2 * Math.PI * k) / 64;
    return [12 + 4 * Math.cos(a), 4 * Math.sin(a)] as const;
  }),
);

/**
 * How much of a surface cannot be pulled either way, by rays from every triangle along the pull: the plain twin of the grid.
 */
function blindByRays(mesh: Mesh, [dx, dy, dz]: Vec3): number {
  const { positions: p, triangles: t } = mesh;
  const corner = (k: number): Vec3 => [p[3 * k] ?? 0, p[3 * k + 1] ?? 0, p[3 * k + 2] ?? 0];
  const all = Array.from(
    { length: t.length / 3 },
    (_, i) => [0, 1, 2].map((k) => corner(t[3 * i + k] ?? 0)) as [Vec3, Vec3, Vec3],
  );
  let [blind, whole] = [0, 0];
  for (const [a, b, c] of all) {
    const u: Vec3 = [b[0] - a[0], b[1] - a[1], b[2] - a[2]];
    const v: Vec3 = [c[0] - a[0], c[1] - a[1], c[2] - a[2]];
    const n: Vec3 = [u[1] * v[2] - u[2] * v[1], u[2] * v[0] - u[0] * v[2], u[0] * v[1] - u[1] * v[0]];
    const area = Math.hypot(...n) / 2;
    whole += area;
    const facing = (n[0] * dx + n[1] * dy + n[2] * dz) / (2 * area || 1);
    if (Math.abs(facing) < 0.05) continue;
    const way = facing > 0 ? 1 : -1;
    const from: Vec3 = [(a[0] + b[0] + c[0]) / 3, (a[1] + b[1] + c[1]) / 3, (a[2] + b[2] + c[2]) / 3];
    const ray: Vec3 = [way * dx, way * dy, way * dz];
    if (all.some((one) => hits(from, ray, one))) blind += area;
  }
  return blind / whole;
}

/** Whether a ray meets a triangle beyond its beginning (Möller & Trumbore 1997). */
function hits(from: Vec3, ray: Vec3, [a, b, c]: readonly [Vec3, Vec3, Vec3]): boolean {
  const sub = (p: Vec3, q: Vec3): Vec3 => [p[0] - q[0], p[1] - q[1], p[2] - q[2]];
  const cross = (p: Vec3, q: Vec3): Vec3 => [
    p[1] * q[2] - p[2] * q[1],
    p[2] * q[0] - p[0] * q[2],
    p[0] * q[1] - p[1] * q[0],
  ];
  const dot = (p: Vec3, q: Vec3) => p[0] * q[0] + p[1] * q[1] + p[2] * q[2];
  const [e, f] = [sub(b, a), sub(c, a)];
  const h = cross(ray, f);
  const det = dot(e, h);
  if (Math.abs(det) < 1e-12) return false;
  const s = sub(from, a);
  const u = dot(s, h) / det;
  if (u < 0 || u > 1) return false;
  const q = cross(s, e);
  const v = dot(ray, q) / det;
  return v >= 0 && u + v <= 1 && dot(f, q) / det > 1e-6;
}

describe('which way a mould pulls', () => {
  it('a ball in two halves has no undercut, whichever way it is pulled', () => {
    const ball = solid({ kind: 'ball', diameterMm: 20 });
    for (const direction of directionsOver(9, true)) {
      const { undercut, blind, areaWhole } = laidDraft(ball, direction, 'two', 1);
      expect((undercut + blind) / areaWhole).toBeLessThan(0.005);
    }
  });

  it('a ball in an open mould is locked by its lower half (its area by Archimedes)', () => {
    const { undercut, areaWhole } = laidDraft(solid({ kind: 'ball', diameterMm: 20 }), [0, 1, 0], 'one', 1);
    expect(undercut / areaWhole).toBeCloseTo(0.5, 1);
  });

  it('a torus comes out along its axis, and not in the plane of its ring: as rays find it', () => {
    const axis = laidDraft(TORUS, [0, 1, 0], 'two', 1);
    const plane = laidDraft(TORUS_COARSE, [1, 0, 0], 'two', 1);
    expect(axis.blind / axis.areaWhole).toBeLessThan(0.01);
    const byRays = blindByRays(TORUS_COARSE, [1, 0, 0]);
    expect(byRays).toBeGreaterThan(0.1);
    expect(Math.abs(plane.blind / plane.areaWhole - byRays)).toBeLessThan(0.012);
    const best = bestPull(TORUS, { pulls: 'two', leastDeg: 1 });
    expect(Math.abs(best.direction[1])).toBeGreaterThan(0.99);
    // The first look, on few points, tells the same of what lies square.
    const first = firstPull(TORUS, [1, 0, 0], { pulls: 'two', leastDeg: 1 });
    expect(first.best.direction).toEqual([0, 1, 0]);
    expect(Math.abs(first.laid.blind / first.laid.areaWhole - byRays)).toBeLessThan(0.05);
  });

  it('the draft of a cone frustum is its half angle: steep below it, free above (geometry)', () => {
    // 10 mm of height and 1 mm of radius: 5.71°.
    const cone = turned([
      [0.01, 0],
      [10, 0],
      [9, 10],
      [0.01, 10],
    ]);
    const side = Math.PI * 19 * Math.hypot(10, 1);
    const of = (leastDeg: number) => laidDraft(cone, [0, 1, 0], 'one', leastDeg);
    expect(of(5.5).steep).toBeLessThan(0.02 * side);
    expect(of(5.9).steep / side).toBeCloseTo(1, 1);
    expect(of(1).back / (Math.PI * 100)).toBeCloseTo(1, 1);
    expect(of(1).undercut).toBeLessThan(0.02 * side);
    // Turned over, it locks.
    expect(laidDraft(cone, [0, -1, 0], 'one', 1).undercut / side).toBeCloseTo(1, 1);
  });

  it('every area belongs to one kind, and the best of all directions is no worse than the axes', () => {
    const bird = solid({ kind: 'bird', proportions: 'goose', heightMm: 60, build: 1, angles: {} } as Form);
    const worst = (one: ReturnType<typeof laidDraft>) => one.undercut + one.blind;
    const best = bestPull(bird, { pulls: 'two', leastDeg: 1 });
    for (const axis of [
      [0, 1, 0],
      [1, 0, 0],
      [0, 0, 1],
    ] as const) {
      const one = laidDraft(bird, axis, 'two', 1);
      expect(one.free + one.steep + one.undercut + one.blind + one.back).toBeCloseTo(one.areaWhole, 6);
      expect(worst(best)).toBeLessThanOrEqual(worst(one) + 0.06 * one.areaWhole);
    }
  });
});

const TORUS_COARSE = turned(
  Array.from({ length: 24 }, (_, k) => {
    const a = (2 * Math.PI * k) / 24;
    return [12 + 4 * Math.cos(a), 4 * Math.sin(a)] as const;
  }),
  48,
);

describe('what a mould takes', () => {
  const mug = (over: Partial<Part> = {}) =>
    reckonedOne(
      { kind: 'cylinder', heightMm: 96, bottomMm: 84, topMm: 84, lying: false },
      { mould: DEFAULT_MOULD, ...over },
    );

  it('is the box less the master, by manifold-3d', async () => {
    const manifold = await Module();
    manifold.setup();
    const { Manifold } = manifold;
    // An open mould of 6 mm round a disc of 7 × 7 × 8 mm that is flush with its face.
    const master = { acrossMm: 7, alongMm: 7, highMm: 8, volumeMm3: Math.PI * 3.5 ** 2 * 8 };
    const need = mouldNeed(master, { ...DEFAULT_MOULD, wallMm: 6 }, {});
    const box = Manifold.cube([19, 19, 14]).translate([-9.5, -9.5, -6]);
    const cast = Manifold.cylinder(8, 3.5, 3.5, 512);
    expect(need.volumeMm3).toBeCloseTo(box.subtract(cast).volume(), 1);
    expect(need.half.volumeMm3 * 2).toBeCloseTo(need.volumeMm3, 9);
    // The ball of half of it: π d³ ÷ 6.
    expect((Math.PI * need.half.ballMm ** 3) / 6).toBeCloseTo(need.half.volumeMm3, 6);
    // As a roll: a circle times its length.
    expect(Math.PI * (need.half.rollThickMm / 2) ** 2 * need.half.rollMm).toBeCloseTo(need.half.volumeMm3, 6);
    expect(need.half.rollThickMm).toBeCloseTo(need.half.ballMm / 2, 9);
  });

  it('a poured one is counted over its master too, with more room at its sides', () => {
    const master = { acrossMm: 20, alongMm: 30, highMm: 10, volumeMm3: 3000 };
    const need = mouldNeed(master, { ...DEFAULT_MOULD, kind: 'poured', of: 'rubber' }, {});
    // Handbook: sides 10, floor and cover 6.
    expect(need.outerMm).toEqual([40, 50, 22]);
    expect(need.pourMm).toBe(22);
    expect(need.grams).toBeCloseTo(((40 * 50 * 22 - 3000) / 1000) * 1.1, 9);
  });

  it('a wall of nothing, and a master larger than its box, are refused in a sentence', () => {
    const master = { acrossMm: 20, alongMm: 30, highMm: 10, volumeMm3: 1e6 };
    expect(() => mouldNeed(master, DEFAULT_MOULD, {})).toThrow(/larger than the box/);
    expect(() => mouldNeed({ ...master, volumeMm3: 10 }, { ...DEFAULT_MOULD, wallMm: -7 }, {})).toThrow(
      /wall over 0/,
    );
  });

  it('its figures hang together: two equal portions, and a share of the price for each cast', () => {
    const { book } = mug();
    const of = (key: string) => book.get(`one/${key}`)?.quantity.value ?? 0;
    expect(2 * of('mould.half')).toBeCloseTo(of('mould.stuff'), 9);
    // Six casts, 6 for 100 g (handbook).
    expect(of('mould.cast-cost')).toBeCloseTo(((of('mould.stuff') / 100) * 6) / 6, 9);
    const many = mug({ mould: { ...DEFAULT_MOULD, runs: 100 } }).book.get('one/mould.cast-cost');
    expect(many?.note).toBe('2 moulds for 100 casts');
  });
});

describe('shrinkage', () => {
  it('a chain is the product of its steps: putty 0.2 and clay 0.5 % twice over', () => {
    const chain = shrinkChain({ of: 'putty', casts: 'clay', generations: 2 }, {});
    expect(chain.comesOut).toBeCloseTo(0.998 ** 2 * 0.995 ** 2, 12);
    expect(chain.oversize * chain.comesOut).toBeCloseTo(1, 12);
    expect(chain.low).toBeLessThan(chain.comesOut);
    expect(chain.high).toBeGreaterThan(chain.comesOut);
  });

  it('plaster grows, air-dry clay wants its master 5 to 8 % larger, and own values are taken', () => {
    expect(shrinkChain({ of: 'foil', casts: 'plaster', generations: 1 }, {}).comesOut).toBeCloseTo(1.002, 12);
    const dry = shrinkChain({ of: 'foil', casts: 'air-dry', generations: 1 }, {});
    expect([dry.low, dry.high]).toEqual([0.92, 0.95]);
    expect(
      shrinkChain({ of: 'foil', casts: 'clay', generations: 1 }, { 'shrink.clay': 1 }).comesOut,
    ).toBeCloseTo(0.99, 12);
    expect(() => shrinkChain({ of: 'putty', casts: 'clay', generations: 0 }, {})).toThrow(
      /one mould or more/,
    );
  });
});

describe('release', () => {
  it('every pair of stuffs has a word; what bonds to itself is a stop; both schools of powder are told', () => {
    for (const of of MOULD_STUFFS)
      for (const casts of CAST_STUFFS) expect(releaseFor(of, casts, false).says.length).toBeGreaterThan(5);
    expect(releaseFor('putty', 'putty', false).level).toBe('stop');
    expect(releaseFor('rubber', 'putty', false).level).toBe('stop');
    expect(releaseFor('putty', 'clay', true).says).toMatch(/some use no powder.*others brush it off/);
    expect(releaseFor('putty', 'plaster', true).says).not.toMatch(/powder/);
  });
});

describe('the box of a poured mould', () => {
  it('closes: the boards enclose just what is poured, and stand on a floor under all of them', () => {
    const master = { acrossMm: 20, alongMm: 30, highMm: 10, volumeMm3: 3000 };
    const need = mouldNeed(master, { ...DEFAULT_MOULD, kind: 'poured', of: 'rubber' }, {});
    const boards = boxBoards(need, 4);
    const area = (name: string) =>
      boards
        .filter((one) => one.name.startsWith(name))
        .reduce((sum, one) => sum + one.widthMm * one.heightMm, 0);
    // Outside walls of the box less the corners that the short sides leave to the long ones.
    expect(area('long')).toBeCloseTo(2 * (40 + 8) * 22, 9);
    expect(area('short')).toBeCloseTo(2 * 50 * 22, 9);
    expect(area('floor')).toBeCloseTo(48 * 58, 9);
    const drawing = boardsDrawing(boards);
    expect(drawing.widthMm).toBe(50);
    expect(() => boxBoards(need, 0)).toThrow(/thickness over 0/);
  });
});
