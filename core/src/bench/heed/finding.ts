import type { Level, WayOut } from '../../reckoning/index.ts';

/** Something to heed at a step, and what to do about it. */
export interface Finding {
  readonly level: Level;
  readonly says: string;
  readonly waysOut: readonly WayOut[];
}
