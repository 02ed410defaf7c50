import { noCore } from './core.ts';
import { deepestIn } from './depth.ts';
import { offset } from './outline.ts';
import type { Core, InnerBall, Outline } from './types.ts';

/** Largest ball in a turned solid, from its meridian section: the nearest surface of a point lies in its own meridian. */
export function largestBallOfTurned(section: Outline): InnerBall {
  const best = deepestIn(section.slice(0, 1));
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
    byRegion: new Map([['turned', volumeMm3]]),
    section: () => core,
    // Places too thin for the core stay solid, up to two skins and the least core.
    thickestClay: { ...thickest, diameterMm: Math.min(2 * skin + least, thickest.diameterMm) },
    regions: ['turned'],
    without: [],
  };
}
