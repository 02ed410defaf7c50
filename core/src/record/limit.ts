/** What a number of the document may be: every one has a least and a most, which its use can bear. */
export interface Limit {
  readonly min?: number;
  /** It must be more than this. */
  readonly over?: number;
  readonly max: number;
  readonly whole?: boolean;
}

/** Longest length of anything, in life or on the bench: a kilometre. */
const MOST_MM = 1e6;
/** A length that there has to be, mm. */
export const SIZE = { over: 0, max: MOST_MM } as const;
/** A length that may be nothing, mm. */
export const SIZE_OR_NONE = { min: 0, max: MOST_MM } as const;
/** A place either way of the middle, mm. */
export const PLACE = { max: MOST_MM, min: -MOST_MM } as const;
/** A turn, degrees. */
export const TURN = { max: 3600, min: -3600 } as const;

/** Limits of the numbers of some records, by record and field. */
export type Limits = Readonly<Record<string, Readonly<Record<string, Limit>>>>;

/** A limit as a field takes it: the least and the most that may be typed. */
export function typedLimits({ min, over, max, whole }: Limit): {
  readonly min?: number;
  readonly over?: number;
  readonly max: number;
  readonly whole: boolean;
} {
  return {
    max,
    whole: whole ?? false,
    ...(min === undefined ? {} : { min }),
    ...(over === undefined ? {} : { over }),
  };
}
