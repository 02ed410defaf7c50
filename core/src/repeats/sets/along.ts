/** How pieces stand along a line. */
export interface AlongAsk {
  readonly lengthMm: number;
  readonly isClosed: boolean;
  /** Wished from one to the next, and what one of them takes of the line. */
  readonly pitchMm: number;
  readonly widthMm: number;
  /** On an open line: one at either end, the pitch gives way. */
  readonly bothEnds: boolean;
}

/** Pieces along a line: the middles of them from its beginning, and the pitch that comes out. */
export interface AlongLine {
  readonly count: number;
  readonly pitchMm: number;
  readonly atMm: readonly number[];
  /** What the last leaves to the end of an open line. */
  readonly leftMm: number;
}

/** More than this are not set out one by one. */
export const MOST_ALONG = 20_000;

/**
 * Pieces along a line. Round a closed one the pitch gives way so that they close; on an open one they lie within its ends.
 *
 * @throws {RangeError} for a length or a pitch of 0, a width under 0, or for more than {@link MOST_ALONG} of them
 * @example along({ lengthMm: 100, isClosed: false, pitchMm: 10, widthMm: 10, bothEnds: false }).count // 10
 */
export function along({ lengthMm, isClosed, pitchMm, widthMm, bothEnds }: AlongAsk): AlongLine {
  if (!(lengthMm > 0) || !(pitchMm > 0) || !(widthMm >= 0))
    throw new RangeError(
      `a row wants a length and a pitch over 0, got ${lengthMm} mm and ${pitchMm} mm from one to the next`,
    );
  if (lengthMm / pitchMm > MOST_ALONG)
    throw new RangeError(`more than ${MOST_ALONG} pieces: a wider pitch, or a shorter line`);
  if (isClosed) {
    const count = Math.max(1, Math.round(lengthMm / pitchMm));
    const pitch = lengthMm / count;
    return { count, pitchMm: pitch, atMm: Array.from({ length: count }, (_, i) => i * pitch), leftMm: 0 };
  }
  const free = lengthMm - widthMm;
  if (free < 0) return { count: 0, pitchMm, atMm: [], leftMm: lengthMm };
  const count = Math.floor(free / pitchMm + 1e-9) + 1;
  const pitch = bothEnds && count > 1 ? free / (count - 1) : pitchMm;
  const atMm = Array.from({ length: count }, (_, i) => widthMm / 2 + i * pitch);
  return { count, pitchMm: pitch, atMm, leftMm: free - (count - 1) * pitch };
}
