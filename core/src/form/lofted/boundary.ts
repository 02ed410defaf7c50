import type { Field } from '../types.ts';
import { cross } from '../vectors.ts';
import { fieldOf, type Placed } from './integrate.ts';

/** Points round each section. */
const ROUND = 32;
/** A polygon inside an ellipse has less area; drawn this much larger it has the ellipse's. */
const AREA_TRUE = Math.sqrt((2 * Math.PI) / ROUND / Math.sin((2 * Math.PI) / ROUND));

/** Points round every section, x, y, z each, section by section. */
function pointsOf({ loft, sections }: Placed): Float64Array {
  const { origin: o, axis: w, acrossAxis: u, aheadAxis: v } = loft;
  const points = new Float64Array(sections.count * ROUND * 3);
  let at = 0;
  for (let i = 0; i < sections.count; i += 1)
    for (let a = 0; a < ROUND; a += 1) {
      const angle = (2 * Math.PI * a) / ROUND;
      const y = sections.y[i] ?? 0;
      const p = AREA_TRUE * (sections.across[i] ?? 0) * Math.cos(angle);
      const q = (sections.shift[i] ?? 0) + AREA_TRUE * (sections.ahead[i] ?? 0) * Math.sin(angle);
      points[at] = o[0] + w[0] * y + u[0] * p + v[0] * q;
      points[at + 1] = o[1] + w[1] * y + u[1] * p + v[1] * q;
      points[at + 2] = o[2] + w[2] * y + u[2] * p + v[2] * q;
      at += 3;
    }
  return points;
}

/** Whether a place lies inside one of several lofts. */
function insideAny(x: number, y: number, z: number, others: readonly Other[]): boolean {
  for (const { box, field } of others) {
    const { min, max } = box;
    if (x < min[0] || x > max[0] || y < min[1] || y > max[1] || z < min[2] || z > max[2]) continue;
    if (field(x, y, z) < 0) return true;
  }
  return false;
}

/** A neighbour: the box round it, and its distances. */
interface Other {
  readonly box: Placed;
  readonly field: Field;
}

function meet(a: Placed, b: Placed): boolean {
  return ([0, 1, 2] as const).every((k) => a.min[k] <= b.max[k] && b.min[k] <= a.max[k]);
}

/** Surface and enclosed volume of a union of lofts. */
export interface Boundary {
  readonly areaMm2: number;
  /** By the divergence theorem over the same triangles: a second opinion on the volume. */
  readonly volumeMm3: number;
}

/**
 * Triangles on every loft, less those that lie inside another one.
 */
export function boundaryOf(lofts: readonly Placed[]): Boundary {
  const all = lofts.map((box): Other => ({ box, field: fieldOf(box) }));
  let [area, volume] = [0, 0];
  for (const one of lofts) {
    const sums = skinOf(
      one,
      all.filter(({ box }) => box !== one && meet(box, one)),
    );
    area += sums.areaMm2;
    volume += sums.volumeMm3;
  }
  return { areaMm2: area, volumeMm3: volume };
}

/** The share of one loft in the surface of the whole. */
function skinOf(one: Placed, others: readonly Other[]): Boundary {
  const points = pointsOf(one);
  const hand = handed(one);
  let [area, volume] = [0, 0];
  const count = (a: number, b: number, c: number): void => {
    const [ax, ay, az] = [points[a] ?? 0, points[a + 1] ?? 0, points[a + 2] ?? 0];
    const [bx, by, bz] = [points[b] ?? 0, points[b + 1] ?? 0, points[b + 2] ?? 0];
    const [cx, cy, cz] = [points[c] ?? 0, points[c + 1] ?? 0, points[c + 2] ?? 0];
    const [mx, my, mz] = [(ax + bx + cx) / 3, (ay + by + cy) / 3, (az + bz + cz) / 3];
    if (insideAny(mx, my, mz, others)) return;
    const nx = (by - ay) * (cz - az) - (bz - az) * (cy - ay);
    const ny = (bz - az) * (cx - ax) - (bx - ax) * (cz - az);
    const nz = (bx - ax) * (cy - ay) - (by - ay) * (cx - ax);
    area += Math.sqrt(nx * nx + ny * ny + nz * nz) / 2;
    volume += (hand * (nx * mx + ny * my + nz * mz)) / 6;
  };
  const ring = 3 * ROUND;
  for (let row = 0; row + ring < points.length; row += ring)
    for (let a = 0; a < ring; a += 3) {
      const next = (a + 3) % ring;
      count(row + a, row + next, row + ring + a);
      count(row + next, row + ring + next, row + ring + a);
    }
  return { areaMm2: area, volumeMm3: volume };
}

/** +1 when across × ahead runs along the axis: the triangles then face outward. */
function handed({ loft }: Placed): number {
  const n = cross(loft.acrossAxis, loft.aheadAxis);
  return Math.sign(n[0] * loft.axis[0] + n[1] * loft.axis[1] + n[2] * loft.axis[2]);
}
