/** Whole packs of a clay, and what is left of the last one. */
export interface Packs {
  readonly packs: number;
  readonly leftG: number;
}

/** Rounding must not buy a pack for a ten-thousandth of a gram. */
const NOTHING_G = 1e-6;

/**
 * Whole packs that hold a mass.
 *
 * @param needG clay needed, waste included
 * @param packG clay in a pack
 * @throws {RangeError} for a pack of nothing
 * @example packsFor(120, 57) // { packs: 3, leftG: 51 }
 */
export function packsFor(needG: number, packG: number): Packs {
  if (!(packG > 0)) throw new RangeError(`a pack wants to hold more than 0 g, got ${packG}`);
  const packs = Math.max(0, Math.ceil((needG - NOTHING_G) / packG));
  return { packs, leftG: packs * packG - needG };
}
