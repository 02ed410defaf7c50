import { type Heroic, PLAIN } from '../form/index.ts';
import { type OwnValues, sourced } from '../reckoning/index.ts';

/** What a figure scale thickens, by the maker’s own values. */
export function heroicOf(isHeroic: boolean, own: OwnValues): Heroic {
  if (!isHeroic) return PLAIN;
  return { head: sourced('scale.heroic-head', own).value, hands: sourced('scale.heroic-hands', own).value };
}
