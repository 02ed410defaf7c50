import type { Grid } from './grid.ts';

/** How far a solid reaches out over nothing as it stands. */
export interface Overhang {
  /** Longest way, level, from where the solid is held from below. */
  readonly reach: number;
  /** Height of that place over the lowest, in the grid's unit. */
  readonly height: number;
  /** Whether some of it hangs: it begins in the air and is held only from above. */
  readonly hangs: boolean;
}

/** From cell to cell: straight and across. */
const [STRAIGHT, ACROSS] = [1, Math.SQRT2];
/** Sweeps over a layer, each there and back: enough for shapes that wind. */
const SWEEPS = 3;

/**
 * Longest overhang of a solid that stands on its lowest cells. Layer by layer from below, a cell reaches as far as the one
 * under it, or as its neighbours in the layer and the way to them; what begins in the air counts once it is joined.
 *
 * @param grid signed distances, y upward
 * @example overhangOf(grid) // { reach: 12, height: 40, hangs: false }: a table top 12 beyond its leg
 */
export function overhangOf({ size, cell, distance }: Pick<Grid, 'size' | 'cell' | 'distance'>): Overhang {
  const [nx, ny, nz] = size;
  const isIn = (x: number, y: number, z: number) =>
    x >= 0 && x < nx && z >= 0 && z < nz && (distance[x + nx * (y + ny * z)] ?? 1) < 0;
  const far = Number.POSITIVE_INFINITY;
  let below = new Float64Array(nx * nz).fill(far);
  let [reach, at, ground, hangs] = [0, 0, -1, false];
  for (let y = 0; y < ny; y += 1) {
    const here = new Float64Array(nx * nz).fill(far);
    let some = false;
    for (let z = 0; z < nz; z += 1)
      for (let x = 0; x < nx; x += 1)
        if (isIn(x, y, z)) {
          some = true;
          here[x + nx * z] = ground < 0 ? 0 : (below[x + nx * z] ?? far);
        }
    if (!some) {
      if (ground >= 0) break;
      continue;
    }
    if (ground < 0) ground = y;
    else relax(here, nx, nz, (x, z) => isIn(x, y, z));
    for (let z = 0; z < nz; z += 1)
      for (let x = 0; x < nx; x += 1) {
        const value = here[x + nx * z] ?? far;
        if (!isIn(x, y, z)) continue;
        if (value === far) hangs = true;
        else if (value > reach) [reach, at] = [value, y];
      }
    below = here;
  }
  return { reach: reach * cell, height: (at - Math.max(0, ground)) * cell, hangs };
}

function relax(here: Float64Array, nx: number, nz: number, isIn: (x: number, z: number) => boolean): void {
  const take = (x: number, z: number, dx: number, dz: number, way: number): void => {
    if (!isIn(x + dx, z + dz)) return;
    const there = (here[x + dx + nx * (z + dz)] ?? 0) + way;
    if (there < (here[x + nx * z] ?? 0)) here[x + nx * z] = there;
  };
  for (let sweep = 0; sweep < SWEEPS; sweep += 1) {
    for (let z = 0; z < nz; z += 1)
      for (let x = 0; x < nx; x += 1) {
        if (!isIn(x, z)) continue;
        take(x, z, -1, 0, STRAIGHT);
        take(x, z, 0, -1, STRAIGHT);
        take(x, z, -1, -1, ACROSS);
        take(x, z, 1, -1, ACROSS);
      }
    for (let z = nz - 1; z >= 0; z -= 1)
      for (let x = nx - 1; x >= 0; x -= 1) {
        if (!isIn(x, z)) continue;
        take(x, z, 1, 0, STRAIGHT);
        take(x, z, 0, 1, STRAIGHT);
        take(x, z, 1, 1, ACROSS);
        take(x, z, -1, 1, ACROSS);
      }
  }
}
