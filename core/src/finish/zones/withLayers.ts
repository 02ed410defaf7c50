import type { CoatLayer, Zone } from '../../piece/index.ts';
import type { OfferedChange } from '../../reckoning/index.ts';

/** The change that gives a zone other layers, as the maker’s own. */
export function withLayers(zone: Zone, layers: readonly CoatLayer[]): OfferedChange {
  return { path: ['zones', zone.id], value: { ...zone, isOwn: true, layers } };
}
