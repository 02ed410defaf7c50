import type { Grid } from './grid.ts';

/** Weights of a cell and its two neighbours along one axis. */
const [BESIDE, SELF] = [0.25, 0.5];

/** One pass of a short average along an axis, in place; `line` holds a copy of the run before. */
function averaged(all: Float32Array, count: number, stride: number, starts: Iterable<number>): void {
  for (const start of starts) {
    let before = all[start] ?? Infinity;
    for (let i = 1; i + 1 < count; i += 1) {
      const at = start + i * stride;
      const here = all[at] ?? Infinity;
      const after = all[at + stride] ?? Infinity;
      const mean = BESIDE * (before + after) + SELF * here;
      if (mean < Infinity) all[at] = mean;
      before = here;
    }
  }
}

function* startsAcross(size: Grid['size'], axis: 0 | 1 | 2): Generator<number> {
  const [nx, ny, nz] = size;
  const strides = [1, nx, nx * ny] as const;
  const others = ([0, 1, 2] as const).filter((k) => k !== axis);
  const [u = 0, v = 1] = others;
  const counts = [nx, ny, nz] as const;
  for (let j = 0; j < counts[v]; j += 1)
    for (let i = 0; i < counts[u]; i += 1) yield i * strides[u] + j * strides[v];
}

/**
 * Rounds the hollow creases of a union: where the average of the neighbours is deeper than a cell, the cell takes it.
 * Distances curve the other way on ridges and round bodies, so those stay as they are and nothing swells.
 *
 * @param passes each widens the rounding by about a cell
 * @returns a grid with distances of its own
 */
export function filleted(grid: Grid, passes: number): Grid {
  const { size } = grid;
  const [nx, ny, nz] = size;
  const strides = [1, nx, nx * ny] as const;
  const counts = [nx, ny, nz] as const;
  const distance = grid.distance.slice();
  for (let pass = 0; pass < passes; pass += 1) {
    const mean = distance.slice();
    for (const axis of [0, 1, 2] as const)
      averaged(mean, counts[axis], strides[axis], startsAcross(size, axis));
    for (let i = 0; i < distance.length; i += 1)
      if ((mean[i] ?? Infinity) < (distance[i] ?? Infinity)) distance[i] = mean[i] ?? Infinity;
  }
  return { ...grid, distance };
}
