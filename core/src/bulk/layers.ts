import type { PartContext, PartFacts } from '../context/index.ts';
import { type Core, coreAsk, type InnerBall, scaledAsk } from '../form/index.ts';
import type { ClayLayer } from '../piece/index.ts';
import { coreAskOf } from './coreOf.ts';

/** Layers of a part from the outside in: what goes on last lies outermost. */
function fromOutside(layers: readonly ClayLayer[]): ClayLayer[] {
  return layers
    .map((layer, i) => ({ layer, i }))
    .sort((a, b) => b.layer.pass - a.layer.pass || b.i - a.i)
    .map(({ layer }) => layer);
}

/** Regions of a part that a layer goes over, of those that there are. */
export function regionsUnder({ regions }: Pick<ClayLayer, 'regions'>, all: readonly string[]): string[] {
  return regions.length === 0 ? [...all] : all.filter((name) => regions.includes(name));
}

/**
 * What each layer takes of each region: the form offset inward by all that lies over it, less the same offset by its own
 * thickness too, and never any of the core.
 *
 * @param clay clay of every region with all its layers, miniature mm³
 * @returns by layer and region, miniature mm³; only what is more than nothing
 */
export function layerVolumes(
  { part, shape, shrink }: PartContext,
  clay: ReadonlyMap<string, number>,
  whole: ReadonlyMap<string, number>,
): ReadonlyMap<string, ReadonlyMap<string, number>> {
  const names = [...clay.keys()];
  const deep = new Map(names.map((name) => [name, 0]));
  const inside = new Map(whole);
  const left = new Map(clay);
  const found = new Map<string, ReadonlyMap<string, number>>();
  for (const layer of fromOutside(part.layers)) {
    const here = regionsUnder(layer, names);
    for (const name of here) deep.set(name, (deep.get(name) ?? 0) + layer.thicknessMm);
    const apart = Object.fromEntries(names.map((name) => [name, deep.get(name) || null]));
    const single = names.length === 1 ? (deep.get(names[0] ?? '') ?? 0) : 0;
    const inner = shape.core(scaledAsk(coreAsk(single, 0, apart), shrink)).byRegion;
    const own = new Map<string, number>();
    for (const name of here) {
      const now = (inner.get(name) ?? 0) / shrink ** 3;
      const mm3 = Math.min(left.get(name) ?? 0, Math.max(0, (inside.get(name) ?? 0) - now));
      inside.set(name, now);
      left.set(name, (left.get(name) ?? 0) - mm3);
      if (mm3 > 0) own.set(name, mm3);
    }
    found.set(layer.id, own);
  }
  return found;
}

/** Clay over each region that goes on over what is baked, miniature mm. */
export function laterOver(layers: readonly ClayLayer[], names: readonly string[]): Record<string, number> {
  const over: Record<string, number> = {};
  for (const layer of layers)
    for (const name of regionsUnder(layer, names)) over[name] = (over[name] ?? 0) + layer.thicknessMm;
  return over;
}

/** Clay of the surface by region that goes on after a bake, by its number, miniature mm. */
export function laterThan({ part, shape }: PartFacts, bake: number): Record<string, number> {
  return laterOver(
    part.layers.filter(({ pass }) => pass > bake),
    shape.regions,
  );
}

/** The thickest clay that one bake has to cure: of what lies under all layers, or a layer itself; the part’s own frame. */
export function thickestAtOnce(context: PartContext, core: Core | null): InnerBall {
  const { part, shape, shrink } = context;
  const whole = core?.thickestClay ?? shape.thickest;
  const { layers } = part;
  if (layers.length === 0) return whole;
  const later = laterOver(layers, shape.regions);
  const beneath = shape.regions.length > 1 ? onGrid(context, later) : whole;
  const [over] = Object.values(later);
  const sides = core && core.volumeMm3 > 0 ? 1 : 2;
  const off = shape.regions.length > 1 ? 0 : sides * (over ?? 0) * shrink;
  const under: InnerBall = { ...beneath, diameterMm: Math.max(0, beneath.diameterMm - off) };
  const thickest = layers.reduce((a, b) => (b.thicknessMm > a.thicknessMm ? b : a));
  if (thickest.thicknessMm * shrink <= under.diameterMm) return under;
  return {
    ...whole,
    // A layer is never thicker than all there is.
    diameterMm: Math.min(whole.diameterMm, thickest.thicknessMm * shrink),
    region: thickest.regions[0] ?? whole.region,
  };
}

/** The largest ball under the layers of a form of several regions. */
function onGrid(context: PartContext, later: Record<string, number>): InnerBall {
  const { shape, shrink } = context;
  const ask = coreAskOf(context) ?? coreAsk(Number.MAX_VALUE / shrink, 0);
  return shape.core(scaledAsk({ ...ask, later }, shrink)).thickestClay;
}
