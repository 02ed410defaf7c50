import { areaOf, extentOf, intersected, type Outline, type Ring, type Vec2 } from '../../form/index.ts';
import type { Bond } from '../../piece/index.ts';
import { areaInCell } from '../../repeats/index.ts';
import { type Face, isNatural, isWoven, type Natural, rowOf } from './bonds.ts';
import { naturalStones } from './natural.ts';
import { wovenUnits } from './woven.ts';

/** A unit on a face laid flat: its lower left corner and its size; mm. */
export interface LaidUnit {
  readonly row: number;
  readonly face: Face;
  readonly at: readonly [number, number];
  readonly longMm: number;
  readonly highMm: number;
  /** An edge or an opening goes through it. */
  readonly isCut: boolean;
  /** Outline of a stone that is no rectangle; its corner and sides are then those of the box round it. */
  readonly ring?: Ring;
}

/** How units are laid; lengths in the frame of the face, mm. */
export interface LayAsk {
  readonly bond: Bond;
  readonly lengthMm: number;
  readonly heightMm: number;
  readonly jointMm: number;
  /** Which of the ways stones of no one size lie. */
  readonly seed?: number;
  /** What courses begin from at its lower left corner, where that is more than what is laid. */
  readonly within?: Outline;
}

/** More than this is not laid one by one. */
export const MOST_UNITS = 20_000;
/** A sliver smaller than this of a unit is left out: the joint is a little wider there (common practice). */
const SLIVER = 0.03;
const WHOLE = 0.999;

/** How many units the box of a face would take. */
export function unitsIn(outline: Outline, { lengthMm, heightMm, jointMm, bond }: LayAsk): number {
  const [left, bottom, right, top] = extentOf(outline);
  const short = bond === 'header' || bond === 'english' ? 2 : bond === 'flemish' ? 4 / 3 : 1;
  return ((right - left) / (lengthMm + jointMm)) * ((top - bottom) / (heightMm + jointMm)) * short;
}

/** Stones of no one size, those that an edge goes through measured by what is left of them. */
function layStones(
  bond: Natural,
  outline: Outline,
  { within = outline, seed = 1, ...ask }: LayAsk,
): readonly LaidUnit[] {
  const [left, bottom, right, top] = extentOf(within);
  return naturalStones(bond, { ...ask, seed }, right - left, top - bottom).flatMap(
    ({ row, ring: own }): LaidUnit[] => {
      const ring = own.map(([x, y]): Vec2 => [x + left, y + bottom]);
      const [l, b, r, t] = extentOf([[ring]]);
      const [longMm, highMm] = [r - l, t - b];
      if (r <= left || l >= right || t <= bottom || b >= top) return [];
      const unit = { row, face: 'stone', at: [l, b], longMm, highMm, ring } as const;
      const isWhole = areaInCell(outline, l, b, longMm, highMm) / (longMm * highMm) > WHOLE;
      if (isWhole) return [{ ...unit, isCut: false }];
      const share = areaOf(intersected([[ring]], outline)) / areaOf([[ring]]);
      return share > SLIVER ? [{ ...unit, isCut: share < WHOLE }] : [];
    },
  );
}

/**
 * Units in their bond over a face, from its lower left corner; what lies outside or in an opening is left out.
 *
 * @param outline laid flat, mm
 * @throws {RangeError} for a unit without a size, or more than {@link MOST_UNITS}
 */
export function layUnits(outline: Outline, ask: LayAsk): readonly LaidUnit[] {
  const { bond, heightMm, jointMm, within = outline } = ask;
  if (!(heightMm > 0)) throw new RangeError('a unit must have a height');
  if (unitsIn(outline, ask) > MOST_UNITS)
    throw new RangeError(`more than ${MOST_UNITS} of them: a larger unit, or a smaller face`);
  if (isNatural(bond)) return layStones(bond, outline, ask);
  const [left, bottom, right, top] = extentOf(within);
  const laid: LaidUnit[] = [];
  const put = (row: number, face: Face, at: Vec2, longMm: number, highMm: number) => {
    const inside = areaInCell(outline, at[0], at[1], longMm, highMm) / (longMm * highMm);
    if (inside > SLIVER) laid.push({ row, face, at, longMm, highMm, isCut: inside < WHOLE });
  };
  if (isWoven(bond)) {
    for (const { at, longMm, highMm } of wovenUnits(bond, ask, right - left, top - bottom))
      put(0, 'stretcher', [left + at[0], bottom + at[1]], longMm, highMm);
    return laid;
  }
  const rows = Math.ceil((top - bottom) / (heightMm + jointMm) - 1e-9);
  for (let row = 0; row < rows; row += 1) {
    const y = bottom + row * (heightMm + jointMm);
    for (const { from, long, face } of rowOf(bond, ask, row, right - left)) {
      put(row, face, [left + from, y], long, heightMm);
    }
  }
  return laid;
}
