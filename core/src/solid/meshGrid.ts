import { type Grid, gridFrame } from './grid.ts';
import { type Mesh, meshSums } from './mesh.ts';
import { redistanced } from './redistance.ts';

type Point = readonly [number, number, number];

function corner({ positions }: Mesh, vertex: number): Point {
  return [positions[3 * vertex] ?? 0, positions[3 * vertex + 1] ?? 0, positions[3 * vertex + 2] ?? 0];
}

/** Length of a vector from a point to a + s·u + t·v of a triangle. */
function reach(p: Point, a: Point, b: Point, s: number, c: Point, t: number): number {
  const x = p[0] - a[0] - (b[0] - a[0]) * s - (c[0] - a[0]) * t;
  const y = p[1] - a[1] - (b[1] - a[1]) * s - (c[1] - a[1]) * t;
  const z = p[2] - a[2] - (b[2] - a[2]) * s - (c[2] - a[2]) * t;
  return Math.sqrt(x * x + y * y + z * z);
}

/** (q − o) · (p − r) */
function along(q: Point, o: Point, p: Point, r: Point): number {
  return (q[0] - o[0]) * (p[0] - r[0]) + (q[1] - o[1]) * (p[1] - r[1]) + (q[2] - o[2]) * (p[2] - r[2]);
}

/** Distance from a point to a triangle (Ericson, Real-Time Collision Detection, 5.1.5); made a million times, so of plain numbers. */
function triangleDistance(p: Point, a: Point, b: Point, c: Point): number {
  const [d1, d2] = [along(b, a, p, a), along(c, a, p, a)];
  if (d1 <= 0 && d2 <= 0) return reach(p, a, b, 0, c, 0);
  const [d3, d4] = [along(b, a, p, b), along(c, a, p, b)];
  if (d3 >= 0 && d4 <= d3) return reach(p, a, b, 1, c, 0);
  const vc = d1 * d4 - d3 * d2;
  if (vc <= 0 && d1 >= 0 && d3 <= 0) return reach(p, a, b, d1 / (d1 - d3), c, 0);
  const [d5, d6] = [along(b, a, p, c), along(c, a, p, c)];
  if (d6 >= 0 && d5 <= d6) return reach(p, a, b, 0, c, 1);
  const vb = d5 * d2 - d1 * d6;
  if (vb <= 0 && d2 >= 0 && d6 <= 0) return reach(p, a, b, 0, c, d2 / (d2 - d6));
  const va = d3 * d6 - d5 * d4;
  if (va <= 0 && d4 - d3 >= 0 && d5 - d6 >= 0) {
    const w = (d4 - d3) / (d4 - d3 + (d5 - d6));
    return reach(p, a, b, 1 - w, c, w);
  }
  const sum = va + vb + vc;
  return reach(p, a, b, vb / sum, c, vc / sum);
}

/** Cells round a triangle that are looked at as they are; a larger one is cut in two first. */
const MOST_ROUND = 4096;

type Corners = readonly [Point, Point, Point];
type Cells = Omit<Grid, 'owner'>;

/** The cells right beside a triangle, from low to high on each axis. */
function cellsRound(
  { min, size, cell }: Cells,
  [a, b, c]: Corners,
): { readonly low: Point; readonly high: Point } {
  const axis = (k: 0 | 1 | 2): [number, number] => [
    Math.max(0, Math.floor((Math.min(a[k], b[k], c[k]) - min[k]) / cell - 1.5)),
    Math.min(size[k] - 1, Math.ceil((Math.max(a[k], b[k], c[k]) - min[k]) / cell + 0.5)),
  ];
  const [x, y, z] = [axis(0), axis(1), axis(2)];
  return { low: [x[0], y[0], z[0]], high: [x[1], y[1], z[1]] };
}

/** A triangle cut in two at the middle of its longest side. */
function halves([a, b, c]: Corners): readonly [Corners, Corners] {
  const long = (p: Point, q: Point) => Math.hypot(p[0] - q[0], p[1] - q[1], p[2] - q[2]);
  const middle = (p: Point, q: Point): Point => [(p[0] + q[0]) / 2, (p[1] + q[1]) / 2, (p[2] + q[2]) / 2];
  const [ab, bc, ca] = [long(a, b), long(b, c), long(c, a)];
  if (ab >= bc && ab >= ca)
    return [
      [a, middle(a, b), c],
      [middle(a, b), b, c],
    ];
  if (bc >= ca)
    return [
      [a, b, middle(b, c)],
      [a, middle(b, c), c],
    ];
  return [
    [a, b, middle(c, a)],
    [middle(c, a), b, c],
  ];
}

/** Distances to one triangle in the cells of a box. */
function measureRound(grid: Cells, low: Point, high: Point, [a, b, c]: Corners): void {
  const { min, size, cell, distance } = grid;
  for (let k = low[2]; k <= high[2]; k += 1)
    for (let j = low[1]; j <= high[1]; j += 1)
      for (let i = low[0]; i <= high[0]; i += 1) {
        const at = (k * size[1] + j) * size[0] + i;
        const p: Point = [min[0] + (i + 0.5) * cell, min[1] + (j + 0.5) * cell, min[2] + (k + 0.5) * cell];
        const d = triangleDistance(p, a, b, c);
        if (d < (distance[at] ?? Infinity)) distance[at] = d;
      }
}

/**
 * Distances to the triangles in the cells right beside them. A long triangle that lies aslant has a box of far more cells than
 * lie beside it: it is cut until its boxes are small, so that the work goes by the surface and not by the room round it.
 */
function bandOf(mesh: Mesh, grid: Cells): void {
  const { triangles } = mesh;
  for (let t = 0; t < triangles.length; t += 3) {
    const waiting: Corners[] = [
      [
        corner(mesh, triangles[t] ?? 0),
        corner(mesh, triangles[t + 1] ?? 0),
        corner(mesh, triangles[t + 2] ?? 0),
      ],
    ];
    for (let one = waiting.pop(); one; one = waiting.pop()) {
      const { low, high } = cellsRound(grid, one);
      const cells = (high[0] - low[0] + 1) * (high[1] - low[1] + 1) * (high[2] - low[2] + 1);
      if (cells > MOST_ROUND) waiting.push(...halves(one));
      else measureRound(grid, low, high, one);
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
