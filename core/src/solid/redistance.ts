import type { Grid } from './grid.ts';

/** Least u with |∇u| = 1 from the smaller neighbour along each axis, all in cells (Zhao 2005, eq. 2.4). */
function eikonal(a: number, b: number, c: number): number {
  const x = Math.min(a, b, c);
  let u = x + 1;
  const z = Math.max(a, b, c);
  const y = a + b + c - x - z;
  if (u <= y) return u;
  u = (x + y + Math.sqrt(2 - (x - y) * (x - y))) / 2;
  if (u <= z) return u;
  const sum = x + y + z;
  return (sum + Math.sqrt(Math.max(0, sum * sum - 3 * (x * x + y * y + z * z - 1)))) / 3;
}

/** One pass over all cells in one of the eight orders, in place. */
function sweepOnce(
  all: Float32Array,
  isFixed: Uint8Array,
  [nx, ny, nz]: Grid['size'],
  order: number,
  far: number,
): void {
  const [si, sj, sk] = [order & 1, (order >> 1) & 1, order >> 2];
  const plane = nx * ny;
  for (let kk = 0; kk < nz; kk += 1) {
    const k = sk ? nz - 1 - kk : kk;
    for (let jj = 0; jj < ny; jj += 1) {
      const j = sj ? ny - 1 - jj : jj;
      for (let ii = 0; ii < nx; ii += 1) {
        const i = si ? nx - 1 - ii : ii;
        const index = (k * ny + j) * nx + i;
        if (isFixed[index]) continue;
        let x = i > 0 ? (all[index - 1] ?? far) : far;
        if (i + 1 < nx) x = Math.min(x, all[index + 1] ?? far);
        let y = j > 0 ? (all[index - nx] ?? far) : far;
        if (j + 1 < ny) y = Math.min(y, all[index + nx] ?? far);
        let z = k > 0 ? (all[index - plane] ?? far) : far;
        if (k + 1 < nz) z = Math.min(z, all[index + plane] ?? far);
        const here = all[index] ?? far;
        if (x >= here && y >= here && z >= here) continue;
        const u = eikonal(x, y, z);
        if (u < here) all[index] = u;
      }
    }
  }
}

/**
 * True distances from those beside the surface, by fast sweeping (Zhao 2005): cells with a neighbour on the other side of
 * the surface keep their distance, all others get theirs from them. First order: far from the surface short by up to
 * about a cell.
 *
 * @param grid signs right everywhere, distances right beside the surface
 * @param where inside alone for a grid whose distances outside are right already
 * @param mostMm what lies farther is said to lie so far: quick where only what is near is asked for
 * @returns a grid with distances of its own
 */
export function redistanced(
  grid: Grid,
  where: 'everywhere' | 'inside' = 'everywhere',
  mostMm = Number.POSITIVE_INFINITY,
): Grid {
  const { size, cell, distance: from } = grid;
  const [nx, ny, nz] = size;
  const plane = nx * ny;
  const far = Math.min(nx + ny + nz, mostMm / cell);
  const all = new Float32Array(from.length).fill(far);
  const isFixed = new Uint8Array(from.length);
  let index = 0;
  for (let k = 0; k < nz; k += 1)
    for (let j = 0; j < ny; j += 1)
      for (let i = 0; i < nx; i += 1, index += 1) {
        const here = from[index] ?? 0;
        const inside = here < 0;
        if (!inside && where === 'inside') {
          isFixed[index] = 1;
          all[index] = Math.min(here / cell, far);
          continue;
        }
        const beside =
          (i > 0 && (from[index - 1] ?? 0) < 0 !== inside) ||
          (i + 1 < nx && (from[index + 1] ?? 0) < 0 !== inside) ||
          (j > 0 && (from[index - nx] ?? 0) < 0 !== inside) ||
          (j + 1 < ny && (from[index + nx] ?? 0) < 0 !== inside) ||
          (k > 0 && (from[index - plane] ?? 0) < 0 !== inside) ||
          (k + 1 < nz && (from[index + plane] ?? 0) < 0 !== inside);
        if (!beside) continue;
        isFixed[index] = 1;
        all[index] = Math.min(Math.abs(here) / cell, 1.8);
      }
  for (let order = 0; order < 8; order += 1) sweepOnce(all, isFixed, size, order, far);
  for (let at = 0; at < all.length; at += 1)
    all[at] = (all[at] ?? far) * cell * ((from[at] ?? 0) < 0 ? -1 : 1);
  return { ...grid, distance: all };
}
