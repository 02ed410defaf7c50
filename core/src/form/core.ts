import type { Core, InnerBall, Outline } from './types.ts';

/** A core that fills the whole form but its skin: what is left is a shell as thick as the skin. */
export function wholeCore(
  volumeMm3: number,
  section: () => Outline,
  skinMm: number,
  region: string,
  thickest: InnerBall,
): Core {
  return {
    volumeMm3,
    section,
    thickestClay: { ...thickest, diameterMm: skinMm },
    byRegion: new Map([[region, volumeMm3]]),
    regions: [region],
    without: [],
  };
}

/** No core: the form is too thin for one. */
export function noCore(region: string, thickest: InnerBall): Core {
  return {
    volumeMm3: 0,
    section: () => [],
    thickestClay: thickest,
    byRegion: new Map(),
    regions: [],
    without: [region],
  };
}
