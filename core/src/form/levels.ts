import { cellInBox, contours, type Grid, type Plane } from '../solid/index.ts';
import { hull } from './outline.ts';
import type { Field, Ring, Shape, Vec2 } from './types.ts';

/** Cells along a level through a form whose distances are known everywhere. */
const ACROSS = 96;
/** Cells of the grid of a form whose distances are not. */
const CELLS = 250_000;

/** Edge of a cell of the coarse grid that a form is looked at with. */
export function coarseCell({ box: { min, max } }: Shape): number {
  return cellInBox(min, max, CELLS);
}

function exactLevel(shape: Shape, y: number): Plane | null {
  const { distance, box } = shape;
  if (!distance) return null;
  const [wide, deep] = [box.max[0] - box.min[0], box.max[2] - box.min[2]];
  const cell = Math.max(wide, deep) / ACROSS;
  const size = [Math.ceil(wide / cell) + 4, Math.ceil(deep / cell) + 4] as const;
  const min = [box.min[0] - 2 * cell, box.min[2] - 2 * cell] as const;
  const value = new Float32Array(size[0] * size[1]);
  for (let k = 0; k < size[1]; k += 1)
    for (let i = 0; i < size[0]; i += 1)
      value[k * size[0] + i] = distance(min[0] + (i + 0.5) * cell, y, min[1] + (k + 0.5) * cell);
  return { min, size, cell, value };
}

function gridLevel({ min, size, cell, distance }: Grid, y: number): Plane {
  const [nx, ny, nz] = size;
  const place = Math.max(0, Math.min(ny - 1.001, (y - min[1]) / cell - 0.5));
  const j = Math.floor(place);
  const u = place - j;
  const value = new Float32Array(nx * nz);
  for (let k = 0; k < nz; k += 1)
    for (let i = 0; i < nx; i += 1) {
      const low = distance[(k * ny + j) * nx + i] ?? Infinity;
      const high = distance[(k * ny + Math.min(j + 1, ny - 1)) * nx + i] ?? Infinity;
      value[k * nx + i] =
        low === Infinity || high === Infinity ? Math.min(low, high) : low * (1 - u) + high * u;
    }
  return { min: [min[0], min[2]], size: [nx, nz], cell, value };
}

/** Points a hull is thinned to: more are not seen, and cost in every turn that is tried. */
const MOST_POINTS = 96;

function thinned(ring: Ring): Ring {
  if (ring.length <= MOST_POINTS) return ring;
  const by = ring.length / MOST_POINTS;
  return Array.from({ length: MOST_POINTS }, (_, i) => ring[Math.floor(i * by)] as Vec2);
}

/** Points moved out from the middle, or in, to where the distance is nought: close to an edge of two faces it is not even. */
function settled(ring: Ring, cell: number, y: number, distance: Field): Ring {
  const middle = ring.reduce<Vec2>(([a, b], [x, z]) => [a + x / ring.length, b + z / ring.length], [0, 0]);
  return ring.map(([x, z]): Vec2 => {
    const [dx, dz] = [x - middle[0], z - middle[1]];
    const far = Math.hypot(dx, dz) || 1;
    let [inside, outside] = [far - 2 * cell, far + 2 * cell];
    const at = (r: number): Vec2 => [middle[0] + (dx / far) * r, middle[1] + (dz / far) * r];
    for (let i = 0; i < 16; i += 1) {
      const r = (inside + outside) / 2;
      const [u, v] = at(r);
      if (distance(u, y, v) < 0) inside = r;
      else outside = r;
    }
    return at(inside);
  });
}

/**
 * Convex hull of a form at a height, seen from above with x to the right and z down the page; empty where it has nothing.
 * Exact to a hundredth of the width or so.
 *
 * @param y height in the part's own frame
 */
export function levelHull(shape: Shape, y: number): Ring {
  return shape.level?.(y) ?? cutLevel(shape, y);
}

/** As {@link levelHull}, cut anew. */
export function cutLevel(shape: Shape, y: number): Ring {
  const exact = exactLevel(shape, y);
  if (!exact || !shape.distance)
    return thinned(hull(contours(gridLevel(shape.sample(coarseCell(shape)), y)).flat()));
  return hull(settled(thinned(hull(contours(exact).flat())), exact.cell, y, shape.distance));
}
