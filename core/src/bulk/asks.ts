import { ask, type Given } from '../context/index.ts';
import { type RegionMap, regionMaps } from './regionMap.ts';

/** The regions of a part from the front and the side, to be pressed; empty for a part of one region. */
export const regionMapAsk = ask(
  'bulk.region-map',
  ({ contexts }: Given, { part }: { readonly part: string }): readonly RegionMap[] => {
    const context = contexts.get(part);
    return context && new Set(context.shape.regions).size > 1 ? regionMaps(context) : [];
  },
);
