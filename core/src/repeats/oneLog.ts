/** Many of a kind rolled as one log and cut: all take as much clay as the first. */
export interface OneLog {
  readonly thickMm: number;
  readonly lengthMm: number;
  /** From cut to cut. */
  readonly cutMm: number;
}

/**
 * A log from which n alike are cut.
 *
 * @param volumeMm3 of one
 * @param thickMm of the log
 * @throws {RangeError} for a volume or a thickness of 0, or fewer than one
 * @example oneLog(100, 5, 10).cutMm // 5.09: 100 ÷ (π ÷ 4 × 5²)
 */
export function oneLog(volumeMm3: number, thickMm: number, n: number): OneLog {
  if (!(volumeMm3 > 0) || !(thickMm > 0) || !(n >= 1))
    throw new RangeError(
      `a log wants clay, a thickness and a number, got ${volumeMm3} mm³, ${thickMm} mm, ${n}`,
    );
  const cutMm = volumeMm3 / ((Math.PI / 4) * thickMm ** 2);
  return { thickMm, cutMm, lengthMm: n * cutMm };
}
