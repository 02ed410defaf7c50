import { hull } from './outline.ts';
import { seenAt } from './side.ts';
import type { Vec2, Vec3 } from './types.ts';
import { cross, dot, unit } from './vectors.ts';

/** A box turned any way. */
export interface TurnedBox {
  /** Sides, longest first, mm. */
  readonly sides: Vec3;
  /** Direction of each side, length 1. */
  readonly axes: readonly [Vec3, Vec3, Vec3];
}

/** Directions that the outermost points are looked for in, and that are tried as a side. */
const SUPPORTS = 300;
const TRIED = 240;
/** Rounds of turning the best box about its own sides, and how far they begin, radians. */
const ROUNDS = 24;
const FIRST_TURN = 0.12;

/** Directions spread evenly over half a ball (a Fibonacci lattice). */
function directions(count: number): Vec3[] {
  const golden = Math.PI * (3 - Math.sqrt(5));
  return Array.from({ length: count }, (_, i) => {
    const y = 1 - (i + 0.5) / count;
    const r = Math.sqrt(1 - y * y);
    return [r * Math.cos(i * golden), y, r * Math.sin(i * golden)];
  });
}

/** The points farthest out in many directions: a box round them is nearly one round all. */
function outermost(positions: Float64Array): Vec3[] {
  const kept = new Set<number>();
  for (const [x, y, z] of [...directions(SUPPORTS), [1, 0, 0] as const, [0, 0, 1] as const]) {
    let [low, high, lowAt, highAt] = [Infinity, -Infinity, 0, 0];
    for (let i = 0; i < positions.length; i += 3) {
      const along = x * (positions[i] ?? 0) + y * (positions[i + 1] ?? 0) + z * (positions[i + 2] ?? 0);
      if (along < low) [low, lowAt] = [along, i];
      if (along > high) [high, highAt] = [along, i];
    }
    kept.add(lowAt).add(highAt);
  }
  return [...kept].map((i) => [positions[i] ?? 0, positions[i + 1] ?? 0, positions[i + 2] ?? 0]);
}

function extent(points: readonly Vec3[], axis: Vec3): number {
  let [low, high] = [Infinity, -Infinity];
  for (const point of points) {
    const along = dot(point, axis);
    low = Math.min(low, along);
    high = Math.max(high, along);
  }
  return high - low;
}

/** Extent of every vertex along an axis. */
function wholeExtent(positions: Float64Array, [x, y, z]: Vec3): number {
  let [low, high] = [Infinity, -Infinity];
  for (let i = 0; i < positions.length; i += 3) {
    const along = x * (positions[i] ?? 0) + y * (positions[i + 1] ?? 0) + z * (positions[i + 2] ?? 0);
    low = Math.min(low, along);
    high = Math.max(high, along);
  }
  return Math.max(0, high - low);
}

/** Two directions square to a third and to each other. */
function square(axis: Vec3): { right: Vec3; up: Vec3 } {
  const other: Vec3 = Math.abs(axis[1]) < 0.9 ? [0, 1, 0] : [1, 0, 0];
  const right = unit(cross(other, axis));
  return { right, up: cross(axis, right) };
}

/** The smallest rectangle round points of a plane has a side along an edge of their hull (Freeman & Shapira 1975). */
function smallestTurn(points: readonly Vec2[]): Vec2 {
  const ring = hull(points);
  let best: { area: number; along: Vec2 } = { area: Infinity, along: [1, 0] };
  ring.forEach(([x, y], i) => {
    const [u, v] = ring[(i + 1) % ring.length] ?? [x, y];
    const long = Math.hypot(u - x, v - y);
    if (long === 0) return;
    const along: Vec2 = [(u - x) / long, (v - y) / long];
    let [a, b, c, d] = [Infinity, -Infinity, Infinity, -Infinity];
    for (const [p, q] of ring) {
      const [s, t] = [p * along[0] + q * along[1], q * along[0] - p * along[1]];
      a = Math.min(a, s);
      b = Math.max(b, s);
      c = Math.min(c, t);
      d = Math.max(d, t);
    }
    if ((b - a) * (d - c) < best.area) best = { area: (b - a) * (d - c), along };
  });
  return best.along;
}

/** The smallest box with one side along a direction. */
function boxAlong(points: readonly Vec3[], axis: Vec3) {
  const { right, up } = square(axis);
  const [c, s] = smallestTurn(points.map((point) => seenAt({ right, up }, point)));
  const along: Vec3 = [right[0] * c + up[0] * s, right[1] * c + up[1] * s, right[2] * c + up[2] * s];
  const axes: [Vec3, Vec3, Vec3] = [axis, along, cross(axis, along)];
  const sides: Vec3 = [extent(points, axes[0]), extent(points, axes[1]), extent(points, axes[2])];
  return { axes, sides, volume: sides[0] * sides[1] * sides[2] };
}

/**
 * The smallest box, turned any way, that a solid goes into: the best over directions spread evenly, then turned about its
 * own sides for as long as that helps. Within 2 % of the smallest volume for the solids it has been held against.
 *
 * @param positions x, y, z of each vertex; none gives a box of no size
 */
export function smallestBox(positions: Float64Array): TurnedBox {
  const points = outermost(positions);
  const tries: Vec3[] = [[1, 0, 0], [0, 1, 0], [0, 0, 1], ...directions(TRIED)];
  let best = tries.map((axis) => boxAlong(points, axis)).reduce((a, b) => (b.volume < a.volume ? b : a));
  let turn = FIRST_TURN;
  for (let round = 0; round < ROUNDS; round += 1) {
    const [a, b, c] = best.axes;
    const near = ([p, q]: readonly [Vec3, Vec3], by: number): Vec3 =>
      unit([p[0] + q[0] * by, p[1] + q[1] * by, p[2] + q[2] * by]);
    const pairs = [
      [a, b],
      [a, c],
      [b, a],
      [b, c],
      [c, a],
      [c, b],
    ] as const;
    const found = [...pairs.flatMap((pair) => [near(pair, turn), near(pair, -turn)]), b, c]
      .map((axis) => boxAlong(points, axis))
      .reduce((one, other) => (other.volume < one.volume ? other : one));
    if (found.volume < best.volume * (1 - 1e-9)) best = found;
    else turn /= 2;
  }
  const sides = best.axes.map((axis) => wholeExtent(positions, axis));
  const order = [0, 1, 2].sort((i, j) => (sides[j] ?? 0) - (sides[i] ?? 0)) as [
    0 | 1 | 2,
    0 | 1 | 2,
    0 | 1 | 2,
  ];
  const [i, j, k] = order;
  return {
    sides: [sides[i] ?? 0, sides[j] ?? 0, sides[k] ?? 0],
    axes: [best.axes[i], best.axes[j], best.axes[k]],
  };
}
