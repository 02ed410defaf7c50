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

/** A place of a run with the depth of the clay round it, mm. */
interface Depth {
  readonly depth: number;
  readonly at: Vec3;
  readonly where: string;
}

/** A free limb with what it bears: by its clay and what it holds, and for each N/mm that its wire weighs. */
interface FreeLimb {
  readonly limb: Limb;
  readonly lengthMm: number;
  /** Sag times stiffness, N·mm³, and moment, N·mm. */
  readonly clay: Bending;
  readonly wire: Bending;
}

/** What of an armature does not depend on the wire: looked up once, asked for every wire that is tried. */
export interface Frame {
  readonly context: PartContext;
  readonly runs: readonly Run[];
  readonly depths: readonly Depth[];
  readonly free: readonly FreeLimb[];
  readonly heldN: number;
  /** The longest leg, and the raw clay on one of them, N; null where nothing stands on wires. */
  readonly leg: { readonly lengthMm: number; readonly bearsN: number } | null;
}

function depthsOf({ shape, shrink }: PartContext, runs: readonly Run[]): Depth[] {
  return runs
    .flatMap(({ limbs }) => limbs)
    .flatMap((limb) =>
      limb.path.flatMap((at, i): Depth[] => {
        // In the ground or in the trunk there is no flesh of the limb’s own.
        if (i === 0 || (limb.stands && i === limb.path.length - 1)) return [];
        const inside = shape.inside?.(at[0] * shrink, at[1] * shrink, at[2] * shrink) ?? Infinity;
        const isInside = Number.isFinite(inside) && inside < 0;
        return [{ depth: isInside ? -inside / shrink : (limb.radii[i] ?? 0), at, where: limb.name }];
      }),
    );
}

/** Everything about an armature that is the same for every wire. */
export function frameOf(
  context: PartContext,
  contexts: ReadonlyMap<string, PartContext>,
  runs: readonly Run[],
): Frame {
  const density = clayDensity(context);
  const held = heldN(context, contexts);
  const limbs = runs.flatMap((run) => run.limbs);
  const legs = limbs.filter(({ stands }) => stands);
  const all = weightOf(context.shape.volumeMm3 / context.shrink ** 3, density);
  return {
    context,
    runs,
    depths: depthsOf(context, runs),
    free: limbs
      .filter(({ stands }) => !stands)
      .map((limb) => ({
        limb,
        lengthMm: pathLength(limb.path),
        clay: bending(placesOf(limb, density, 0), holds(limb) ? held : 0, 1),
        wire: bending(placesOf(limb, 0, 1), 0, 1),
      })),
    heldN: held,
    leg:
      legs.length === 0
        ? null
        : { lengthMm: Math.max(...legs.map(({ path }) => pathLength(path))), bearsN: all / legs.length },
  };
}

/** Share of a limb’s radius that clay should have over the wire: the wire is then a third of the limb (common practice). */
const CLAY_SHARE = 2 / 3;

/**
 * Clay over the wire at the place that has least to spare, miniature mm; null where there is no inside to look at.
 *
 * @param wantedMm clay wanted over a wire; where a limb is too thin for it, two thirds of its radius will do
 */
export function leastCover({ depths }: Frame, wire: Wire, wantedMm: number): Cover | null {
  const half = bundleMm(wire) / 2;
  return depths
    .map(
      ({ depth, at, where }): Cover => ({
        coverMm: depth - half,
        wantedMm: Math.min(wantedMm, CLAY_SHARE * depth),
        at,
        where,
      }),
    )
    .reduce<Cover | null>((a, b) => (a && spare(a) <= spare(b) ? a : b), null);
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
  return /^right (arm|foreleg)/.test(name);
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
export interface LimbBending {
  readonly limb: Limb;
  readonly lengthMm: number;
  readonly sagMm: number;
  readonly momentNmm: number;
  /** Moment at which it stays bent, less the moment it bears; N·mm. */
  readonly spareNmm: number;
}

/** Every free limb under the weight of its raw clay and of what it holds: in the oven clay carries nothing. */
export function rawLimbs({ free, context }: Frame, wire: Wire): LimbBending[] {
  const { stiffness, yieldMoment, weight } = strengthOf(wire, context.own);
  return free.map(({ limb, lengthMm, clay, wire: own }) => {
    const momentNmm = clay.momentNmm + weight * own.momentNmm;
    return {
      limb,
      lengthMm,
      sagMm: (clay.sagMm + weight * own.sagMm) / stiffness,
      momentNmm,
      spareNmm: yieldMoment - momentNmm,
    };
  });
}

/** A finger’s push at the tip of the longest free limb: the moment at its root, N·mm; null without one. */
export function pushMoment({
  context,
  free,
}: Frame): { momentNmm: number; lengthMm: number; limb: Limb } | null {
  const push = sourced('wire.push', context.own).value;
  const longest = free.reduce<FreeLimb | null>((a, b) => (a && a.lengthMm >= b.lengthMm ? a : b), null);
  return longest && { momentNmm: push * longest.lengthMm, lengthMm: longest.lengthMm, limb: longest.limb };
}

/** Load under which the longest leg buckles, pegged below and held by the body above, N; null where nothing stands on wires. */
export function legBuckles({ leg, context }: Frame, wire: Wire): number | null {
  return leg && bucklingN(strengthOf(wire, context.own).stiffness, leg.lengthMm, 0.7);
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
