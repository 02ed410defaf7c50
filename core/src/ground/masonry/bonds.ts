import type { Bond } from '../../piece/index.ts';

/** Which face of a unit is seen: its long side, its end, a sliver of it that closes the bond, of a floor one of two colours, or a stone of no one size. */
export type Face = 'stretcher' | 'header' | 'closer' | 'dark' | 'light' | 'stone';

/** Floors that lie in no rows: their units lie along and across by turns. */
export const WOVEN = ['basket', 'herringbone'] as const satisfies readonly Bond[];
export type Woven = (typeof WOVEN)[number];
/** Stones of no one size, laid as they come. */
export const NATURAL = ['rubble', 'ashlar', 'cobbles', 'crazy'] as const satisfies readonly Bond[];
export type Natural = (typeof NATURAL)[number];
export type InRows = Exclude<Bond, Woven | Natural>;

export function isNatural(bond: Bond): bond is Natural {
  return NATURAL.some((one) => one === bond);
}

export function isWoven(bond: Bond): bond is Woven {
  return WOVEN.some((one) => one === bond);
}

/** One unit of a row before it is cut at the edges: where it begins and how long it is, mm. */
export interface Unit {
  readonly from: number;
  readonly long: number;
  readonly face: Face;
}

/** A unit with its joint, mm. */
export interface UnitSize {
  readonly lengthMm: number;
  readonly jointMm: number;
}

/** The end of a brick is as wide as two make a length with the joint between. */
export function headerMm({ lengthMm, jointMm }: UnitSize): number {
  return (lengthMm - jointMm) / 2;
}

/** Of the length of a plank, how far the ends of the next row are moved: never the same for many rows on end. */
const PLANK_STEP = 0.382;

/** What of a row is repeated, and where it begins against the first row; mm. */
function patternOf(bond: InRows, size: UnitSize, row: number): { units: readonly Unit[]; start: number } {
  const { lengthMm: long, jointMm: joint } = size;
  const pitch = long + joint;
  const head = headerMm(size);
  const stretcher: Unit = { from: 0, long, face: 'stretcher' };
  const header: Unit = { from: 0, long: head, face: 'header' };
  const isOdd = row % 2 === 1;
  switch (bond) {
    case 'stretcher':
      return { units: [stretcher], start: isOdd ? -pitch / 2 : 0 };
    case 'header':
      return { units: [header], start: isOdd ? -pitch / 4 : 0 };
    case 'stack':
      return { units: [stretcher], start: 0 };
    case 'english':
      // Headers lie over the middles and the joints of the stretchers.
      return isOdd ? { units: [header], start: -pitch / 4 } : { units: [stretcher], start: 0 };
    case 'flemish':
      // Every header lies over the middle of a stretcher.
      return {
        units: [stretcher, { ...header, from: pitch }],
        start: isOdd ? -0.75 * pitch : 0,
      };
    case 'planks':
      return { units: [stretcher], start: -((row * PLANK_STEP) % 1) * pitch };
    case 'checker':
      return {
        units: [
          { from: 0, long, face: isOdd ? 'light' : 'dark' },
          { from: pitch, long, face: isOdd ? 'dark' : 'light' },
        ],
        start: 0,
      };
  }
}

/**
 * The units of a row from one end of a face to the other, the first and last reaching over.
 *
 * @param row from 0 at the foot
 * @param toMm length of the face
 * @throws {RangeError} for a unit without a length, or an end no longer than a joint
 */
export function rowOf(bond: InRows, size: UnitSize, row: number, toMm: number): readonly Unit[] {
  const pitch = size.lengthMm + size.jointMm;
  if (!(headerMm(size) > 0)) throw new RangeError('a unit must be longer than a joint');
  const { units, start } = patternOf(bond, size, row);
  const last = units.at(-1) as Unit;
  const period =
    last.face === 'header' && units.length > 1 ? 1.5 * pitch : last.from + last.long + size.jointMm;
  const found: Unit[] = [];
  for (let k = 0; start + k * period < toMm; k += 1)
    for (const unit of units) {
      const from = start + k * period + unit.from;
      if (from < toMm && from + unit.long > 0) found.push({ ...unit, from });
    }
  return (bond === 'english' || bond === 'flemish') && row % 2 === 1 ? closed(found, size, toMm) : found;
}

/** A sliver under this share of a header closes nothing: it is left at the end. */
const LEAST_CLOSER = 0.2;

/**
 * A course with its slivers moved in from its ends: a header stands at the quoin, the closer beside it, and the bond beyond
 * stays as it lay (common practice of English and Flemish bond).
 */
function closed(row: readonly Unit[], size: UnitSize, toMm: number): readonly Unit[] {
  const head = headerMm(size);
  const isCloser = (mm: number) => mm > LEAST_CLOSER * head && mm < head * (1 - LEAST_CLOSER);
  const units = [...row];
  const [first, second] = units;
  const left = first ? first.from + first.long : 0;
  if (second?.face === 'header' && isCloser(left))
    units.splice(
      0,
      2,
      { from: 0, long: head, face: 'header' },
      { from: head + size.jointMm, long: left, face: 'closer' },
    );
  const [before, last] = units.slice(-2);
  const right = last ? toMm - last.from : 0;
  if (units.length > 3 && before?.face === 'header' && isCloser(right))
    units.splice(
      -2,
      2,
      { from: before.from, long: right, face: 'closer' },
      { from: toMm - head, long: head, face: 'header' },
    );
  return units;
}
