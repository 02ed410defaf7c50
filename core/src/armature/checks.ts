import { claySharesOf } from '../bulk/index.ts';
import { feetOf } from '../fits/index.ts';
import type { Vec2, Vec3 } from '../form/index.ts';
import { sourced } from '../reckoning/index.ts';
import type { PartContext } from '../whole/context.ts';
import { type Bending, bending, bucklingN, type Place } from './cantilever.ts';
import { type Limb, pathLength, type Run } from './runs.ts';
import { bundleMm, strengthOf, type Wire, weightOf } from './wire.ts';

/** Clay over a wire where it is scarcest against what is wanted there, mm. */
export interface Cover {
  readonly coverMm: number;
  readonly wantedMm: number;
  readonly at: Vec3;
  readonly where: string;
}

/** Share of a limb’s radius that clay should have over the wire: the wire is then a third of the limb (common practice). */
const CLAY_SHARE = 2 / 3;

/**
 * Clay over the wire at the place that has least to spare, miniature mm; null where there is no inside to look at.
 *
 * @param wantedMm clay wanted over a wire; where a limb is too thin for it, two thirds of its radius will do
 */
export function leastCover(
  { shape, shrink }: PartContext,
  runs: readonly Run[],
  wire: Wire,
  wantedMm: number,
): Cover | null {
  const half = bundleMm(wire) / 2;
  let worst: Cover | null = null;
  for (const run of runs)
    for (const limb of run.limbs)
      limb.path.forEach((at, i) => {
        // In the ground or in the trunk there is no flesh of the limb’s own.
        if (i === 0 || (limb.stands && i === limb.path.length - 1)) return;
        const inside = shape.inside?.(at[0] * shrink, at[1] * shrink, at[2] * shrink) ?? Infinity;
        const depth = Number.isFinite(inside) && inside < 0 ? -inside / shrink : (limb.radii[i] ?? 0);
        const here: Cover = {
          coverMm: depth - half,
          wantedMm: Math.min(wantedMm, CLAY_SHARE * depth),
          at,
          where: limb.name,
        };
        if (!worst || spare(here) < spare(worst)) worst = here;
      });
  return worst;
}

function spare({ coverMm, wantedMm }: Cover): number {
  return coverMm - wantedMm;
}

/** Density of a part’s raw clay, g/cm³. */
export function clayDensity(context: PartContext): number {
  return claySharesOf(context).reduce((sum, { share, densityGCm3 }) => sum + share * densityGCm3, 0);
}

/** Weight of what a part holds, N: of clay as clay, of other stuff as wood. */
const WOOD = 0.6;
export function heldN(context: PartContext, contexts: ReadonlyMap<string, PartContext>): number {
  return context.piece.fits.reduce((sum, fit) => {
    const other = fit.kind === 'held-by' && fit.on === context.part.id ? contexts.get(fit.part) : undefined;
    if (!other) return sum;
    const volume = other.shape.volumeMm3 / other.shrink ** 3;
    return sum + weightOf(volume, other.part.mix.length > 0 ? clayDensity(other) : WOOD);
  }, 0);
}

/** The limb that holds things: an arm, the right one where there are two. */
function holds({ name }: Limb): boolean {
  return /^right (upper arm|arm|foreleg|wing)/.test(name);
}

/** Places along a limb with the clay and wire between them. */
function placesOf(limb: Limb, density: number, wireWeight: number): Place[] {
  return limb.path.map((at, i) => {
    const before = limb.path[i - 1];
    if (!before) return { at, weight: 0 };
    const length = pathLength([before, at]);
    const r = ((limb.radii[i] ?? 0) + (limb.radii[i - 1] ?? 0)) / 2;
    return { at, weight: weightOf(Math.PI * r * r * length, density) + wireWeight * length };
  });
}

/** One limb under a load. */
export interface LimbBending extends Bending {
  readonly limb: Limb;
  /** Moment at which it stays bent, less the moment it bears; N·mm. */
  readonly spareNmm: number;
}

/** Every free limb under the weight of its raw clay and of what it holds: in the oven clay carries nothing. */
export function rawLimbs(
  context: PartContext,
  contexts: ReadonlyMap<string, PartContext>,
  runs: readonly Run[],
  wire: Wire,
): LimbBending[] {
  const { stiffness, yieldMoment, weight } = strengthOf(wire, context.own);
  const density = clayDensity(context);
  const held = heldN(context, contexts);
  return runs
    .flatMap(({ limbs }) => limbs)
    .filter(({ stands }) => !stands)
    .map((limb) => {
      const found = bending(placesOf(limb, density, weight), holds(limb) ? held : 0, stiffness);
      return { ...found, limb, spareNmm: yieldMoment - found.momentNmm };
    });
}

/** A finger’s push at the tip of the longest free limb: the moment at its root, N·mm; null without one. */
export function pushMoment(
  context: PartContext,
  runs: readonly Run[],
): { momentNmm: number; limb: Limb } | null {
  const push = sourced('wire.push', context.own).value;
  const free = runs.flatMap(({ limbs }) => limbs).filter(({ stands }) => !stands);
  const longest = free.reduce<Limb | null>(
    (a, b) => (a && pathLength(a.path) >= pathLength(b.path) ? a : b),
    null,
  );
  return longest && { momentNmm: push * pathLength(longest.path), limb: longest };
}

/** Load under which the weakest leg buckles, and what it bears, N; null where nothing stands on wires. */
export function legLoad(
  context: PartContext,
  runs: readonly Run[],
  wire: Wire,
): { readonly bearsN: number; readonly bucklesN: number; readonly lengthMm: number } | null {
  const legs = runs.flatMap(({ limbs }) => limbs).filter(({ stands }) => stands);
  if (legs.length === 0) return null;
  const { stiffness } = strengthOf(wire, context.own);
  const lengthMm = Math.max(...legs.map(({ path }) => pathLength(path)));
  const all = weightOf(context.shape.volumeMm3 / context.shrink ** 3, clayDensity(context));
  return {
    bearsN: all / legs.length,
    // Pegged below, and held by the body above.
    bucklesN: bucklingN(stiffness, lengthMm, 0.7),
    lengthMm,
  };
}

/** How far a part can be tipped over the nearest edge of its feet before it falls, degrees; null when it touches nothing. */
export function tipDegrees(context: PartContext): number | null {
  const { shape, shrink } = context;
  const feet = feetOf(context);
  if (feet.length < 3) return null;
  const at: Vec2 = [shape.centre[0] / shrink, shape.centre[2] / shrink];
  const height = (shape.centre[1] - shape.box.min[1]) / shrink;
  const margins = feet.map(([x, z], i) => {
    const [u, v] = feet[(i + 1) % feet.length] ?? [x, z];
    const length = Math.hypot(u - x, v - z) || 1;
    // Inside lies to the left of a ring that runs counter-clockwise.
    return ((u - x) * (at[1] - z) - (v - z) * (at[0] - x)) / length;
  });
  return (Math.atan2(Math.min(...margins), height) * 180) / Math.PI;
}
