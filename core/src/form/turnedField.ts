import { noCore } from './core.ts';
import { depthIn } from './depth.ts';
import { offset } from './outline.ts';
import type { Core, InnerBall, Outline, Ring, Vec2 } from './types.ts';

/** The largest ball is found to this share of the section's size. */
const BALL_PRECISION = 1e-4;

interface Square {
  readonly at: Vec2;
  readonly half: number;
  readonly depth: number;
}

/** Refines squares, most promising first, until none can hold a point deeper by more than the precision. */
function deepestPoint(ring: Ring): Square {
  const section: Outline = [[ring]];
  const xs = ring.map(([x]) => x);
  const ys = ring.map(([, y]) => y);
  const [left, right] = [Math.min(...xs), Math.max(...xs)];
  const [bottom, top] = [Math.min(...ys), Math.max(...ys)];
  const half = Math.max(right - left, top - bottom) / 2;
  const square = (at: Vec2, size: number): Square => ({ at, half: size, depth: depthIn(section, at) });
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
