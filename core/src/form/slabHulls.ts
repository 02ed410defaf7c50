import { cellInBox, type Grid, type Mesh } from '../solid/index.ts';
import { hull } from './outline.ts';
import type { Ring, Shape, SlabHull, Vec2, Vec3 } from './types.ts';

/** Cells of the grid that slices are taken from: their hulls are right to a fifth of a cell, about a hundredth of the height. */
const CELLS = 12_000;

/** Where the surface lies between two cell centres, from the first; null where it does not. */
function crossing(a: number, b: number): number | null {
  if (a < 0 === b < 0) return null;
  return Number.isFinite(a) && Number.isFinite(b) ? a / (a - b) : 0.5;
}

/** Places on the surface of a solid in one level of its grid, first and last of every row both ways. */
function ofLevel({ min, size: [nx, ny, nz], cell, distance }: Grid, j: number): Vec2[] {
  const at = (i: number, k: number) => distance[(k * ny + j) * nx + i] ?? Infinity;
  const x = (i: number) => min[0] + (i + 0.5) * cell;
  const z = (k: number) => min[2] + (k + 0.5) * cell;
  const found: Vec2[] = [];
  const scan = (n: number, value: (i: number) => number, place: (i: number) => Vec2) => {
    let [first, last] = [null as number | null, null as number | null];
    for (let i = 0; i + 1 < n; i += 1) {
      const t = crossing(value(i), value(i + 1));
      if (t === null) continue;
      first ??= i + t;
      last = i + t;
    }
    if (first !== null && last !== null) found.push(place(first), place(last));
  };
  for (let k = 0; k < nz; k += 1)
    scan(
      nx,
      (i) => at(i, k),
      (i) => [x(i), z(k)],
    );
  for (let i = 0; i < nx; i += 1)
    scan(
      nz,
      (k) => at(i, k),
      (k) => [x(i), z(k)],
    );
  return found;
}

function fromGrid(grid: Grid, from: number, to: number): Ring {
  const level = (y: number) => (y - grid.min[1]) / grid.cell - 0.5;
  const first = Math.max(0, Math.ceil(level(from)));
  const last = Math.min(grid.size[1] - 1, Math.floor(level(to)));
  const levels =
    first <= last
      ? Array.from({ length: last - first + 1 }, (_, i) => first + i)
      : [Math.round(level((from + to) / 2))];
  return hull(levels.flatMap((j) => ofLevel(grid, j)));
}

/** Places of a surface of triangles between two heights: corners, and where edges go through them. */
function fromTriangles({ positions, triangles }: Mesh, from: number, to: number): Ring {
  const corner = (k: number): Vec3 => {
    const at = 3 * (triangles[k] ?? 0);
    return [positions[at] ?? 0, positions[at + 1] ?? 0, positions[at + 2] ?? 0];
  };
  const found: Vec2[] = [];
  for (let k = 0; k < triangles.length; k += 3)
    for (let i = 0; i < 3; i += 1) {
      const [a, b] = [corner(k + i), corner(k + ((i + 1) % 3))];
      if (a[1] >= from && a[1] <= to) found.push([a[0], a[2]]);
      for (const y of [from, to]) {
        if (a[1] < y === b[1] < y) continue;
        const t = (y - a[1]) / (b[1] - a[1]);
        found.push([a[0] + t * (b[0] - a[0]), a[2] + t * (b[2] - a[2])]);
      }
    }
  return hull(found);
}

/**
 * A form in slices of one height from its foot to its head, each with the convex hull of all it covers from above.
 *
 * @param n how many
 * @returns those that hold anything; heights and lengths in the part’s own frame, mm
 */
export function slabHulls(shape: Shape, n: number): readonly SlabHull[] {
  return shape.slabs?.(n) ?? cutSlabs(shape, n);
}

/** As {@link slabHulls}, cut anew. */
export function cutSlabs(shape: Shape, n: number): readonly SlabHull[] {
  const { min, max } = shape.box;
  const step = (max[1] - min[1]) / n;
  const mesh = shape.triangles?.();
  const grid = mesh ? null : shape.sample(cellInBox(min, max, CELLS));
  return Array.from({ length: n }, (_, k): SlabHull => {
    const [from, to] = [min[1] + k * step, min[1] + (k + 1) * step];
    const ring = mesh ? fromTriangles(mesh, from, to) : grid ? fromGrid(grid, from, to) : [];
    return { from, to, ring };
  }).filter(({ ring }) => ring.length > 2);
}
