import type { MasterSize } from './boxes.ts';

/** Rocks out of a foil tray, or broken from a sheet; lengths in miniature mm. */
export interface Rocks {
  readonly count: number;
  /** Clay of all of them, with what crumbles away. */
  readonly clayMm3: number;
  /** Inside of a tray that holds that clay as high as one rock: a square. */
  readonly traySideMm: number;
  readonly trayDeepMm: number;
  /** Of a sheet to be broken: as thick as a rock is thin, and its area. */
  readonly sheetThickMm: number;
  readonly sheetMm2: number;
}

/**
 * What so many rocks take, by the volume of one and its size: poured into one crumpled tray and cut apart, or a baked sheet
 * broken up.
 *
 * @param crumbs share of the clay that crumbles away, %
 * @throws {RangeError} for no rock, or crumbs that leave nothing
 */
export function rocksOf(master: MasterSize, count: number, crumbs: number): Rocks {
  if (!(count >= 1) || !(crumbs >= 0 && crumbs < 100))
    throw new RangeError(`rocks want a number and less than 100 % crumbs, got ${count} and ${crumbs}`);
  const clayMm3 = (master.volumeMm3 * count) / (1 - crumbs / 100);
  const thin = Math.min(master.acrossMm, master.alongMm, master.highMm);
  return {
    count,
    clayMm3,
    traySideMm: Math.sqrt(clayMm3 / master.highMm),
    trayDeepMm: master.highMm,
    sheetThickMm: thin,
    sheetMm2: clayMm3 / thin,
  };
}
