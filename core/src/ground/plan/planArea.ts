import { counterClockwise, type Ring, strokeOf, type Vec2 } from '../../form/index.ts';
import type { Heap } from '../../piece/index.ts';
import { whyNoArea } from './boardRing.ts';

/** What of a record says where on the plan it lies: the corners of an area, or those a ribbon of a width runs through. */
export type PlanAreaRecord = Pick<Heap, 'points' | 'ribbonMm'>;

/** An area of the plan as one ring that runs counter-clockwise, miniature mm; or why it is none. */
export interface PlanArea {
  readonly ring: Ring;
  /** Null for one that bounds an area. */
  readonly why: string | null;
}

/** Stretches that a smooth bend between two corners is drawn in. */
const BEND = 12;

/** Corners nearer to one another than this are one, mm. */
const LEAST_WAY = 0.01;

/** Places at the parameters of a curve, each as far on as the root of the way between its corners. */
function knots(p: readonly Vec2[]): number[] {
  const at = [0];
  for (let k = 1; k < p.length; k += 1) {
    const [[ax, ay], [bx, by]] = [p[k - 1] as Vec2, p[k] as Vec2];
    at.push((at[k - 1] as number) + Math.max(1e-6, Math.sqrt(Math.hypot(bx - ax, by - ay))));
  }
  return at;
}

const between = (a: Vec2, b: Vec2, from: number, to: number, t: number): Vec2 => {
  const share = (t - from) / (to - from);
  return [a[0] + (b[0] - a[0]) * share, a[1] + (b[1] - a[1]) * share];
};

/**
 * A smooth line through corners, its first and last kept.
 *
 * Source: E. Catmull and R. Rom, “A class of local interpolating splines”, 1974, in the centripetal form of C. Yuksel et al.,
 * “Parameterization and applications of Catmull–Rom curves”, 2011, which makes no loops.
 *
 * @example smoothLine([[0, 0], [10, 0]]) // [[0, 0], [10, 0]]
 */
export function smoothLine(corners: readonly Vec2[]): readonly Vec2[] {
  const [first, second, last, before] = [corners[0], corners[1], corners.at(-1), corners.at(-2)];
  if (corners.length < 3 || !first || !second || !last || !before) return corners;
  const mirrored = ([x, y]: Vec2, [u, v]: Vec2): Vec2 => [2 * x - u, 2 * y - v];
  const p = [mirrored(first, second), ...corners, mirrored(last, before)];
  const t = knots(p);
  const line: Vec2[] = [first];
  for (let k = 1; k + 2 < p.length; k += 1) {
    const [p0, p1, p2, p3] = p.slice(k - 1, k + 3) as [Vec2, Vec2, Vec2, Vec2];
    const [t0, t1, t2, t3] = t.slice(k - 1, k + 3) as [number, number, number, number];
    for (let step = 1; step <= BEND; step += 1) {
      const at = t1 + ((t2 - t1) * step) / BEND;
      const [a, b, c] = [
        between(p0, p1, t0, t1, at),
        between(p1, p2, t1, t2, at),
        between(p2, p3, t2, t3, at),
      ];
      line.push(between(between(a, b, t0, t2, at), between(b, c, t1, t3, at), t1, t2, at));
    }
  }
  return line;
}

/**
 * The ring of what has a place on the plan: within its corners, or a ribbon with smooth bends through them.
 *
 * @example planArea({ points: [{ xMm: 0, yMm: 0 }, { xMm: 100, yMm: 0 }], ribbonMm: 10 }).ring // 100 × 10 mm
 */
export function planArea({ points, ribbonMm }: PlanAreaRecord): PlanArea {
  const corners = points.map(({ xMm, yMm }): Vec2 => [xMm, yMm]);
  if (ribbonMm === 0) return { ring: counterClockwise(corners), why: whyNoArea(corners) };
  const [from] = corners;
  const isStill =
    from === undefined || corners.every(([x, y]) => Math.hypot(x - from[0], y - from[1]) < LEAST_WAY);
  const outline = isStill ? [] : strokeOf(smoothLine(corners), ribbonMm);
  const [face] = outline;
  if (!face?.[0]) return { ring: [], why: 'it leads nowhere: move one of its corners' };
  if (outline.length > 1 || face.length > 1)
    return { ring: counterClockwise(face[0]), why: 'it runs back into itself: draw it as two' };
  return { ring: counterClockwise(face[0]), why: null };
}
