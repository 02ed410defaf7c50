import type { PartFacts } from '../../context/index.ts';
import type { OvenPlace } from '../../piece/index.ts';
import { sourced } from '../../reckoning/index.ts';
import { type LoadItem, type LoadPlan, type OvenFloor, planLoads } from './planLoads.ts';

/** What of a part’s bake its load leans on. */
export interface LoadedPart {
  readonly context: PartFacts;
  readonly lowC: number;
  readonly highC: number;
  readonly minutes: number;
  readonly window?: { readonly fromMin: number; readonly toMin: number };
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

/** Whether a part has room in the maker’s oven by itself. */
export function fitsOven(context: PartFacts): boolean {
  const { widthMm, depthMm, heightMm } = putDown(context);
  const floor = ovenFloor(context.own);
  const [short, long] = [Math.min(widthMm, depthMm), Math.max(widthMm, depthMm)];
  const [less, more] = [Math.min(floor.widthMm, floor.depthMm), Math.max(floor.widthMm, floor.depthMm)];
  return heightMm <= floor.heightMm && short <= less && long <= more;
}

/** The loads of a piece, and of what there are too many to be put down one by one. */
export interface PiecePlan extends LoadPlan {
  readonly more: readonly { readonly name: string; readonly count: number }[];
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
): PiecePlan {
  const items = parts.flatMap(({ context, lowC, highC, minutes, window }): LoadItem[] => {
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
      ...(window && { window }),
    }));
  });
  const more = parts.flatMap(({ context: { part } }) =>
    part.count > MOST_COPIES ? [{ name: part.name, count: part.count - MOST_COPIES }] : [],
  );
  const plan = { ...planLoads(items, ovenFloor(own)), more };
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
