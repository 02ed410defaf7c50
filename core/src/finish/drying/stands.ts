import type { CoatLayer } from '../../piece/index.ts';
import type { Coat } from '../coats/coats.ts';
import { familyRow } from '../rows/families.ts';
import { wetOf } from './drying.ts';

/**
 * How far a layer stands off what is under it, dry: fibres by their length, all else by what is left of it.
 *
 * @param usualMm how thick one coat of such a stuff usually is, wet
 * @returns mm
 */
export function standsMm(layer: CoatLayer, coat: Coat, usualMm: number): number {
  if (coat.fibres) return layer.lengthMm ?? 0;
  const solids = familyRow(coat.family).solids.value;
  return (layer.coats * wetOf(layer, usualMm) * solids) / 100 / (1 + layer.thin);
}
