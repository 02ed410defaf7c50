import type { Grid } from './grid.ts';
import type { Mesh } from './mesh.ts';

/** A surface with the part of the solid each vertex belongs to. */
export interface Surface extends Mesh {
  /** As {@link Grid.owner}, one a vertex; null for a solid of one piece. */
  readonly owners: Uint8Array | null;
}

/** Corners of a cube of cell centres, and its edges as pairs of them. */
const CORNERS: readonly (readonly [number, number, number])[] = [
  [0, 0, 0],
  [1, 0, 0],
  [0, 1, 0],
  [1, 1, 0],
  [0, 0, 1],
  [1, 0, 1],
  [0, 1, 1],
  [1, 1, 1],
];
const EDGES: readonly (readonly [number, number])[] = CORNERS.flatMap((a, i) =>
  CORNERS.flatMap((b, j): (readonly [number, number])[] => {
    const steps = Math.abs(a[0] - b[0]) + Math.abs(a[1] - b[1]) + Math.abs(a[2] - b[2]);
    return j > i && steps === 1 ? [[i, j]] : [];
  }),
);

/** Far cells hold no distance; on an edge they count as just this far, in cells. */
const FAR = 1;

/**
 * The zero surface of a grid of distances as triangles, one vertex a cube that the surface passes through: naive surface
 * nets (Gibson 1998). Vertices lie within a small share of a cell of the true surface; edges sharper than a cell are
 * rounded.
 *
 * @returns a closed surface when the solid keeps clear of the border of the grid
 */
export function surfaceOf(grid: Grid): Surface {
  const { vertexOf, positions, owners } = verticesOf(grid);
  return { positions: Float64Array.from(positions), triangles: trianglesOf(grid, vertexOf), owners };
}

/** Vertices of the cubes that the surface passes through, and which vertex each cube has; -1 for none. */
function verticesOf({ min, size, cell, distance, owner }: Grid) {
  const [nx, ny, nz] = size;
  const plane = nx * ny;
  const far = FAR * cell;
  const steps = CORNERS.map(([i, j, k]) => i + j * nx + k * plane);
  const vertexOf = new Int32Array(plane * nz).fill(-1);
  const positions: number[] = [];
  const owners: number[] = [];
  const corner = new Float64Array(8);
  const isIn = new Uint8Array(distance.length);
  for (let at = 0; at < isIn.length; at += 1) isIn[at] = (distance[at] ?? far) < 0 ? 1 : 0;
  for (let k = 0; k + 1 < nz; k += 1)
    for (let j = 0; j + 1 < ny; j += 1)
      for (let i = 0; i + 1 < nx; i += 1) {
        const cube = (k * ny + j) * nx + i;
        // Most cubes are far from the surface: their corners are counted without a loop.
        const inside =
          (isIn[cube] ?? 0) +
          (isIn[cube + 1] ?? 0) +
          (isIn[cube + nx] ?? 0) +
          (isIn[cube + nx + 1] ?? 0) +
          (isIn[cube + plane] ?? 0) +
          (isIn[cube + plane + 1] ?? 0) +
          (isIn[cube + plane + nx] ?? 0) +
          (isIn[cube + plane + nx + 1] ?? 0);
        if (inside === 0 || inside === 8) continue;
        for (let c = 0; c < 8; c += 1)
          corner[c] = Math.max(-far, Math.min(far, distance[cube + (steps[c] ?? 0)] ?? far));
        let [x, y, z, crossings] = [0, 0, 0, 0];
        for (const [a, b] of EDGES) {
          const [da, db] = [corner[a] ?? 0, corner[b] ?? 0];
          if (da < 0 === db < 0) continue;
          const u = da / (da - db);
          x += (a & 1) + u * ((b & 1) - (a & 1));
          y += ((a >> 1) & 1) + u * (((b >> 1) & 1) - ((a >> 1) & 1));
          z += (a >> 2) + u * ((b >> 2) - (a >> 2));
          crossings += 1;
        }
        vertexOf[cube] = positions.length / 3;
        positions.push(
          min[0] + (i + 0.5 + x / crossings) * cell,
          min[1] + (j + 0.5 + y / crossings) * cell,
          min[2] + (k + 0.5 + z / crossings) * cell,
        );
        if (owner) owners.push(owner[cube + (steps[deepestCorner(corner)] ?? 0)] ?? 0);
      }
  return { vertexOf, positions, owners: owner ? Uint8Array.from(owners) : null };
}

/** Two triangles over every pair of neighbouring cells that the surface parts. */
function trianglesOf({ size, cell, distance }: Grid, vertexOf: Int32Array): Uint32Array {
  const [nx, ny, nz] = size;
  const far = FAR * cell;
  const strides = [1, nx, nx * ny];
  const triangles: number[] = [];
  for (let k = 1; k + 1 < nz; k += 1)
    for (let j = 1; j + 1 < ny; j += 1)
      for (let i = 1; i + 1 < nx; i += 1) {
        const cube = (k * ny + j) * nx + i;
        // A cube whose corners are all on one side has no vertex, and no edge from its first corner is parted.
        if ((vertexOf[cube] ?? -1) < 0) continue;
        const here = (distance[cube] ?? far) < 0;
        for (let axis = 0; axis < 3; axis += 1) {
          const there = (distance[cube + (strides[axis] ?? 0)] ?? far) < 0;
          if (here === there) continue;
          // The four cubes round this edge between two cell centres.
          const u = strides[(axis + 1) % 3] ?? 0;
          const v = strides[(axis + 2) % 3] ?? 0;
          const a = vertexOf[cube - u - v] ?? -1;
          const b = vertexOf[cube - v] ?? -1;
          const c = vertexOf[cube - u] ?? -1;
          const d = vertexOf[cube] ?? -1;
          if (here) triangles.push(a, b, c, b, d, c);
          else triangles.push(a, c, b, b, c, d);
        }
      }
  return Uint32Array.from(triangles);
}

/** The corner deepest inside. */
function deepestCorner(corner: Float64Array): number {
  let best = 0;
  for (let c = 1; c < 8; c += 1) if ((corner[c] ?? 0) < (corner[best] ?? 0)) best = c;
  return best;
}
