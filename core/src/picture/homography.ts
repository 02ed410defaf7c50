import type { Vec2 } from '../form/index.ts';
import { PictureFaultError } from './errors.ts';

/** A mapping of a plane onto a plane that keeps straight lines straight. */
export type Homography = (point: Vec2) => Vec2;

type Four = readonly [Vec2, Vec2, Vec2, Vec2];

/** A corner counts as one when it turns by more than this, as the sine of the turn. */
const LEAST_TURN = 1e-3;

/** Whether four points go round a convex quadrilateral, either way. */
export function isConvex(corners: readonly Vec2[]): boolean {
  const turns = corners.map(([x, y], i) => {
    const [u, v] = corners[(i + 1) % corners.length] ?? [x, y];
    const [s, t] = corners[(i + 2) % corners.length] ?? [x, y];
    const size = Math.hypot(u - x, v - y) * Math.hypot(s - u, t - v);
    return size === 0 ? 0 : ((u - x) * (t - v) - (v - y) * (s - u)) / size;
  });
  return turns.every((turn) => turn > LEAST_TURN) || turns.every((turn) => turn < -LEAST_TURN);
}

/** Solves a square system of equations by elimination with the largest pivot; null when it has no one solution. */
function solved(rows: number[][]): number[] | null {
  const n = rows.length;
  for (let k = 0; k < n; k += 1) {
    let pivot = k;
    for (let i = k + 1; i < n; i += 1)
      if (Math.abs(rows[i]?.[k] ?? 0) > Math.abs(rows[pivot]?.[k] ?? 0)) pivot = i;
    const [a, b] = [rows[k], rows[pivot]];
    if (!a || !b || Math.abs(b[k] ?? 0) < 1e-12) return null;
    rows[k] = b;
    rows[pivot] = a;
    for (let i = 0; i < n; i += 1) {
      const row = rows[i];
      if (!row || i === k) continue;
      const by = (row[k] ?? 0) / (b[k] ?? 1);
      for (let j = k; j <= n; j += 1) row[j] = (row[j] ?? 0) - by * (b[j] ?? 0);
    }
  }
  return rows.map((row, i) => (row[n] ?? 0) / (row[i] ?? 1));
}

/** The middle of points and their mean distance from it: equations in such numbers are well posed (Hartley 1997). */
function frameOf(points: readonly Vec2[]): { readonly middle: Vec2; readonly size: number } {
  const middle = points.reduce<Vec2>(
    ([a, b], [x, y]) => [a + x / points.length, b + y / points.length],
    [0, 0],
  );
  const size = points.reduce(
    (sum, [x, y]) => sum + Math.hypot(x - middle[0], y - middle[1]) / points.length,
    0,
  );
  return { middle, size };
}

/**
 * The mapping that takes four points to four others (direct linear transform; Hartley & Zisserman, *Multiple View Geometry*,
 * 4.1). It throws a {@link PictureFaultError} for a point at or beyond the horizon of the plane.
 *
 * @param from corners of a convex quadrilateral
 * @throws {PictureFaultError} when they are none
 */
export function homography(from: Four, to: Four): Homography {
  if (!isConvex(from) || !isConvex(to)) throw new PictureFaultError('not-a-rectangle');
  const { middle, size } = frameOf(from);
  const near = ([x, y]: Vec2): Vec2 => [(x - middle[0]) / size, (y - middle[1]) / size];
  const rows = from.flatMap((point, i) => {
    const [x, y] = near(point);
    const [u, v] = to[i] ?? [0, 0];
    return [
      [x, y, 1, 0, 0, 0, -u * x, -u * y, u],
      [0, 0, 0, x, y, 1, -v * x, -v * y, v],
    ];
  });
  const found = solved(rows);
  if (!found) throw new PictureFaultError('not-a-rectangle');
  const [a = 0, b = 0, c = 0, d = 0, e = 0, f = 0, g = 0, h = 0] = found;
  return (point) => {
    const [x, y] = near(point);
    // The middle of the four lies before the viewer, and there this is 1: behind the horizon it is negative.
    const w = g * x + h * y + 1;
    if (!(w > 1e-9)) throw new PictureFaultError('beyond-the-horizon');
    return [(a * x + b * y + c) / w, (d * x + e * y + f) / w];
  };
}
