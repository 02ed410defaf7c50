import type { Ring, Vec2 } from '../form/index.ts';

/** Where and how turned a thing has the most room, and how much on the side that has least. */
export interface Placing {
  /** Negative when it does not go in. */
  readonly marginMm: number;
  readonly turnDegrees: number;
}

/** A side of a convex room: the outward normal and how far out it lies. */
interface Side {
  readonly x: number;
  readonly y: number;
  readonly out: number;
}

function sidesOf(room: Ring): Side[] {
  return room.flatMap(([x, y], i): Side[] => {
    const [u, v] = room[(i + 1) % room.length] ?? [x, y];
    const length = Math.hypot(u - x, v - y);
    if (length === 0) return [];
    // The ring runs counter-clockwise: outward is to the right of the way.
    const [nx, ny] = [(v - y) / length, -(u - x) / length];
    return [{ x: nx, y: ny, out: nx * x + ny * y }];
  });
}

/** Steps of a search for the highest place of a function that has one. */
const STEPS = 24;
const GOLDEN = (Math.sqrt(5) - 1) / 2;

/** The highest value of a concave function between two places (golden section; Kiefer 1953). */
function highest(from: number, to: number, at: (x: number) => number): number {
  let [a, b] = [from, to];
  let [c, d] = [b - GOLDEN * (b - a), a + GOLDEN * (b - a)];
  let [fc, fd] = [at(c), at(d)];
  for (let i = 0; i < STEPS; i += 1)
    if (fc > fd) {
      [b, d, fd] = [d, c, fc];
      c = b - GOLDEN * (b - a);
      fc = at(c);
    } else {
      [a, c, fc] = [c, d, fd];
      d = a + GOLDEN * (b - a);
      fd = at(d);
    }
  return Math.max(fc, fd);
}

function turned(points: readonly Vec2[], degrees: number): Vec2[] {
  const [c, s] = [Math.cos((degrees * Math.PI) / 180), Math.sin((degrees * Math.PI) / 180)];
  return points.map(([x, y]) => [x * c - y * s, x * s + y * c]);
}

/** How far points reach along each side's normal. */
function reaches(points: readonly Vec2[], sides: readonly Side[]): number[] {
  return sides.map(({ x, y }) => Math.max(...points.map(([px, py]) => px * x + py * y)));
}

/** Room on the side that has least, when points are moved about as they are turned. */
function marginAsTurned(points: readonly Vec2[], sides: readonly Side[], span: number): number {
  const left = sides.map(({ out }, i) => ({ out, i }));
  const reach = reaches(points, sides);
  const free = left.map(({ out, i }) => out - (reach[i] ?? 0));
  const leastAt = (cx: number, cy: number) => {
    let least = Infinity;
    for (let i = 0; i < sides.length; i += 1) {
      const side = sides[i] as Side;
      least = Math.min(least, (free[i] as number) - side.x * cx - side.y * cy);
    }
    return least;
  };
  return highest(-span, span, (cx) => highest(-span, span, (cy) => leastAt(cx, cy)));
}

function middle(ring: readonly Vec2[]): Vec2 {
  const xs = ring.map(([x]) => x);
  const ys = ring.map(([, y]) => y);
  return [(Math.min(...xs) + Math.max(...xs)) / 2, (Math.min(...ys) + Math.max(...ys)) / 2];
}

function centred(ring: readonly Vec2[]): Vec2[] {
  const [mx, my] = middle(ring);
  return ring.map(([x, y]) => [x - mx, y - my]);
}

/** Turns that are tried, degrees: coarse over the half circle, then halved about the best. */
const COARSE = 15;
const FINEST = 0.5;
/** A turn that gains less room than this is not asked for, mm. */
const WORTH_TURNING = 0.05;

/**
 * The most room that a convex outline has in a convex room, moved and turned any way.
 *
 * @param points hull of the thing, mm
 * @param room hull of the room, counter-clockwise, mm
 * @param mayTurn whether it may be turned in its plane
 * @returns the room on the side that has least, to 0.01 mm at any one turn; turns are found to half a degree
 * @example bestPlacing(square of 10, square of 12, false).marginMm // 1
 */
export function bestPlacing(points: readonly Vec2[], room: Ring, mayTurn: boolean): Placing {
  const [thing, space] = [centred(points), centred(room)];
  const sides = sidesOf(space);
  const span = Math.max(...space.map(([x, y]) => Math.hypot(x, y)), 1e-6);
  const at = (turnDegrees: number): Placing => ({
    turnDegrees,
    marginMm: marginAsTurned(turned(thing, turnDegrees), sides, span),
  });
  const square = at(0);
  let best = square;
  if (!mayTurn) return best;
  for (let degrees = COARSE; degrees < 180; degrees += COARSE) {
    const one = at(degrees);
    if (one.marginMm > best.marginMm + 1e-6) best = one;
  }
  for (let step = COARSE / 2; step >= FINEST; step /= 2)
    for (const degrees of [best.turnDegrees - step, best.turnDegrees + step]) {
      const one = at(degrees);
      if (one.marginMm > best.marginMm + 1e-6) best = one;
    }
  return best.marginMm - square.marginMm > WORTH_TURNING ? best : square;
}

/**
 * The most room that an outline standing on the ground has under an opening: it may only be moved sideways, and the ground
 * is no side.
 *
 * @param points outline from the front, the ground at y = 0
 * @param opening ring round the opening, its sill at y = 0
 */
export function roomUnder(points: readonly Vec2[], opening: Ring): number {
  const sides = sidesOf(opening).filter(({ y }) => y > -0.999);
  const reach = reaches(points, sides);
  const span = Math.max(...opening.map(([x]) => Math.abs(x)), ...points.map(([x]) => Math.abs(x)));
  return highest(-2 * span, 2 * span, (cx) =>
    Math.min(...sides.map(({ x, out }, i) => out - (reach[i] ?? 0) - x * cx)),
  );
}
