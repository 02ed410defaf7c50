import type { Ring, Vec2 } from '../../form/index.ts';

/** A box: its left, front, right and back. */
export type Extent = readonly [number, number, number, number];

/** Squared distance from a place to a stretch of line. */
function toStretch([x, y]: Vec2, [ax, ay]: Vec2, [bx, by]: Vec2): number {
  const [dx, dy] = [bx - ax, by - ay];
  const long = dx * dx + dy * dy;
  const t = long === 0 ? 0 : Math.max(0, Math.min(1, ((x - ax) * dx + (y - ay) * dy) / long));
  const [ex, ey] = [x - ax - t * dx, y - ay - t * dy];
  return ex * ex + ey * ey;
}

/** Whether a place lies within a ring (by the crossings of a line to the right). */
export function within([x, y]: Vec2, ring: Ring): boolean {
  let isIn = false;
  for (let i = 0, j = ring.length - 1; i < ring.length; j = i, i += 1) {
    const [ax, ay] = ring[i] as Vec2;
    const [bx, by] = ring[j] as Vec2;
    if (ay > y !== by > y && x < ((bx - ax) * (y - ay)) / (by - ay) + ax) isIn = !isIn;
  }
  return isIn;
}

/** Distance from a place to the line of a ring, mm. */
export function toEdge(at: Vec2, ring: Ring): number {
  let least = Infinity;
  for (let i = 0, j = ring.length - 1; i < ring.length; j = i, i += 1)
    least = Math.min(least, toStretch(at, ring[j] as Vec2, ring[i] as Vec2));
  return Math.sqrt(least);
}

/** How far a place lies outside a ring, mm; negative within. */
export function outsideBy(at: Vec2, ring: Ring): number {
  return within(at, ring) ? -toEdge(at, ring) : toEdge(at, ring);
}

/** How far the corners of a ring reach outside another, mm; negative where all lie within. */
export function reachesOut(ring: Ring, room: Ring): number {
  return Math.max(...ring.map((at) => outsideBy(at, room)));
}

/** The least two boxes can be apart, mm. */
export function boxesApart([l, f, r, k]: Extent, [u, v, w, z]: Extent): number {
  return Math.hypot(Math.max(0, u - r, l - w), Math.max(0, v - k, f - z));
}

/** How far two convex rings are apart, mm; 0 where they share a place. */
export function convexApart(a: Ring, b: Ring): number {
  if (a.length === 0 || b.length === 0) return Infinity;
  // They are apart when a side of one has all of the other on its outer side (separating axis).
  if (!separated(a, b) && !separated(b, a)) return 0;
  let least = Infinity;
  for (const [one, other] of [
    [a, b],
    [b, a],
  ] as const)
    for (const at of one)
      for (let i = 0, j = other.length - 1; i < other.length; j = i, i += 1)
        least = Math.min(least, toStretch(at, other[j] as Vec2, other[i] as Vec2));
  return Math.sqrt(least);
}

function separated(a: Ring, b: Ring): boolean {
  for (let i = 0, j = a.length - 1; i < a.length; j = i, i += 1) {
    const [ax, ay] = a[j] as Vec2;
    const [bx, by] = a[i] as Vec2;
    // Outward of a ring that runs counter-clockwise.
    const [nx, ny] = [by - ay, ax - bx];
    if (nx === 0 && ny === 0) continue;
    let isOut = true;
    for (const [x, y] of b)
      if ((x - ax) * nx + (y - ay) * ny < 0) {
        isOut = false;
        break;
      }
    if (isOut) return true;
  }
  return false;
}
