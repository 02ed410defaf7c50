import { formatQuantity } from '../reckoning/index.ts';

/**
 * Length of household foil crumpled into a core: its metal fills the solid share of the core’s volume.
 *
 * @param volumeMm3 of the core, miniature
 * @param solidShare 0.10 loose, 0.15 balled by hand, 0.30 hammered
 * @param thicknessMm of the foil, 0.016 for household foil
 * @param widthMm of the roll, 300
 * @returns mm of roll to tear off
 * @throws {RangeError} for a thickness or width of zero or less
 * @example foilLengthMm(33510, 0.15, 0.016, 300) // 1047: a 40 mm ball takes a good metre
 */
export function foilLengthMm(
  volumeMm3: number,
  solidShare: number,
  thicknessMm: number,
  widthMm: number,
): number {
  if (!(thicknessMm > 0) || !(widthMm > 0))
    throw new RangeError(`foil wants a thickness and a width over 0, got ${thicknessMm} × ${widthMm} mm`);
  return (volumeMm3 * solidShare) / (thicknessMm * widthMm);
}

/** Below this length of roll a square scrap is handier than a strip, mm. */
const SCRAP_BELOW = 60;

/**
 * What to tear off for a core, in words: a length of the roll, or for little of it a square scrap of the same area.
 *
 * @param lengthMm of roll
 * @param widthMm of the roll
 * @example foilToTear(1047, 300) // '1.05 m of foil'
 * @example foilToTear(1.8, 300) // 'a scrap of foil 24 mm square'
 */
export function foilToTear(lengthMm: number, widthMm: number): string {
  if (lengthMm < SCRAP_BELOW) return `a scrap of foil ${Math.ceil(Math.sqrt(lengthMm * widthMm))} mm square`;
  return `${formatQuantity({ value: lengthMm / 1000, unit: 'm' })} of foil`;
}
