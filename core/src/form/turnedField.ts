import { noCore } from './core.ts';
import { offset } from './outline.ts';
import type { Core, InnerBall, Outline, Ring, Vec2 } from './types.ts';

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

/**
 * The turned solid offset inward: the section is shrunk by the skin, and places thinner than the least core are left
 * out (an inward offset that goes half the least core too far and comes back). Exact but for the rounding of corners,
 * which is drawn as short straight lines: volume to 0.1 %.
 *
 * @param volumeOf volume a section sweeps round the axis
 */
export function coreOfTurned(
  section: Outline,
  thickest: InnerBall,
  skin: number,
  least: number,
  volumeOf: (section: Outline) => number,
): Core {
  const core = offset(offset(section, -(skin + least / 2)), least / 2);
  const volumeMm3 = core.length === 0 ? 0 : volumeOf(core);
  if (volumeMm3 === 0) return noCore('turned', thickest);
  return {
    volumeMm3,
    section: () => core,
    // Places too thin for the core stay solid, up to two skins and the least core.
    thickestClay: { ...thickest, diameterMm: Math.min(2 * skin + least, thickest.diameterMm) },
    regions: ['turned'],
    without: [],
  };
}
