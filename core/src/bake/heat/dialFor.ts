import { type OwnValues, type ShownFigure, sourced } from '../../reckoning/index.ts';

/**
 * What to set the dial to for some parts in one bake: the lowest heat that all of them cure at, less how much hotter the oven
 * is than its dial.
 *
 * @param find a figure of a part
 * @returns °C; null when none of them is baked
 */
export function dialFor(
  parts: readonly string[],
  find: (part: string, key: string) => ShownFigure | undefined,
  own: OwnValues,
): number | null {
  const lows = parts.flatMap((part) => {
    const heat = find(part, 'bake.temperature')?.quantity;
    return heat ? [heat.low ?? heat.value] : [];
  });
  return lows.length > 0 ? Math.max(...lows) - sourced('oven.dial-error', own).value : null;
}
