import type { Grid } from './grid.ts';

/** A closed line of a plane, mm. */
export type Contour = readonly (readonly [number, number])[];

/** Values at the centres of square cells of a plane. */
export interface Plane {
  readonly min: readonly [number, number];
  readonly size: readonly [number, number];
  readonly cell: number;
  /** Negative inside; u fastest. */
  readonly value: Float32Array;
}

/** The least distance along each line of sight: what a solid covers seen from the front (along z) or the side (along x). */
export function seenAlong({ min, size, cell, distance }: Grid, axis: 'x' | 'z'): Plane {
  const [nx, ny, nz] = size;
  const across = axis === 'z' ? nx : nz;
  const value = new Float32Array(across * ny).fill(Infinity);
  for (let k = 0; k < nz; k += 1)
    for (let j = 0; j < ny; j += 1)
      for (let i = 0; i < nx; i += 1) {
        const at = j * across + (axis === 'z' ? i : k);
        value[at] = Math.min(value[at] ?? Infinity, distance[(k * ny + j) * nx + i] ?? Infinity);
      }
  return { min: [axis === 'z' ? min[0] : min[2], min[1]], size: [across, ny], cell, value };
}

/** The plane z through a grid, facing the viewer. */
export function sliceAt({ min, size, cell, distance }: Grid, z: number): Plane {
  const [nx, ny, nz] = size;
  const place = Math.max(0, Math.min(nz - 1.001, (z - min[2]) / cell - 0.5));
  const k = Math.floor(place);
  const u = place - k;
  const value = new Float32Array(nx * ny);
  for (let at = 0; at < value.length; at += 1) {
    const near = distance[k * nx * ny + at] ?? Infinity;
    const far = distance[Math.min(k + 1, nz - 1) * nx * ny + at] ?? Infinity;
    value[at] = near === Infinity || far === Infinity ? Math.min(near, far) : near * (1 - u) + far * u;
  }
  return { min: [min[0], min[1]], size: [nx, ny], cell, value };
}

/** Sides of a square of four cell centres: bottom, right, top, left. */
const SIDES = [
  [0, 1],
  [1, 2],
  [3, 2],
  [0, 3],
] as const;
/** Sides that the line runs between, by which corners are inside; the inside lies at its left. */
const RUNS: readonly (readonly (readonly [number, number])[])[] = [
  [],
  [[0, 3]],
  [[1, 0]],
  [[1, 3]],
  [[2, 1]],
  [
    [0, 3],
    [2, 1],
  ],
  [[2, 0]],
  [[2, 3]],
  [[3, 2]],
  [[0, 2]],
  [
    [1, 0],
    [3, 2],
  ],
  [[1, 2]],
  [[3, 1]],
  [[0, 1]],
  [[3, 0]],
  [],
];

/**
 * Closed lines where a plane of values passes through zero, by marching squares; straight between cells.
 *
 * @returns lines with the inside at their left; holes run the other way
 */
export function contours({ min, size, cell, value }: Plane): Contour[] {
  const [nu, nv] = size;
  const far = 1.5 * cell;
  const at = (i: number, j: number) =>
    i < 0 || j < 0 || i >= nu || j >= nv ? far : Math.max(-far, Math.min(far, value[j * nu + i] ?? far));
  const next = new Map<number, { to: number; point: readonly [number, number] }>();
  const width = nu + 2;
  // A side is named by its lower left corner and whether it lies or stands.
  const nameOf = (i: number, j: number, side: number): number => {
    const [di, dj, upright] = (
      [
        [0, 0, 0],
        [1, 0, 1],
        [0, 1, 0],
        [0, 0, 1],
      ] as const
    )[side] ?? [0, 0, 0];
    return 2 * ((j + dj + 1) * width + (i + di + 1)) + upright;
  };
  for (let j = -1; j < nv; j += 1)
    for (let i = -1; i < nu; i += 1) {
      const corners = [at(i, j), at(i + 1, j), at(i + 1, j + 1), at(i, j + 1)] as const;
      const kind = corners.reduce((sum, d, c) => sum + (d < 0 ? 1 << c : 0), 0);
      for (const [from, to] of RUNS[kind] ?? []) {
        const [a, b] = SIDES[from] ?? [0, 1];
        const [da, db] = [corners[a] ?? 0, corners[b] ?? 0];
        const u = da / (da - db);
        const place = (
          [
            [0, 0],
            [1, 0],
            [1, 1],
            [0, 1],
          ] as const
        ).map(([x, y]) => [i + x, j + y] as const);
        const [p, q] = [place[a] ?? [i, j], place[b] ?? [i, j]];
        next.set(nameOf(i, j, from), {
          to: nameOf(i, j, to),
          point: [
            min[0] + (p[0] + (q[0] - p[0]) * u + 0.5) * cell,
            min[1] + (p[1] + (q[1] - p[1]) * u + 0.5) * cell,
          ],
        });
      }
    }
  const lines: Contour[] = [];
  while (next.size > 0) {
    const line: (readonly [number, number])[] = [];
    let name = next.keys().next().value;
    while (name !== undefined) {
      const step = next.get(name);
      if (!step) break;
      next.delete(name);
      line.push(step.point);
      name = step.to;
    }
    if (line.length > 2) lines.push(line);
  }
  return lines;
}
