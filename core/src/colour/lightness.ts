import { converter } from 'culori';

const toLab = converter('lab65');

/**
 * How light a colour is seen (CIE 1976 L*, D65): 0 black, 100 white.
 *
 * @throws {RangeError} for text that is no colour
 * @example lightnessOf('#ffffff') // 100
 */
export function lightnessOf(colour: string): number {
  const lab = toLab(colour);
  if (!lab) throw new RangeError(`a colour such as #a0b1c2 is wanted, got ${colour}`);
  return lab.l;
}
