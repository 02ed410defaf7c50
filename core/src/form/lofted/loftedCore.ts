import { unite } from '../outline.ts';
import { SIDES } from '../side.ts';
import type { Core, InnerBall, Ring } from '../types.ts';
import type { Placed } from './integrate.ts';
import { loftRings, pointOf } from './loft.ts';

/**
 * Largest ball on the loft's axis: it must clear the section at every distance, so r² ≤ half-width² + distance².
 * The ball is looked for outside the neighbour that the loft starts in.
 */
export function axisBall(
  { loft, sections }: Placed,
  keep: (halfWidth: number) => boolean = () => true,
): InnerBall {
  const start = loft.from * loft.length;
  let best: InnerBall = { diameterMm: 0, at: loft.origin, region: loft.region };
  for (let i = 0; i < sections.count; i += 1) {
    const y = sections.y[i] ?? 0;
    const half = Math.min(sections.across[i] ?? 0, sections.ahead[i] ?? 0);
    if (y < start || !keep(half)) continue;
    let r2 = half * half;
    for (let j = 0; j < sections.count; j += 1) {
      const there = Math.min(sections.across[j] ?? 0, sections.ahead[j] ?? 0);
      r2 = Math.min(r2, there * there + ((sections.y[j] ?? 0) - y) ** 2);
    }
    if (2 * Math.sqrt(r2) > best.diameterMm)
      best = {
        diameterMm: 2 * Math.sqrt(r2),
        at: pointOf(loft, y, 0, sections.shift[i] ?? 0),
        region: loft.region,
      };
  }
  return best;
}

/** Regions nobody would look for a core in. */
const DETAILS: readonly string[] = ['nose', 'left ear', 'right ear', 'eyes', 'beak'];

/** Sum of π a b along the axis for the sections wide enough, each smaller by the skin. */
function limbCore({ loft, sections }: Placed, skin: number, least: number): number {
  const start = loft.from * loft.length;
  let volume = 0;
  for (let i = 0; i + 1 < sections.count; i += 1) {
    const y = ((sections.y[i] ?? 0) + (sections.y[i + 1] ?? 0)) / 2;
    const a = ((sections.across[i] ?? 0) + (sections.across[i + 1] ?? 0)) / 2 - skin;
    const b = ((sections.ahead[i] ?? 0) + (sections.ahead[i + 1] ?? 0)) / 2 - skin;
    if (y < start || Math.min(a, b) < least / 2) continue;
    volume += Math.PI * a * b * ((sections.y[i + 1] ?? 0) - (sections.y[i] ?? 0));
  }
  return volume;
}

function coreRings(one: Placed, skin: number, least: number): Ring[] {
  const { sections } = one;
  const wide = Array.from(sections.y.keys()).filter(
    (i) => Math.min(sections.across[i] ?? 0, sections.ahead[i] ?? 0) - skin >= least / 2,
  );
  const part = (list: Float64Array) => Float64Array.from(wide, (i) => list[i] ?? 0);
  const kept = {
    count: wide.length,
    y: part(sections.y),
    across: part(sections.across),
    ahead: part(sections.ahead),
    shift: part(sections.shift),
  };
  return loftRings(one.loft, kept, SIDES.front, skin);
}

/**
 * A core in every limb that is thick enough, each section offset inward by the skin. The offset of an ellipse is taken
 * as the smaller ellipse: at most 2 % of the core's volume off for the sections of a body.
 */
export function loftedCore(lofts: readonly Placed[], thickest: InnerBall, skin: number, least: number): Core {
  const limbs = lofts.map((one) => ({ one, volume: limbCore(one, skin, least) }));
  const withCore = limbs.filter(({ volume }) => volume > 0);
  const names = (list: typeof limbs) => [...new Set(list.map(({ one }) => one.loft.region))];
  const regions = names(withCore);
  const left = lofts
    .map((one) => axisBall(one, (half) => half - skin < least / 2))
    .reduce((a, b) => (b.diameterMm > a.diameterMm ? b : a));
  const thickestClay = left.diameterMm > skin ? left : { ...thickest, diameterMm: skin };
  return {
    volumeMm3: withCore.reduce((sum, { volume }) => sum + volume, 0),
    section: () => unite(withCore.flatMap(({ one }) => coreRings(one, skin, least))),
    thickestClay: regions.length === 0 ? thickest : thickestClay,
    regions,
    without: names(limbs).filter((name) => !regions.includes(name) && !DETAILS.includes(name)),
  };
}
