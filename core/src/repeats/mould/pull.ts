import type { Vec3 } from '../../form/index.ts';
import type { Mesh } from '../../solid/index.ts';
import { facetsOf, type SurfacePoints, surfacePoints } from './surfacePoints.ts';

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

/** Two directions square to one and to each other. */
export function basis([x, y, z]: Vec3): readonly [Vec3, Vec3] {
  const other: Vec3 = Math.abs(y) < 0.9 ? [0, 1, 0] : [1, 0, 0];
  const u: Vec3 = [y * other[2] - z * other[1], z * other[0] - x * other[2], x * other[1] - y * other[0]];
  const long = Math.hypot(...u);
  const a: Vec3 = [u[0] / long, u[1] / long, u[2] / long];
  return [a, [y * a[2] - z * a[1], z * a[0] - x * a[2], x * a[1] - y * a[0]]];
}

/** How a place of a surface stands to a pull. */
export type Standing = 'free' | 'steep' | 'undercut' | 'blind' | 'back';

/** A surface as it is met along a pull: on a grid across it, the nearest that faces either way. */
interface Along {
  readonly direction: Vec3;
  readonly floor: number;
  readonly ceiling: number;
  readonly cell: number;
  /** Highest in each cell of what faces away from the pull. */
  readonly downs: Float64Array;
  /** Lowest in each cell of what faces the pull. */
  readonly ups: Float64Array;
  /** The cell that each place lies in, given how far it is across and up. */
  cellAt(across: number, up: number): number;
  readonly u: Vec3;
  readonly v: Vec3;
}

/** Places as they lie to a pull: along it, how far they face it, and the cell across it. */
interface Laid {
  readonly depth: Float64Array;
  readonly facing: Float64Array;
  readonly here: Uint32Array;
}

type Places = Pick<SurfacePoints, 'count' | 'at' | 'normal'>;

/** One number for each of many places or directions: how far along an axis. */
function alongAxis(values: Float64Array, count: number, [x, y, z]: Vec3): Float64Array {
  const found = new Float64Array(count);
  for (let i = 0; i < count; i += 1)
    found[i] = (values[3 * i] ?? 0) * x + (values[3 * i + 1] ?? 0) * y + (values[3 * i + 2] ?? 0) * z;
  return found;
}

function spanOf(values: Float64Array): readonly [low: number, high: number] {
  let [low, high] = [Infinity, -Infinity];
  for (let i = 0; i < values.length; i += 1) {
    const value = values[i] ?? 0;
    if (value < low) low = value;
    if (value > high) high = value;
  }
  return [low, high];
}

function laidOut(
  { count, at, normal }: Places,
  along: Pick<Along, 'u' | 'v' | 'direction' | 'cellAt'>,
): Laid {
  const [across, up] = [alongAxis(at, count, along.u), alongAxis(at, count, along.v)];
  const here = new Uint32Array(count);
  for (let i = 0; i < count; i += 1) here[i] = along.cellAt(across[i] ?? 0, up[i] ?? 0);
  return {
    depth: alongAxis(at, count, along.direction),
    facing: alongAxis(normal, count, along.direction),
    here,
  };
}

/** Of a closed solid nothing that faces the pull is blind unless something above it faces away. */
function metAlong(points: SurfacePoints, direction: Vec3): { readonly along: Along; readonly laid: Laid } {
  const { count, at } = points;
  const [u, v] = basis(direction);
  const [left, right] = spanOf(alongAxis(at, count, u));
  const [bottom, top] = spanOf(alongAxis(at, count, v));
  // About four points a cell, so that what stands before a cell is seen in it.
  const cell = Math.max(1e-9, Math.sqrt((8 * (right - left) * (top - bottom)) / Math.max(1, count)));
  const columns = Math.max(1, Math.ceil((right - left) / cell));
  const rows = Math.max(1, Math.ceil((top - bottom) / cell));
  const cellAt = (across: number, up: number) => {
    const column = Math.min(columns - 1, Math.max(0, Math.floor((across - left) / cell)));
    return Math.min(rows - 1, Math.max(0, Math.floor((up - bottom) / cell))) * columns + column;
  };
  const laid = laidOut(points, { u, v, direction, cellAt });
  const [floor, ceiling] = spanOf(laid.depth);
  const downs = new Float64Array(columns * rows).fill(-Infinity);
  const ups = new Float64Array(columns * rows).fill(Infinity);
  for (let i = 0; i < count; i += 1) {
    const facing = laid.facing[i] ?? 0;
    const [cell, depth] = [laid.here[i] ?? 0, laid.depth[i] ?? 0];
    if (facing < -FLAT && depth > (downs[cell] ?? 0)) downs[cell] = depth;
    if (facing > FLAT && depth < (ups[cell] ?? 0)) ups[cell] = depth;
  }
  return { along: { direction, floor, ceiling, cell, downs, ups, cellAt, u, v }, laid };
}

/** How far something stands before a place, along the pull that takes it off; under 0 where nothing does. */
function before({ downs, ups }: Along, { depth, facing, here }: Laid, i: number, isTwo: boolean): number {
  const face = facing[i] ?? 0;
  if (face > FLAT) return (downs[here[i] ?? 0] ?? 0) - (depth[i] ?? 0);
  return isTwo && face < -FLAT ? (depth[i] ?? 0) - (ups[here[i] ?? 0] ?? 0) : 0;
}

/** @param steepest sine of the least draft */
function standingOf(along: Along, laid: Laid, i: number, isTwo: boolean, steepest: number): Standing {
  if (before(along, laid, i, isTwo) > along.cell) return 'blind';
  const face = laid.facing[i] ?? 0;
  if (!isTwo && face < -steepest) {
    const back = along.floor + BACK * (along.ceiling - along.floor);
    return (laid.depth[i] ?? 0) <= back && face < -0.99 ? 'back' : 'undercut';
  }
  return Math.abs(face) < steepest ? 'steep' : 'free';
}

const sineOf = (deg: number): number => Math.sin((deg * Math.PI) / 180);

/**
 * How places of a surface stand to one pull, what stands before them being found from points spread over all of it.
 *
 * @param points over the whole surface
 * @param places those that are asked for
 * @param leastDeg least draft of a rigid mould, degrees
 */
export function standingsAlong(
  points: SurfacePoints,
  places: Places,
  {
    direction,
    pulls,
    leastDeg,
  }: { readonly direction: Vec3; readonly pulls: Pulls; readonly leastDeg: number },
): readonly Standing[] {
  const { along } = metAlong(points, direction);
  const laid = laidOut(places, along);
  const steepest = sineOf(leastDeg);
  return Array.from({ length: places.count }, (_, i) =>
    standingOf(along, laid, i, pulls === 'two', steepest),
  );
}

/**
 * How much of a surface stands how to one pull.
 *
 * @param leastDeg least draft of a rigid mould, degrees
 */
export function draftAlong(points: SurfacePoints, direction: Vec3, pulls: Pulls, leastDeg: number): Draft {
  const { along, laid } = metAlong(points, direction);
  const [isTwo, steepest] = [pulls === 'two', sineOf(leastDeg)];
  const sums: Record<Standing, number> = { free: 0, steep: 0, undercut: 0, blind: 0, back: 0 };
  let [areaWhole, deepest] = [0, 0];
  for (let i = 0; i < points.count; i += 1) {
    const own = points.area[i] ?? 0;
    const standing = standingOf(along, laid, i, isTwo, steepest);
    sums[standing] += own;
    areaWhole += own;
    if (standing === 'blind') deepest = Math.max(deepest, before(along, laid, i, isTwo));
  }
  return { direction, pulls, areaWhole, ...sums, depth: deepest };
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

/** What a search for the best pull goes by. */
export interface PullAsk {
  readonly pulls: Pulls;
  readonly leastDeg: number;
}

const best = (all: readonly Draft[]): Draft =>
  all.reduce((least, one) => (badness(one) < badness(least) ? one : least));

/** Few points of a surface, and the axes by how it would come off along each. */
function alongAxes(mesh: Mesh, { pulls, leastDeg }: PullAsk) {
  const facets = facetsOf(mesh);
  const few = surfacePoints(mesh, COARSE, facets);
  const roughly = (direction: Vec3) => draftAlong(few, direction, pulls, leastDeg);
  return { facets, roughly, square: AXES.slice(0, pulls === 'two' ? 3 : 6).map(roughly) };
}

/** A first answer on few points: the pull that is given, and the best of the axes. */
export function firstPull(mesh: Mesh, direction: Vec3, ask: PullAsk): { laid: Draft; best: Draft } {
  const { roughly, square } = alongAxes(mesh, ask);
  return { laid: roughly(direction), best: best(square) };
}

/**
 * The direction a mould comes off with the least undercut, over all directions: the axes and a spiral of others on few points,
 * then around the best of them on many.
 *
 * @param mesh triangles facing outward, closed
 */
export function bestPull(mesh: Mesh, ask: PullAsk): Draft {
  const { pulls, leastDeg } = ask;
  const { facets, roughly, square } = alongAxes(mesh, ask);
  const tried = [...square, ...directionsOver(TRIED, pulls === 'two').map(roughly)].toSorted(
    (a, b) => badness(a) - badness(b),
  );
  const [first] = tried;
  if (!first) throw new RangeError('a surface without directions');
  const many = surfacePoints(mesh, FINE, facets);
  let least = draftAlong(many, first.direction, pulls, leastDeg);
  for (const { direction } of tried.slice(0, REFINED))
    for (const near of [direction, ...nearTo(direction)]) {
      const one = draftAlong(many, near, pulls, leastDeg);
      if (badness(one) < badness(least) - 1e-6) least = one;
    }
  return least;
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
