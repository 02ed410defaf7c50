import { extentOf } from './outline.ts';
import type { Outline, Vec2 } from './types.ts';

/** The edges of an area as x and y of their start and their way to the end, four numbers each. */
function edgesOf(area: Outline): Float64Array {
  return Float64Array.from(
    area.flat().flatMap((ring) =>
      ring.flatMap(([x, y], i) => {
        const [u, v] = ring[(i + 1) % ring.length] ?? [x, y];
        return [x, y, u - x, v - y];
      }),
    ),
  );
}

/**
 * Depth of a place under the edge of a filled area; negative outside. Rings inside rings are holes. It is asked for
 * millions of places, so it works on bare numbers.
 */
export function depthOf(area: Outline): (x: number, y: number) => number {
  const edges = edgesOf(area);
  return (x, y) => {
    let inside = false;
    let nearest = Infinity;
    for (let i = 0; i < edges.length; i += 4) {
      const px = x - (edges[i] ?? 0);
      const py = y - (edges[i + 1] ?? 0);
      const dx = edges[i + 2] ?? 0;
      const dy = edges[i + 3] ?? 0;
      if (py < 0 !== py < dy && px < (dx * py) / dy) inside = !inside;
      const length2 = dx * dx + dy * dy;
      const t = length2 === 0 ? 0 : Math.max(0, Math.min(1, (px * dx + py * dy) / length2));
      const ex = px - t * dx;
      const ey = py - t * dy;
      nearest = Math.min(nearest, ex * ex + ey * ey);
    }
    return inside ? Math.sqrt(nearest) : -Math.sqrt(nearest);
  };
}

/** The deepest place is found to this share of the area's size. */
const PRECISION = 1e-4;

/** A square that may hold the deepest place. */
interface Square {
  readonly at: Vec2;
  readonly half: number;
  readonly depth: number;
}

/**
 * The deepest place of an area: squares are halved, while they may still hold a deeper one by more than the precision.
 *
 * @param enough a place so deep will do, mm
 */
export function deepestIn(area: Outline, enough = Infinity): { readonly at: Vec2; readonly depth: number } {
  const depth = depthOf(area);
  const [left, bottom, right, top] = extentOf(area);
  const half = Math.max(right - left, top - bottom) / 2;
  const square = (at: Vec2, size: number): Square => ({ at, half: size, depth: depth(...at) });
  const middle = square([(left + right) / 2, (bottom + top) / 2], half);
  let best = middle;
  let open = [middle];
  while (open.length > 0 && best.depth < enough) {
    for (const one of open) if (one.depth > best.depth) best = one;
    open = open
      .filter((one) => one.depth + one.half * Math.SQRT2 > best.depth + PRECISION * half)
      .flatMap(({ at: [x, y], half: size }) => {
        const h = size / 2;
        return [
          square([x - h, y - h], h),
          square([x + h, y - h], h),
          square([x - h, y + h], h),
          square([x + h, y + h], h),
        ];
      });
  }
  return best;
}
