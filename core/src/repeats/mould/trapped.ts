import type { Grid, Mesh } from '../../solid/index.ts';

/** How many holes go through a closed surface: its handles, by Euler’s formula V − E + F = 2 (bodies − holes). */
export function holesThrough({ triangles }: Mesh): number {
  const bodies = new Map<number, number>();
  const root = (corner: number): number => {
    let at = corner;
    for (let up = bodies.get(at) ?? at; up !== at; up = bodies.get(at) ?? at) {
      bodies.set(at, bodies.get(up) ?? up);
      at = up;
    }
    return at;
  };
  const edges = new Set<string>();
  for (let t = 0; t < triangles.length; t += 3) {
    const corners = [triangles[t] ?? 0, triangles[t + 1] ?? 0, triangles[t + 2] ?? 0];
    corners.forEach((a, k) => {
      const b = corners[(k + 1) % 3] ?? a;
      edges.add(a < b ? `${a}/${b}` : `${b}/${a}`);
      if (!bodies.has(a)) bodies.set(a, a);
      bodies.set(root(a), root(b));
    });
  }
  const whole = new Set([...bodies.keys()].map(root)).size;
  return whole - (bodies.size - edges.size + triangles.length / 3) / 2;
}

/** Where a body is thinner than on either side of it. */
export interface Neck {
  /** 0 across, 1 upright, 2 from back to front: the way along which it is cut. */
  readonly axis: 0 | 1 | 2;
  /** Place along it, as a share from its low end. */
  readonly share: number;
  /** Diameter of a circle of the same area, in the unit of the grid. */
  readonly acrossMm: number;
}

/** A waist is a neck when it has less than this share of the area on either side. */
const NECKED = 0.4;

/** Slices this little larger than the thinnest are as thin. */
const LEVEL = 1.03;

/** Area of every slice across one axis, cells that the surface runs through counted in part. */
function slices({ size, cell, distance }: Grid, axis: 0 | 1 | 2): Float64Array {
  const areas = new Float64Array(size[axis]);
  let i = 0;
  for (let z = 0; z < size[2]; z += 1)
    for (let y = 0; y < size[1]; y += 1)
      for (let x = 0; x < size[0]; x += 1, i += 1) {
        const filled = Math.min(1, Math.max(0, 0.5 - (distance[i] ?? 0) / cell));
        const at = [x, y, z][axis] ?? 0;
        areas[at] = (areas[at] ?? 0) + filled * cell * cell;
      }
  return areas;
}

/** The highest so far, from one end of a row to the other. */
function highestTo(values: Float64Array): Float64Array {
  let most = 0;
  return values.map((value) => {
    most = Math.max(most, value);
    return most;
  });
}

/** The thinnest neck of a body along each axis that has one, thinnest first. */
export function necksOf(grid: Grid): readonly Neck[] {
  const found = ([0, 1, 2] as const).flatMap((axis): Neck[] => {
    const areas = slices(grid, axis);
    const low = highestTo(areas);
    const high = highestTo(areas.slice().reverse()).reverse();
    const first = areas.findIndex((area) => area > 0);
    const last = areas.findLastIndex((area) => area > 0);
    let best = -1;
    areas.forEach((area, i) => {
      if (i <= first || i >= last || area > NECKED * Math.min(low[i] ?? 0, high[i] ?? 0)) return;
      if (best < 0 || area < (areas[best] ?? 0)) best = i;
    });
    if (best < 0) return [];
    // The middle of where it is as thin.
    const level = LEVEL * (areas[best] ?? 0);
    let end = best;
    while (end + 1 < last && (areas[end + 1] ?? 0) <= level) end += 1;
    let start = best;
    while (start - 1 > first && (areas[start - 1] ?? 0) <= level) start -= 1;
    const share = ((start + end) / 2 - first) / Math.max(1, last - first);
    return [{ axis, share, acrossMm: 2 * Math.sqrt((areas[best] ?? 0) / Math.PI) }];
  });
  return found.sort((a, b) => a.acrossMm - b.acrossMm);
}
