import type { Grid } from './grid.ts';

/** Least u with |∇u| = 1 from the smaller neighbour along each axis, all in cells (Zhao 2005, eq. 2.4). */
function eikonal(a: number, b: number, c: number): number {
  const [x = 0, y = 0, z = 0] =
    a < b
      ? b < c
        ? [a, b, c]
        : a < c
          ? [a, c, b]
          : [c, a, b]
      : a < c
        ? [b, a, c]
        : b < c
          ? [b, c, a]
          : [c, b, a];
  let u = x + 1;
  if (u <= y) return u;
  u = (x + y + Math.sqrt(2 - (x - y) ** 2)) / 2;
  if (u <= z) return u;
  const sum = x + y + z;
  return (sum + Math.sqrt(Math.max(0, sum * sum - 3 * (x * x + y * y + z * z - 1)))) / 3;
}

/**
 * True distances everywhere from those beside the surface, by fast sweeping (Zhao 2005): cells with a neighbour on the
 * other side of the surface keep their distance, all others get theirs from them. First order: far from the surface
 * short by up to about a cell.
 *
 * @param grid signs right everywhere, distances right beside the surface
 * @returns a grid with distances of its own
 */
export function redistanced(grid: Grid): Grid {
  const { size, cell } = grid;
  const [nx, ny, nz] = size;
  const strides = [1, nx, nx * ny] as const;
  const from = grid.distance;
  const far = nx + ny + nz;
  const all = new Float32Array(from.length).fill(far);
  const isFixed = new Uint8Array(from.length);
  const at = (i: number, j: number, k: number) => (k * ny + j) * nx + i;
  const eachCell = (visit: (index: number, i: number, j: number, k: number) => void): void => {
    for (let k = 0; k < nz; k += 1)
      for (let j = 0; j < ny; j += 1) for (let i = 0; i < nx; i += 1) visit(at(i, j, k), i, j, k);
  };
  eachCell((index, i, j, k) => {
    const inside = (from[index] ?? 0) < 0;
    const differs = (other: number) => (from[other] ?? 0) < 0 !== inside;
    const beside =
      (i > 0 && differs(index - 1)) ||
      (i + 1 < nx && differs(index + 1)) ||
      (j > 0 && differs(index - strides[1])) ||
      (j + 1 < ny && differs(index + strides[1])) ||
      (k > 0 && differs(index - strides[2])) ||
      (k + 1 < nz && differs(index + strides[2]));
    if (!beside) return;
    isFixed[index] = 1;
    all[index] = Math.min(Math.abs(from[index] ?? 0) / cell, 1.8);
  });
  for (let sweep = 0; sweep < 8; sweep += 1) {
    const [si, sj, sk] = [sweep & 1, (sweep >> 1) & 1, sweep >> 2];
    for (let kk = 0; kk < nz; kk += 1) {
      const k = sk ? nz - 1 - kk : kk;
      for (let jj = 0; jj < ny; jj += 1) {
        const j = sj ? ny - 1 - jj : jj;
        for (let ii = 0; ii < nx; ii += 1) {
          const i = si ? nx - 1 - ii : ii;
          const index = at(i, j, k);
          if (isFixed[index]) continue;
          const x = Math.min(
            i > 0 ? (all[index - 1] ?? far) : far,
            i + 1 < nx ? (all[index + 1] ?? far) : far,
          );
          const y = Math.min(
            j > 0 ? (all[index - nx] ?? far) : far,
            j + 1 < ny ? (all[index + nx] ?? far) : far,
          );
          const z = Math.min(
            k > 0 ? (all[index - strides[2]] ?? far) : far,
            k + 1 < nz ? (all[index + strides[2]] ?? far) : far,
          );
          const u = eikonal(x, y, z);
          if (u < (all[index] ?? far)) all[index] = u;
        }
      }
    }
  }
  for (let index = 0; index < all.length; index += 1)
    all[index] = (all[index] ?? far) * cell * ((from[index] ?? 0) < 0 ? -1 : 1);
  return { ...grid, distance: all };
}
