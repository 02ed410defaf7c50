import type { Vec3 } from '../types.ts';
import { cross } from '../vectors.ts';
import { fieldOf, type Placed } from './integrate.ts';
import { pointOf } from './loft.ts';

/** Points round each section. */
const ROUND = 32;
/** A polygon inside an ellipse has less area; drawn this much larger it has the ellipse's. */
const AREA_TRUE = Math.sqrt((2 * Math.PI) / ROUND / Math.sin((2 * Math.PI) / ROUND));

function pointsOf({ loft, sections }: Placed): Vec3[][] {
  return Array.from({ length: sections.count }, (_, i) =>
    Array.from({ length: ROUND }, (__, a) => {
      const angle = (2 * Math.PI * a) / ROUND;
      const across = AREA_TRUE * (sections.across[i] ?? 0) * Math.cos(angle);
      const ahead = (sections.shift[i] ?? 0) + AREA_TRUE * (sections.ahead[i] ?? 0) * Math.sin(angle);
      return pointOf(loft, sections.y[i] ?? 0, across, ahead);
    }),
  );
}

function nearBox({ min, max }: Placed, [x, y, z]: Vec3): boolean {
  return x >= min[0] && x <= max[0] && y >= min[1] && y <= max[1] && z >= min[2] && z <= max[2];
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
  let [area, volume] = [0, 0];
  const all = lofts.map((one) => ({ one, field: fieldOf(one) }));
  for (const { one } of all) {
    const others = all.filter((other) => other.one !== one && meet(other.one, one));
    const hand = handed(one);
    const count = (a: Vec3, b: Vec3, c: Vec3): void => {
      const middle: Vec3 = [(a[0] + b[0] + c[0]) / 3, (a[1] + b[1] + c[1]) / 3, (a[2] + b[2] + c[2]) / 3];
      if (others.some((other) => nearBox(other.one, middle) && other.field(...middle) < 0)) return;
      const normal = cross([b[0] - a[0], b[1] - a[1], b[2] - a[2]], [c[0] - a[0], c[1] - a[1], c[2] - a[2]]);
      const outward = hand * (normal[0] * middle[0] + normal[1] * middle[1] + normal[2] * middle[2]);
      area += Math.hypot(...normal) / 2;
      volume += outward / 6;
    };
    const rows = pointsOf(one);
    for (let i = 0; i + 1 < rows.length; i += 1)
      for (let a = 0; a < ROUND; a += 1) {
        const [p, q] = [rows[i]?.[a], rows[i]?.[(a + 1) % ROUND]];
        const [r, s] = [rows[i + 1]?.[a], rows[i + 1]?.[(a + 1) % ROUND]];
        if (!p || !q || !r || !s) continue;
        count(p, q, r);
        count(q, s, r);
      }
  }
  return { areaMm2: area, volumeMm3: volume };
}

/** +1 when across × ahead runs along the axis: the triangles then face outward. */
function handed({ loft }: Placed): number {
  const n = cross(loft.acrossAxis, loft.aheadAxis);
  return Math.sign(n[0] * loft.axis[0] + n[1] * loft.axis[1] + n[2] * loft.axis[2]);
}
