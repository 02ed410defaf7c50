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
export function surfaceOf({ min, size, cell, distance, owner }: Grid): Surface {
  const [nx, ny, nz] = size;
  const far = FAR * cell;
  const at = (i: number, j: number, k: number) => {
    const value = distance[(k * ny + j) * nx + i] ?? far;
    return value < far ? Math.max(value, -far) : far;
  };
  const vertexOf = new Int32Array(nx * ny * nz).fill(-1);
  const positions: number[] = [];
  const owners: number[] = [];
  const corner = new Float64Array(8);
  for (let k = 0; k + 1 < nz; k += 1)
    for (let j = 0; j + 1 < ny; j += 1)
      for (let i = 0; i + 1 < nx; i += 1) {
        let inside = 0;
        for (let c = 0; c < 8; c += 1) {
          const value = at(i + (c & 1), j + ((c >> 1) & 1), k + (c >> 2));
          corner[c] = value;
          if (value < 0) inside += 1;
        }
        if (inside === 0 || inside === 8) continue;
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
        const cube = (k * ny + j) * nx + i;
        vertexOf[cube] = positions.length / 3;
        positions.push(
          min[0] + (i + 0.5 + x / crossings) * cell,
          min[1] + (j + 0.5 + y / crossings) * cell,
          min[2] + (k + 0.5 + z / crossings) * cell,
        );
        if (owner)
          owners.push(
            nearestOwner(owner, corner, (c) => cube + (c & 1) + ((c >> 1) & 1) * nx + (c >> 2) * nx * ny),
          );
      }
  const triangles: number[] = [];
  const quad = (a: number, b: number, c: number, d: number, flip: boolean): void => {
    if (flip) triangles.push(a, c, b, b, c, d);
    else triangles.push(a, b, c, b, d, c);
  };
  const strides = [1, nx, nx * ny] as const;
  for (let k = 1; k + 1 < nz; k += 1)
    for (let j = 1; j + 1 < ny; j += 1)
      for (let i = 1; i + 1 < nx; i += 1) {
        const cube = (k * ny + j) * nx + i;
        const here = at(i, j, k) < 0;
        for (const axis of [0, 1, 2] as const) {
          const there = at(i + (axis === 0 ? 1 : 0), j + (axis === 1 ? 1 : 0), k + (axis === 2 ? 1 : 0)) < 0;
          if (here === there) continue;
          // The four cubes round this edge between two cell centres.
          const u = strides[((axis + 1) % 3) as 0 | 1 | 2];
          const v = strides[((axis + 2) % 3) as 0 | 1 | 2];
          const vertex = (offset: number) => vertexOf[cube - offset] ?? -1;
          quad(vertex(u + v), vertex(v), vertex(u), vertex(0), !here);
        }
      }
  return {
    positions: Float64Array.from(positions),
    triangles: Uint32Array.from(triangles),
    owners: owner ? Uint8Array.from(owners) : null,
  };
}

/** Owner of the corner deepest inside. */
function nearestOwner(owner: Uint8Array, corner: Float64Array, indexOf: (c: number) => number): number {
  let best = 0;
  for (let c = 1; c < 8; c += 1) if ((corner[c] ?? 0) < (corner[best] ?? 0)) best = c;
  return owner[indexOf(best)] ?? 0;
}
