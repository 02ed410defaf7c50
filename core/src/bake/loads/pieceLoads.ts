import { sourced } from '../../reckoning/index.ts';
import type { PartContext } from '../../whole/context.ts';
import { type LoadItem, type LoadPlan, type OvenFloor, planLoads } from './planLoads.ts';

/** What of a part’s bake its load leans on. */
export interface LoadedPart {
  readonly context: PartContext;
  readonly lowC: number;
  readonly highC: number;
  readonly minutes: number;
}

/** Most copies of a part that are put into the plan one by one. */
const MOST_COPIES = 40;

/** The floor of the maker’s oven that can be used, and the room over it. */
export function ovenFloor(
  own: PartContext['own'],
): OvenFloor & { readonly heightMm: number; readonly clearanceMm: number } {
  const of = (name: string) => sourced(`oven.${name}`, own).value;
  const free = (name: string) => Math.max(1, of(name) - 2 * of('clearance'));
  return {
    widthMm: free('width'),
    depthMm: free('depth'),
    heightMm: free('height'),
    clearanceMm: of('clearance'),
    gapMm: of('gap'),
  };
}

/** Footprint of a part as it is put down: upright where the oven is high enough, else on its side. */
function footprint({ shape, shrink, own }: PartContext): readonly [number, number] {
  const { min, max } = shape.box;
  const [w, h, d] = ([0, 1, 2] as const).map((k) => (max[k] - min[k]) / shrink) as [number, number, number];
  const { heightMm } = ovenFloor(own);
  if (h <= heightMm) return [w, d];
  return Math.min(w, d) === w ? [h, d] : [h, w];
}

/** The baked parts of a piece, every copy by itself, over the fewest fillings of the oven that are found. */
export function pieceLoads(parts: readonly LoadedPart[], own: PartContext['own']): LoadPlan {
  const items = parts.flatMap(({ context, lowC, highC, minutes }): LoadItem[] => {
    const [widthMm, depthMm] = footprint(context);
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
  return planLoads(items, ovenFloor(own));
}
