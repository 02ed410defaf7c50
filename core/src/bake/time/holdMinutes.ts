/**
 * How long a thickness of clay is held in the oven by the packet’s rule: its minutes for each 6 mm, in proportion, and
 * never under the shortest bake.
 *
 * @param thicknessMm thickest solid clay, miniature
 * @param minutesPerStep the packet’s minutes
 * @param stepMm thickness those minutes are for, 6 mm
 * @param leastMinutes shortest bake
 * @throws {RangeError} for a thickness below 0 or a step of 0
 * @example holdMinutes(6, 20, 6, 5) // 20
 */
export function holdMinutes(
  thicknessMm: number,
  minutesPerStep: number,
  stepMm: number,
  leastMinutes: number,
): number {
  if (!(thicknessMm >= 0) || !(stepMm > 0))
    throw new RangeError(
      `a bake wants a thickness of 0 or more over a step over 0, got ${thicknessMm} over ${stepMm} mm`,
    );
  return Math.max(leastMinutes, (minutesPerStep * thicknessMm) / stepMm);
}
