import type { ClayLayer, MixShare, RegionChoice } from './classes.ts';

/** What names clays: a part, with its regions and its layers. */
interface Mixed {
  readonly mix: MixShare[];
  readonly regions: RegionChoice[];
  readonly layers: ClayLayer[];
}

/** Every mix of a part with where it stands: its own, its regions’, their zones’ and its layers’. */
export function mixesOf(part: Mixed): { readonly where: string; readonly mix: readonly MixShare[] }[] {
  return [
    { where: 'mix', mix: part.mix },
    ...part.regions.flatMap(({ mix, zones }, i) => [
      { where: `regions[${i}].mix`, mix },
      ...zones.map((zone, j) => ({ where: `regions[${i}].zones[${j}].mix`, mix: zone.mix })),
    ]),
    ...part.layers.map(({ mix }, i) => ({ where: `layers[${i}].mix`, mix })),
  ];
}

/** A part with every mix of it changed. */
export function withMixes<T extends Mixed>(part: T, change: (mix: readonly MixShare[]) => MixShare[]): T {
  return {
    ...part,
    mix: change(part.mix),
    regions: part.regions.map((region) => ({
      ...region,
      mix: change(region.mix),
      zones: region.zones.map((zone) => ({ ...zone, mix: change(zone.mix) })),
    })),
    layers: part.layers.map((layer) => ({ ...layer, mix: change(layer.mix) })),
  };
}

/** A part that names only some clays; the same part where that is all it names. */
export function withClaysOf<T extends Mixed>(part: T, isKept: (clay: string) => boolean): T {
  if (mixesOf(part).every(({ mix }) => mix.every(({ clay }) => isKept(clay)))) return part;
  return withMixes(part, (mix) => mix.filter(({ clay }) => isKept(clay)));
}
