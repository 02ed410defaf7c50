import { type Grid, gridFrame } from './grid.ts';
import { type Mesh, meshSums } from './mesh.ts';
import { redistanced } from './redistance.ts';

type Point = readonly [number, number, number];

function corner({ positions }: Mesh, vertex: number): Point {
  return [positions[3 * vertex] ?? 0, positions[3 * vertex + 1] ?? 0, positions[3 * vertex + 2] ?? 0];
}

/** Distance from a point to a triangle (Ericson, Real-Time Collision Detection, 5.1.5). */
function triangleDistance(p: Point, a: Point, b: Point, c: Point): number {
  const sub = (u: Point, v: Point): Point => [u[0] - v[0], u[1] - v[1], u[2] - v[2]];
  const dot = (u: Point, v: Point) => u[0] * v[0] + u[1] * v[1] + u[2] * v[2];
  const from = (o: Point, u: Point, s: number, v: Point, t: number) =>
    Math.hypot(
      p[0] - o[0] - u[0] * s - v[0] * t,
      p[1] - o[1] - u[1] * s - v[1] * t,
      p[2] - o[2] - u[2] * s - v[2] * t,
    );
  const [ab, ac, ap, bp, cp] = [sub(b, a), sub(c, a), sub(p, a), sub(p, b), sub(p, c)];
  const [d1, d2, d3, d4, d5, d6] = [
    dot(ab, ap),
    dot(ac, ap),
    dot(ab, bp),
    dot(ac, bp),
    dot(ab, cp),
    dot(ac, cp),
  ];
  if (d1 <= 0 && d2 <= 0) return from(a, ab, 0, ac, 0);
  if (d3 >= 0 && d4 <= d3) return from(a, ab, 1, ac, 0);
  const vc = d1 * d4 - d3 * d2;
  if (vc <= 0 && d1 >= 0 && d3 <= 0) return from(a, ab, d1 / (d1 - d3), ac, 0);
  if (d6 >= 0 && d5 <= d6) return from(a, ab, 0, ac, 1);
  const vb = d5 * d2 - d1 * d6;
  if (vb <= 0 && d2 >= 0 && d6 <= 0) return from(a, ab, 0, ac, d2 / (d2 - d6));
  const va = d3 * d6 - d5 * d4;
  if (va <= 0 && d4 - d3 >= 0 && d5 - d6 >= 0) {
    const w = (d4 - d3) / (d4 - d3 + (d5 - d6));
    return from(a, ab, 1 - w, ac, w);
  }
  const sum = va + vb + vc;
  return from(a, ab, vb / sum, ac, vc / sum);
}

/** Distances to the triangles in the cells right beside them. */
function bandOf(mesh: Mesh, grid: Omit<Grid, 'owner'>): void {
  const { min, size, cell, distance } = grid;
  const { triangles } = mesh;
  for (let t = 0; t < triangles.length; t += 3) {
    const [a, b, c] = [
      corner(mesh, triangles[t] ?? 0),
      corner(mesh, triangles[t + 1] ?? 0),
      corner(mesh, triangles[t + 2] ?? 0),
    ];
    const low = ([0, 1, 2] as const).map((k) =>
      Math.max(0, Math.floor((Math.min(a[k], b[k], c[k]) - min[k]) / cell - 1.5)),
    );
    const high = ([0, 1, 2] as const).map((k) =>
      Math.min(size[k] - 1, Math.ceil((Math.max(a[k], b[k], c[k]) - min[k]) / cell + 0.5)),
    );
    for (let k = low[2] ?? 0; k <= (high[2] ?? 0); k += 1)
      for (let j = low[1] ?? 0; j <= (high[1] ?? 0); j += 1)
        for (let i = low[0] ?? 0; i <= (high[0] ?? 0); i += 1) {
          const at = (k * size[1] + j) * size[0] + i;
          const p: Point = [min[0] + (i + 0.5) * cell, min[1] + (j + 0.5) * cell, min[2] + (k + 0.5) * cell];
          const d = triangleDistance(p, a, b, c);
          if (d < (distance[at] ?? Infinity)) distance[at] = d;
        }
  }
}

/**
 * Windings of the surface along each row of cells, so that holes and crossings count as what they enclose. A ray through
 * an edge or a corner would count twice; rows are shifted by a hair so that none does.
 */
function rowsOf(mesh: Mesh, grid: Omit<Grid, 'owner'>): Map<number, [x: number, step: number][]> {
  const { min, size, cell } = grid;
  const { triangles } = mesh;
  const [hairY, hairZ] = [cell * 1.234e-4, cell * 2.718e-4];
  const rows = new Map<number, [number, number][]>();
  for (let t = 0; t < triangles.length; t += 3) {
    const [a, b, c] = [
      corner(mesh, triangles[t] ?? 0),
      corner(mesh, triangles[t + 1] ?? 0),
      corner(mesh, triangles[t + 2] ?? 0),
    ];
    const cross = (b[1] - a[1]) * (c[2] - a[2]) - (b[2] - a[2]) * (c[1] - a[1]);
    if (cross === 0) continue;
    const lowJ = Math.max(0, Math.floor((Math.min(a[1], b[1], c[1]) - min[1]) / cell - 0.5));
    const highJ = Math.min(size[1] - 1, Math.ceil((Math.max(a[1], b[1], c[1]) - min[1]) / cell));
    const lowK = Math.max(0, Math.floor((Math.min(a[2], b[2], c[2]) - min[2]) / cell - 0.5));
    const highK = Math.min(size[2] - 1, Math.ceil((Math.max(a[2], b[2], c[2]) - min[2]) / cell));
    for (let k = lowK; k <= highK; k += 1)
      for (let j = lowJ; j <= highJ; j += 1) {
        const [y, z] = [min[1] + (j + 0.5) * cell + hairY, min[2] + (k + 0.5) * cell + hairZ];
        const u = ((y - a[1]) * (c[2] - a[2]) - (z - a[2]) * (c[1] - a[1])) / cross;
        const v = ((b[1] - a[1]) * (z - a[2]) - (b[2] - a[2]) * (y - a[1])) / cross;
        if (u < 0 || v < 0 || u + v > 1) continue;
        const row = rows.get(k * size[1] + j) ?? [];
        row.push([a[0] + u * (b[0] - a[0]) + v * (c[0] - a[0]), cross > 0 ? 1 : -1]);
        rows.set(k * size[1] + j, row);
      }
  }
  return rows;
}

/**
 * Signed distances to a closed surface of triangles on a grid round it; the inside is what the surface winds round.
 *
 * @throws {GridError} when the cell is too small for the mesh
 */
export function meshGrid(mesh: Mesh, cell: number): Grid {
  const { min, max } = meshSums(mesh);
  const frame = gridFrame(min, max, cell);
  const [nx, ny, nz] = frame.size;
  const distance = new Float32Array(nx * ny * nz).fill(Infinity);
  const grid = { ...frame, distance };
  bandOf(mesh, grid);
  const rows = rowsOf(mesh, grid);
  for (const [row, hits] of rows) {
    hits.sort((p, q) => p[0] - q[0]);
    let winding = 0;
    let next = 0;
    for (let i = 0; i < nx; i += 1) {
      const x = frame.min[0] + (i + 0.5) * cell;
      for (; next < hits.length && (hits[next]?.[0] ?? Infinity) <= x; next += 1)
        winding += hits[next]?.[1] ?? 0;
      if (winding !== 0) distance[row * nx + i] = -(distance[row * nx + i] ?? 0);
    }
  }
  return redistanced({ ...grid, owner: null });
}
