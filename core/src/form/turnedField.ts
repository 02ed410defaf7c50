import { noCore } from './core.ts';
import type { Core, InnerBall, Outline, Ring, Vec2 } from './types.ts';

/** Cells across the smaller side of the section when a core is measured. */
const CORE_CELLS = 120;
/** The largest ball is found to this share of the section's size. */
const BALL_PRECISION = 1e-4;

function distanceToEdge([x, y]: Vec2, [ax, ay]: Vec2, [bx, by]: Vec2): number {
  const [dx, dy] = [bx - ax, by - ay];
  const length2 = dx * dx + dy * dy;
  const t = length2 === 0 ? 0 : Math.max(0, Math.min(1, ((x - ax) * dx + (y - ay) * dy) / length2));
  return Math.hypot(x - ax - t * dx, y - ay - t * dy);
}

/** Depth of a point under the surface in the meridian section; negative outside. */
export function depthIn(ring: Ring, point: Vec2): number {
  let inside = false;
  let nearest = Infinity;
  ring.forEach((a, i) => {
    const b = ring[(i + 1) % ring.length] ?? a;
    if (
      a[1] > point[1] !== b[1] > point[1] &&
      point[0] < ((b[0] - a[0]) * (point[1] - a[1])) / (b[1] - a[1]) + a[0]
    )
      inside = !inside;
    nearest = Math.min(nearest, distanceToEdge(point, a, b));
  });
  return inside ? nearest : -nearest;
}

interface Square {
  readonly at: Vec2;
  readonly half: number;
  readonly depth: number;
}

/** Refines squares, most promising first, until none can hold a point deeper by more than the precision. */
function deepestPoint(ring: Ring): Square {
  const xs = ring.map(([x]) => x);
  const ys = ring.map(([, y]) => y);
  const [left, right] = [Math.min(...xs), Math.max(...xs)];
  const [bottom, top] = [Math.min(...ys), Math.max(...ys)];
  const half = Math.max(right - left, top - bottom) / 2;
  const square = (at: Vec2, size: number): Square => ({ at, half: size, depth: depthIn(ring, at) });
  let best = square([0, 0], half);
  let open = [square([(left + right) / 2, (bottom + top) / 2], half)];
  while (open.length > 0) {
    for (const one of open) if (one.depth > best.depth) best = one;
    open = open
      .filter((one) => one.depth + one.half * Math.SQRT2 > best.depth + BALL_PRECISION * half)
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

/** Largest ball in a turned solid, from its meridian section: the nearest surface of a point lies in its own meridian. */
export function largestBallOfTurned(section: Outline): InnerBall {
  const best = deepestPoint(section[0]?.[0] ?? []);
  return { diameterMm: 2 * best.depth, at: [best.at[0], best.at[1], 0], region: 'turned' };
}

/** A stretch of core in one row of cells. */
interface Run {
  readonly from: number;
  readonly to: number;
  readonly y: number;
}

function bounds(ring: Ring): { left: number; right: number; bottom: number; top: number } {
  const xs = ring.map(([x]) => x);
  const ys = ring.map(([, y]) => y);
  return { left: Math.min(...xs), right: Math.max(...xs), bottom: Math.min(...ys), top: Math.max(...ys) };
}

/** Sums 2πr over the cells at least `skin` deep; both halves of the section are swept, so half of it each. */
function sweep(ring: Ring, cell: number, skin: number): { volume: number; rows: Run[][] } {
  const { left, right, bottom, top } = bounds(ring);
  const rows: Run[][] = [];
  let volume = 0;
  for (let y = bottom + cell / 2; y < top; y += cell) {
    const row: Run[] = [];
    let from: number | null = null;
    for (let x = left + cell / 2; x < right + cell; x += cell) {
      const depth = depthIn(ring, [x, y]);
      volume += Math.max(0, Math.min(1, 0.5 + (depth - skin) / cell)) * Math.PI * Math.abs(x) * cell * cell;
      if (depth >= skin) from ??= x - cell / 2;
      else if (from !== null) {
        row.push({ from, to: x - cell / 2, y });
        from = null;
      }
    }
    rows.push(row);
  }
  return { volume, rows };
}

/** Joins runs that lie on each other into outlines: up the left ends, down the right ends. */
function traced(rows: readonly (readonly Run[])[]): Outline {
  const chains: Run[][] = [];
  let open: Run[][] = [];
  for (const row of rows) {
    open = row.map((run) => {
      const below = open.filter((chain) => {
        const last = chain.at(-1);
        return last !== undefined && last.from < run.to && last.to > run.from;
      });
      const [only] = below;
      if (only && below.length === 1 && only.at(-1)?.y !== run.y) {
        only.push(run);
        return only;
      }
      const chain = [run];
      chains.push(chain);
      return chain;
    });
  }
  return chains
    .filter((chain) => chain.length > 1)
    .map((chain) => [
      [
        ...chain.map(({ from, y }): Vec2 => [from, y]),
        ...[...chain].reverse().map(({ to, y }): Vec2 => [to, y]),
      ],
    ]);
}

/**
 * The turned solid offset inward, measured on a grid of {@link CORE_CELLS} cells: volume to about 0.5 %.
 */
export function coreOfTurned(section: Outline, thickest: InnerBall, skin: number, least: number): Core {
  if (thickest.diameterMm < 2 * skin + least) return noCore('turned', thickest);
  const swept = section.map(([ring = []]) => {
    const { left, right, bottom, top } = bounds(ring);
    return sweep(ring, Math.min(right - left, top - bottom) / CORE_CELLS, skin);
  });
  return {
    volumeMm3: swept.reduce((sum, { volume }) => sum + volume, 0),
    section: () => swept.flatMap(({ rows }) => traced(rows)),
    // Where it is thinner than two skins no core goes in: up to that much clay stays solid.
    thickestClay: { ...thickest, diameterMm: Math.min(2 * skin, thickest.diameterMm) },
    regions: ['turned'],
    without: [],
  };
}
