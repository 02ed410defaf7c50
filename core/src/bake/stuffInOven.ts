import { type StuffId, stuffRow } from '../handbook/index.ts';
import { type Level, type OwnValues, type ShownFigure, sourced } from '../reckoning/index.ts';

/** Hottest that the oven gets for a part: the top of its window and the swing, °C. */
export function peakOf({ quantity }: Pick<ShownFigure, 'quantity'>, own: OwnValues): number {
  return (quantity.high ?? quantity.value) + sourced('oven.swing', own).value;
}

/**
 * How a stuff bears the oven, in words.
 *
 * @param peakC hottest that it gets, °C
 * @param isKnown whether this maker bakes superglue knowingly
 */
export function bearsOven(
  id: StuffId,
  peakC: number,
  isKnown: boolean,
): { readonly level: Level; readonly says: string } {
  const { title, bears, fromC, says } = stuffRow(id);
  if (bears === 'yes' || (fromC !== null && fromC > peakC))
    return { level: 'good', says: `${title}: ${says}` };
  const from = fromC === null ? '' : ` from about ${fromC} °C`;
  const level = bears === 'no' && !(id === 'superglue' && isKnown) ? 'stop' : 'doubtful';
  return { level, says: `${title}: ${says}${from}` };
}
