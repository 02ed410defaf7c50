import type { Grid } from './grid.ts';

/**
 * The distances of a grid as a field: between the centres of cells they are taken in proportion (trilinear); outside the grid
 * they are infinite.
 *
 * @returns mm at a place, negative inside
 */
export function gridField({ min, size, cell, distance }: Grid): (x: number, y: number, z: number) => number {
  const [nx, ny, nz] = size;
  const plane = nx * ny;
  return (x, y, z) => {
    const [u, v, w] = [(x - min[0]) / cell - 0.5, (y - min[1]) / cell - 0.5, (z - min[2]) / cell - 0.5];
    const [i, j, k] = [Math.floor(u), Math.floor(v), Math.floor(w)];
    if (!(i >= 0 && j >= 0 && k >= 0 && i + 1 < nx && j + 1 < ny && k + 1 < nz)) return Infinity;
    const [a, b, c] = [u - i, v - j, w - k];
    // Written out, and not by functions of its own: it is asked millions of times.
    const at = i + nx * j + plane * k;
    const low =
      ((distance[at] ?? Infinity) * (1 - a) + (distance[at + 1] ?? Infinity) * a) * (1 - b) +
      ((distance[at + nx] ?? Infinity) * (1 - a) + (distance[at + nx + 1] ?? Infinity) * a) * b;
    const up = at + plane;
    const high =
      ((distance[up] ?? Infinity) * (1 - a) + (distance[up + 1] ?? Infinity) * a) * (1 - b) +
      ((distance[up + nx] ?? Infinity) * (1 - a) + (distance[up + nx + 1] ?? Infinity) * a) * b;
    return low * (1 - c) + high * c;
  };
}
