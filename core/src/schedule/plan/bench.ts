import type { BenchTime } from '../hours/benchTime.ts';
import type { Window } from '../hours/windows.ts';

/** What there is to work with, and when. */
export interface Bench {
  readonly time: BenchTime;
  /** Nothing begins before it, minutes since 1970. */
  readonly now: number;
  readonly hands: number;
  readonly ovens: number;
  /** Null for as many as are wanted. */
  readonly clamps: number | null;
  /** When the oven may run, minutes since 1970, in order; past the last at any time. */
  readonly ovenHours: readonly Window[];
  /** When may be sprayed, in bench minutes, in order; past the last at any time. */
  readonly sprayHours: readonly Window[];
}
