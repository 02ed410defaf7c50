import type { Vec3 } from '../form/index.ts';

/** A bend of a run. */
export interface Bend {
  /** From the start of the run, along the line of its middle, mm. */
  readonly atMm: number;
  readonly degrees: number;
  readonly point: Vec3;
}

/** A smaller turn is not bent on purpose, degrees. */
const LEAST = 8;
/** Inside of a bend, in widths of the wire: bent tighter, wire cracks in the end (common practice). */
export const BEND_RADIUS = 1.5;

/** Where a run is bent, and by how much. */
export function bendsOf(path: readonly Vec3[]): Bend[] {
  let along = 0;
  return path.flatMap((point, i): Bend[] => {
    const [before, after] = [path[i - 1], path[i + 1]];
    if (!before) return [];
    const u: Vec3 = [point[0] - before[0], point[1] - before[1], point[2] - before[2]];
    const length = Math.hypot(...u);
    along += length;
    if (!after || length === 0) return [];
    const v: Vec3 = [after[0] - point[0], after[1] - point[1], after[2] - point[2]];
    const next = Math.hypot(...v);
    if (next === 0) return [];
    const cosine = (u[0] * v[0] + u[1] * v[1] + u[2] * v[2]) / (length * next);
    const degrees = (Math.acos(Math.max(-1, Math.min(1, cosine))) * 180) / Math.PI;
    return degrees < LEAST ? [] : [{ atMm: along, degrees, point }];
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
