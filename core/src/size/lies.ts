import type { Box, Vec2 } from '../form/index.ts';

/** Room inside an oven that can be used, clearances taken off, mm. */
export interface Room {
  readonly widthMm: number;
  readonly depthMm: number;
  readonly heightMm: number;
}

export type LieKind = 'upright' | 'upright, turned' | 'lying' | 'lying, turned' | 'leaning';

/** One way of putting a thing down, with what room is left. */
export interface Lie {
  readonly kind: LieKind;
  /** From along the walls, or from the upright, degrees. */
  readonly degrees: number;
  /** Least room left on any side, mm; negative when short. */
  readonly marginMm: number;
}

/** A thing to be put down, millimetres with y up. */
export interface Body {
  readonly box: Box;
  /** Points that it is the hull of, seen along one of its axes: along x as z and y, along y as x and z, along z as x and y. */
  seenAlong(axis: 'x' | 'y' | 'z'): readonly Vec2[];
}

/**
 * Whether a rectangle goes into another one, turned any way (Carver 1957).
 *
 * @example carverFits(11, 1, 10, 5) // true: it goes in slantwise
 */
export function carverFits(side1: number, side2: number, room1: number, room2: number): boolean {
  const [p, q] = [Math.max(side1, side2), Math.min(side1, side2)];
  const [a, b] = [Math.max(room1, room2), Math.min(room1, room2)];
  if (p <= a) return q <= b;
  if (q > b) return false;
  const square = p * p + q * q;
  return b >= (2 * p * q * a + (p * p - q * q) * Math.sqrt(square - a * a)) / square;
}

/** Size of points across and up when they are turned. */
function sizeAt(points: readonly Vec2[], radians: number): readonly [across: number, up: number] {
  const [c, s] = [Math.cos(radians), Math.sin(radians)];
  let [a, b, d, e] = [Infinity, -Infinity, Infinity, -Infinity];
  for (const [x, y] of points) {
    const [u, v] = [x * c - y * s, x * s + y * c];
    a = Math.min(a, u);
    b = Math.max(b, u);
    d = Math.min(d, v);
    e = Math.max(e, v);
  }
  return [b - a, e - d];
}

/** Coarse and fine steps that a turn is looked for in, degrees. */
const COARSE = 2;
const FINE = 0.1;

/** The turn of points that leaves the most room in a rectangle. */
function bestTurn(
  points: readonly Vec2[],
  across: number,
  up: number,
): { degrees: number; marginMm: number } {
  const at = (degrees: number) => {
    const [w, h] = sizeAt(points, (degrees * Math.PI) / 180);
    return { degrees, marginMm: Math.min(across - w, up - h) };
  };
  const better = (a: ReturnType<typeof at>, b: ReturnType<typeof at>) => (b.marginMm > a.marginMm ? b : a);
  let best = at(0);
  for (let degrees = COARSE; degrees < 180; degrees += COARSE) best = better(best, at(degrees));
  const middle = best.degrees;
  for (let off = -COARSE; off <= COARSE; off += FINE) best = better(best, at(middle + off));
  return best;
}

const AXES = ['x', 'y', 'z'] as const;
type Axis = (typeof AXES)[number];

function sizeOf({ box: { min, max } }: Body, axis: Axis): number {
  const k = AXES.indexOf(axis) as 0 | 1 | 2;
  return max[k] - min[k];
}

function best(lies: readonly Lie[]): Lie | null {
  return lies.reduce<Lie | null>((a, b) => (a === null || b.marginMm > a.marginMm ? b : a), null);
}

/** Set down square to the walls with an axis upright. */
function squareLie(body: Body, upright: Axis, { widthMm, depthMm, heightMm }: Room): Lie {
  const [p, q] = AXES.filter((axis) => axis !== upright).map((axis) => sizeOf(body, axis)) as [
    number,
    number,
  ];
  const flat = Math.max(Math.min(widthMm - p, depthMm - q), Math.min(widthMm - q, depthMm - p));
  const kind = upright === 'y' ? 'upright' : 'lying';
  return { kind, degrees: 0, marginMm: Math.min(heightMm - sizeOf(body, upright), flat) };
}

/** Turned on the floor about an upright axis. */
function turnedLie(body: Body, upright: Axis, { widthMm, depthMm, heightMm }: Room): Lie {
  const { degrees, marginMm } = bestTurn(body.seenAlong(upright), widthMm, depthMm);
  return {
    kind: upright === 'y' ? 'upright, turned' : 'lying, turned',
    degrees,
    marginMm: Math.min(heightMm - sizeOf(body, upright), marginMm),
  };
}

/** Leaned in the plane of two axes, against a wall across the width or the depth. */
function leaningLie(body: Body, along: Axis, { widthMm, depthMm, heightMm }: Room): Lie {
  const points = body.seenAlong(along);
  const thick = sizeOf(body, along);
  const found = [
    [widthMm, depthMm],
    [depthMm, widthMm],
  ].map(([wide = 0, deep = 0]) => {
    const { degrees, marginMm } = bestTurn(points, wide, heightMm);
    return { kind: 'leaning' as const, degrees, marginMm: Math.min(deep - thick, marginMm) };
  });
  return best(found) as Lie;
}

/**
 * The plainest way that a body goes into an oven; when none does, the one that is the least short. Square lies need its
 * box alone; turned and leaning ones go by its outline.
 */
export function plainestLie(body: Body, room: Room): Lie {
  const square = AXES.map((axis) => squareLie(body, axis, room));
  const upright = square[1] as Lie;
  const ways: readonly (() => Lie | null)[] = [
    () => upright,
    () => turnedLie(body, 'y', room),
    () => best([square[0] as Lie, square[2] as Lie]),
    () => best([turnedLie(body, 'x', room), turnedLie(body, 'z', room)]),
    () => best(AXES.map((axis) => leaningLie(body, axis, room))),
  ];
  let least: Lie = upright;
  for (const way of ways) {
    const lie = way();
    if (!lie) continue;
    if (lie.marginMm >= 0) return lie;
    if (lie.marginMm > least.marginMm) least = lie;
  }
  return least;
}

/**
 * Heights between which an upright body can be parted so that both halves go in lying or standing; null when parting it
 * once does not help.
 */
export function partingHeights(
  body: Body,
  { widthMm, depthMm, heightMm }: Room,
): readonly [number, number] | null {
  const sides = [widthMm, depthMm, heightMm].sort((a, b) => b - a) as [number, number, number];
  const tall = sizeOf(body, 'y');
  const [longest, ...rest] = sides;
  if (!carverFits(sizeOf(body, 'x'), sizeOf(body, 'z'), ...rest) || tall > 2 * longest) return null;
  return [Math.max(0, tall - longest), Math.min(tall, longest)];
}
