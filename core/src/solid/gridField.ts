import type { Grid } from './grid.ts';

/**
 * The distances of a grid as a field: between the centres of cells they are taken in proportion (trilinear); outside the grid
 * they are infinite.
 *
 * @returns mm at a place, negative inside
 */
export function gridField({ min, size, cell, distance }: Grid): (x: number, y: number, z: number) => number {
  const [nx, ny, nz] = size;
  const at = (i: number, j: number, k: number) => distance[i + nx * (j + ny * k)] ?? Infinity;
  return (x, y, z) => {
    const [u, v, w] = [(x - min[0]) / cell - 0.5, (y - min[1]) / cell - 0.5, (z - min[2]) / cell - 0.5];
    const [i, j, k] = [Math.floor(u), Math.floor(v), Math.floor(w)];
    if (i < 0 || j < 0 || k < 0 || i + 1 >= nx || j + 1 >= ny || k + 1 >= nz) return Infinity;
    const [a, b, c] = [u - i, v - j, w - k];
    const along = (j2: number, k2: number) => at(i, j2, k2) * (1 - a) + at(i + 1, j2, k2) * a;
    const across = (k2: number) => along(j, k2) * (1 - b) + along(j + 1, k2) * b;
    return across(k) * (1 - c) + across(k + 1) * c;
  };
}
