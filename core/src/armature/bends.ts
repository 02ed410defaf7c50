import type { Vec3 } from '../form/index.ts';

/** Ways a wire is turned, as the part is seen from the front. */
export type Towards = 'up' | 'down' | 'left' | 'right' | 'forward' | 'back';

/** A bend of a run. */
export interface Bend {
  /** From the start of the run, along the line of its middle, mm. */
  readonly atMm: number;
  readonly degrees: number;
  /** Where the wire that comes after it goes, most of all. */
  readonly towards: Towards;
  readonly point: Vec3;
}

/** A smaller turn is not bent on purpose, degrees. */
const LEAST = 8;
/** Corners nearer to each other are one bend: no pliers come between them, mm (common practice). */
const APART_MM = 1.5;
/** Inside of a bend, in widths of the wire: bent tighter, wire cracks in the end (common practice). */
export const BEND_RADIUS = 1.5;

/** A corner of a line: the directions before and after it. */
interface Corner {
  readonly atMm: number;
  readonly point: Vec3;
  readonly before: Vec3;
  readonly after: Vec3;
}

const unit = (from: Vec3, to: Vec3): { readonly along: Vec3; readonly length: number } => {
  const v: Vec3 = [to[0] - from[0], to[1] - from[1], to[2] - from[2]];
  const length = Math.hypot(...v);
  return { along: [v[0] / length, v[1] / length, v[2] / length], length };
};

const dot = (a: Vec3, b: Vec3) => a[0] * b[0] + a[1] * b[1] + a[2] * b[2];
const turnOf = ({ before, after }: Pick<Corner, 'before' | 'after'>) =>
  (Math.acos(Math.max(-1, Math.min(1, dot(before, after)))) * 180) / Math.PI;

const WAYS: readonly (readonly [Towards, Towards])[] = [
  ['right', 'left'],
  ['up', 'down'],
  ['forward', 'back'],
];

/** Where a wire goes at a corner: the largest part of its new direction that lies across the old one. */
function towards({ before, after }: Corner): Towards {
  const across = after.map((value, k) => value - dot(before, after) * (before[k] ?? 0));
  const k = across.reduce((best, value, i) => (Math.abs(value) > Math.abs(across[best] ?? 0) ? i : best), 0);
  const [plus, minus] = WAYS[k] ?? ['up', 'down'];
  return (across[k] ?? 0) >= 0 ? plus : minus;
}

/** Corners of a line that turns at them at all. */
function cornersOf(path: readonly Vec3[]): Corner[] {
  let along = 0;
  return path.flatMap((point, i): Corner[] => {
    const [before, after] = [path[i - 1], path[i + 1]];
    if (!before) return [];
    const come = unit(before, point);
    along += come.length;
    if (!after || come.length === 0) return [];
    const go = unit(point, after);
    return go.length === 0 ? [] : [{ atMm: along, point, before: come.along, after: go.along }];
  });
}

/** Corners that lie too near to each other as one, at the sharpest of them. */
function merged(corners: readonly Corner[]): Corner[] {
  const groups: Corner[][] = [];
  for (const corner of corners) {
    const last = groups.at(-1);
    const before = last?.at(-1);
    if (last && before && corner.atMm - before.atMm < APART_MM) last.push(corner);
    else groups.push([corner]);
  }
  return groups.flatMap((group): Corner[] => {
    const [first, last] = [group[0], group.at(-1)];
    if (!first || !last) return [];
    const sharpest = group.reduce((a, b) => (turnOf(b) > turnOf(a) ? b : a));
    return [{ ...sharpest, before: first.before, after: last.after }];
  });
}

/**
 * Where a run is bent, by how much and which way; corners that no pliers come between are one bend.
 *
 * @param path in the frame of the part, mm: right, up and forward as it is seen from the front
 */
export function bendsOf(path: readonly Vec3[]): Bend[] {
  return merged(cornersOf(path).filter((corner) => turnOf(corner) > 0)).flatMap((corner): Bend[] => {
    const degrees = turnOf(corner);
    if (degrees < LEAST) return [];
    return [{ atMm: corner.atMm, degrees, towards: towards(corner), point: corner.point }];
  });
}

/**
 * What a rounded bend is shorter than its corner: 2R tan(θ ÷ 2) − Rθ, R to the middle of the wire (geometry of an arc between
 * two tangents).
 *
 * @example bendSaving(90, 2).toFixed(3) // '0.858'
 */
export function bendSaving(degrees: number, radiusMm: number): number {
  // A wire turned back on itself is folded: there is no corner to be cut.
  const theta = (Math.min(degrees, 150) * Math.PI) / 180;
  return 2 * radiusMm * Math.tan(theta / 2) - radiusMm * theta;
}
