import type { PartFacts } from '../../context/index.ts';
import type { OvenPlace } from '../../piece/index.ts';
import { type ShownFigure, sourced } from '../../reckoning/index.ts';
import type { BakeState } from '../../route/index.ts';
import { type LoadItem, type LoadPlan, type OvenFloor, planLoads } from './planLoads.ts';

/** What of a part’s bake its load leans on. */
export interface LoadedPart {
  readonly context: PartFacts;
  readonly lowC: number;
  readonly highC: number;
  readonly minutes: number;
}

/**
 * Every part that is baked, with what it wants of the oven by the card.
 *
 * @param find a figure of a part
 */
export function loadedParts(
  contexts: ReadonlyMap<string, PartFacts>,
  find: (part: string, key: string) => ShownFigure | undefined,
): LoadedPart[] {
  return [...contexts].flatMap(([id, context]): LoadedPart[] => {
    const [heat, hold] = ['bake.temperature', 'bake.hold'].map((key) => find(id, key)?.quantity);
    return heat && hold
      ? [{ context, lowC: heat.low ?? heat.value, highC: heat.high ?? heat.value, minutes: hold.value }]
      : [];
  });
}

/** Most copies of a part that are put into the plan one by one. */
const MOST_COPIES = 40;

/** The floor of the maker’s oven that can be used, the room over it, and how high it is inside over the rack. */
export function ovenFloor(
  own: PartFacts['own'],
): OvenFloor & { readonly heightMm: number; readonly insideMm: number; readonly clearanceMm: number } {
  const of = (name: string) => sourced(`oven.${name}`, own).value;
  const free = (name: string) => Math.max(1, of(name) - 2 * of('clearance'));
  return {
    widthMm: free('width'),
    depthMm: free('depth'),
    heightMm: free('height'),
    insideMm: of('height'),
    clearanceMm: of('clearance'),
    gapMm: of('gap'),
  };
}

/** A part as it is put down: upright where the oven is high enough, else on its side. */
export interface PutDown {
  readonly widthMm: number;
  readonly depthMm: number;
  readonly heightMm: number;
  readonly isUpright: boolean;
}

/** How a part is put down in the oven, miniature mm. */
export function putDown({ shape, shrink, own }: PartFacts): PutDown {
  const { min, max } = shape.box;
  const [w, h, d] = ([0, 1, 2] as const).map((k) => (max[k] - min[k]) / shrink) as [number, number, number];
  if (h <= ovenFloor(own).heightMm) return { widthMm: w, depthMm: d, heightMm: h, isUpright: true };
  // On its flatter side, its height along the floor.
  return Math.min(w, d) === w
    ? { widthMm: h, depthMm: d, heightMm: w, isUpright: false }
    : { widthMm: h, depthMm: w, heightMm: d, isUpright: false };
}

/**
 * Baked parts, every copy by itself, over the fewest fillings of the oven that are found.
 *
 * @param places what was put in its place by hand: it lies there in its load, clear of others or not
 */
export function pieceLoads(
  parts: readonly LoadedPart[],
  own: PartFacts['own'],
  places: readonly OvenPlace[] = [],
): LoadPlan {
  const items = parts.flatMap(({ context, lowC, highC, minutes }): LoadItem[] => {
    const { widthMm, depthMm } = putDown(context);
    const { part } = context;
    return Array.from({ length: Math.min(part.count, MOST_COPIES) }, (_, n) => ({
      id: `${part.id}/${n}`,
      name: part.name,
      widthMm,
      depthMm,
      lowC,
      highC,
      minutes,
    }));
  });
  const plan = planLoads(items, ovenFloor(own));
  if (places.length === 0) return plan;
  const byItem = new Map(places.map((place) => [place.item, place]));
  return {
    ...plan,
    loads: plan.loads.map((load) => ({
      ...load,
      placed: load.placed.map((one) => {
        const place = byItem.get(one.item.id);
        return place ? { ...one, at: [place.xMm, place.yMm] as const } : one;
      }),
    })),
  };
}

/** One bake of the route with the fillings of the oven that it takes. */
export interface BakeLoads {
  readonly bake: BakeState;
  readonly plan: LoadPlan;
}

/**
 * Every bake of the route in as few fillings of the oven as are found, in the order of the route.
 *
 * @param setMin minutes of a bake that only sets
 */
export function routeLoads(
  bakes: readonly BakeState[],
  parts: readonly LoadedPart[],
  own: PartFacts['own'],
  setMin: number,
  places: readonly OvenPlace[] = [],
): BakeLoads[] {
  return bakes.map((bake) => {
    const inIt = new Set(bake.parts.map(({ part }) => part));
    const here = parts.filter(({ context }) => inIt.has(context.part.id));
    const timed =
      bake.step.way === 'set'
        ? here.map((one) => ({ ...one, minutes: Math.min(setMin, one.minutes) }))
        : here;
    return { bake, plan: pieceLoads(timed, own, places) };
  });
}
