import type { Vec3 } from '../../form/index.ts';
import type { Mesh } from '../../solid/index.ts';
import { type SurfacePoints, surfacePoints } from './surfacePoints.ts';

/** How a mould comes off: all of it one way, or two halves apart. */
export type Pulls = 'one' | 'two';

/** How a surface stands to a pull, in the unit of the mesh, squared. */
export interface Draft {
  readonly direction: Vec3;
  readonly pulls: Pulls;
  readonly areaWhole: number;
  /** Free, with the draft that a rigid mould wants. */
  readonly free: number;
  /** Comes off, but rubs: under the least draft. */
  readonly steep: number;
  /** Faces the other way: a rigid mould locks. */
  readonly undercut: number;
  /** Faces the pull, but something stands before it. */
  readonly blind: number;
  /** Deepest that anything stands before anything, along the pull. */
  readonly depth: number;
  /** Of one pull, the flat back that lies open. */
  readonly back: number;
}

/** Of its extent along the pull, what still counts as the flat back. */
const BACK = 0.004;
/** A face this near to the pull is neither up nor down for what stands before it. */
const FLAT = 0.05;

function basis([x, y, z]: Vec3): readonly [Vec3, Vec3] {
  const other: Vec3 = Math.abs(y) < 0.9 ? [0, 1, 0] : [1, 0, 0];
  const u: Vec3 = [y * other[2] - z * other[1], z * other[0] - x * other[2], x * other[1] - y * other[0]];
  const long = Math.hypot(...u);
  const a: Vec3 = [u[0] / long, u[1] / long, u[2] / long];
  return [a, [y * a[2] - z * a[1], z * a[0] - x * a[2], x * a[1] - y * a[0]]];
}

/**
 * How a surface stands to one pull. What stands before it is found on a grid across the pull: of a closed solid nothing that
 * faces the pull is blind unless something above it faces away.
 *
 * @param leastDeg least draft of a rigid mould, degrees
 */
export function draftAlong(points: SurfacePoints, direction: Vec3, pulls: Pulls, leastDeg: number): Draft {
  const { count, at, normal, area } = points;
  const [u, v] = basis(direction);
  const [dx, dy, dz] = direction;
  const depth = new Float64Array(count);
  const faces = new Float64Array(count);
  const across = new Float64Array(2 * count);
  const low = [Infinity, Infinity, Infinity];
  const high = [-Infinity, -Infinity, -Infinity];
  for (let i = 0; i < count; i += 1) {
    const [x = 0, y = 0, z = 0] = [at[3 * i], at[3 * i + 1], at[3 * i + 2]];
    const place = [x * u[0] + y * u[1] + z * u[2], x * v[0] + y * v[1] + z * v[2], x * dx + y * dy + z * dz];
    across[2 * i] = place[0] ?? 0;
    across[2 * i + 1] = place[1] ?? 0;
    depth[i] = place[2] ?? 0;
    faces[i] = (normal[3 * i] ?? 0) * dx + (normal[3 * i + 1] ?? 0) * dy + (normal[3 * i + 2] ?? 0) * dz;
    for (let k = 0; k < 3; k += 1) {
      low[k] = Math.min(low[k] ?? 0, place[k] ?? 0);
      high[k] = Math.max(high[k] ?? 0, place[k] ?? 0);
    }
  }
  const [left = 0, bottom = 0, floor = 0] = low;
  const [right = 0, top = 0, ceiling = 0] = high;
  // About four points a cell, so that what stands before a cell is seen in it.
  const cell = Math.max(1e-9, Math.sqrt((8 * (right - left) * (top - bottom)) / Math.max(1, count)));
  const columns = Math.max(1, Math.ceil((right - left) / cell));
  const rows = Math.max(1, Math.ceil((top - bottom) / cell));
  const cellOf = (i: number) =>
    Math.min(rows - 1, Math.floor(((across[2 * i + 1] ?? 0) - bottom) / cell)) * columns +
    Math.min(columns - 1, Math.floor(((across[2 * i] ?? 0) - left) / cell));
  const downs = new Float64Array(columns * rows).fill(-Infinity);
  const ups = new Float64Array(columns * rows).fill(Infinity);
  for (let i = 0; i < count; i += 1) {
    const facing = faces[i] ?? 0;
    const here = cellOf(i);
    if (facing < -FLAT) downs[here] = Math.max(downs[here] ?? 0, depth[i] ?? 0);
    if (facing > FLAT) ups[here] = Math.min(ups[here] ?? 0, depth[i] ?? 0);
  }
  const steepest = Math.sin((leastDeg * Math.PI) / 180);
  const back = floor + BACK * (ceiling - floor);
  const sums = { free: 0, steep: 0, undercut: 0, blind: 0, back: 0, whole: 0, deepest: 0 };
  for (let i = 0; i < count; i += 1) {
    const own = area[i] ?? 0;
    const facing = faces[i] ?? 0;
    const here = cellOf(i);
    sums.whole += own;
    const before =
      facing > FLAT
        ? (downs[here] ?? 0) - (depth[i] ?? 0)
        : pulls === 'two' && facing < -FLAT
          ? (depth[i] ?? 0) - (ups[here] ?? 0)
          : 0;
    if (before > cell) {
      sums.blind += own;
      sums.deepest = Math.max(sums.deepest, before);
    } else if (pulls === 'one' && facing < -steepest) {
      if ((depth[i] ?? 0) <= back && facing < -0.99) sums.back += own;
      else sums.undercut += own;
    } else if (Math.abs(facing) < steepest) sums.steep += own;
    else sums.free += own;
  }
  return {
    direction,
    pulls,
    areaWhole: sums.whole,
    free: sums.free,
    steep: sums.steep,
    undercut: sums.undercut,
    blind: sums.blind,
    depth: sums.deepest,
    back: sums.back,
  };
}

/** How a surface stands to a pull that is given. */
export function laidDraft(mesh: Mesh, direction: Vec3, pulls: Pulls, leastDeg: number): Draft {
  return draftAlong(surfacePoints(mesh, FINE), direction, pulls, leastDeg);
}

/** Directions spread evenly over a sphere, or its upper half (a spiral of golden angles). */
export function directionsOver(n: number, half: boolean): readonly Vec3[] {
  const golden = Math.PI * (3 - Math.sqrt(5));
  return Array.from({ length: n }, (_, i): Vec3 => {
    const y = half ? 1 - (i + 0.5) / n : 1 - (2 * (i + 0.5)) / n;
    const r = Math.sqrt(Math.max(0, 1 - y * y));
    return [r * Math.cos(golden * i), y, r * Math.sin(golden * i)];
  });
}

const AXES: readonly Vec3[] = [
  [0, 1, 0],
  [0, 0, 1],
  [1, 0, 0],
  [0, -1, 0],
  [0, 0, -1],
  [-1, 0, 0],
];

/** A hand lays a master square: another direction has to be better by so much of its surface. */
const SQUARE = 0.05;

/** What is locked, and a little for what rubs; of two that are as good, the larger flat back, and the one that lies square. */
function badness({ undercut, blind, steep, back, areaWhole, direction }: Draft): number {
  const isSquare = direction.some((one) => Math.abs(one) > 1 - 1e-9);
  return (undercut + blind + 0.05 * steep - 0.02 * back) / areaWhole + (isSquare ? 0 : SQUARE);
}

const [COARSE, FINE] = [3000, 24_000];
const [TRIED, REFINED, AROUND] = [220, 4, 18];

/** How good an answer of the search is. */
export interface PullAsk {
  readonly pulls: Pulls;
  readonly leastDeg: number;
  /** Told so far, the last being the final one. */
  readonly onBetter?: (best: Draft) => void;
}

/**
 * The direction a mould comes off with the least undercut, over all directions: the axes and a spiral of others on few points,
 * then around the best of them on many.
 *
 * @param mesh triangles facing outward, closed
 */
export function bestPull(mesh: Mesh, { pulls, leastDeg, onBetter }: PullAsk): Draft {
  const few = surfacePoints(mesh, COARSE);
  const tried = [...AXES.slice(0, pulls === 'two' ? 3 : 6), ...directionsOver(TRIED, pulls === 'two')]
    .map((direction) => draftAlong(few, direction, pulls, leastDeg))
    .sort((a, b) => badness(a) - badness(b));
  const [first] = tried;
  if (!first) throw new RangeError('a surface without directions');
  onBetter?.(first);
  const many = surfacePoints(mesh, FINE);
  let best = draftAlong(many, first.direction, pulls, leastDeg);
  for (const { direction } of tried.slice(0, REFINED))
    for (const near of [direction, ...nearTo(direction)]) {
      const one = draftAlong(many, near, pulls, leastDeg);
      if (badness(one) < badness(best) - 1e-6) best = one;
    }
  return best;
}

/** Directions a few degrees round one. */
function nearTo(direction: Vec3): readonly Vec3[] {
  const [u, v] = basis(direction);
  return Array.from({ length: AROUND }, (_, i): Vec3 => {
    const lean = (((i % 3) + 1) * 2 * Math.PI) / 180;
    const turn = (2 * Math.PI * i) / AROUND;
    const [c, s] = [Math.cos(lean), Math.sin(lean)];
    const along = (k: 0 | 1 | 2) => c * direction[k] + s * (Math.cos(turn) * u[k] + Math.sin(turn) * v[k]);
    return [along(0), along(1), along(2)];
  });
}
