import type { Vec3 } from '../types.ts';
import { cross, dot, lengthOf, minus, plus, times, unit } from '../vectors.ts';
import type { Loft, Station } from './loft.ts';

/** Along 0 to 1, half-breadth, half-depth, shift ahead: shares of a measure. */
export type Row = readonly [t: number, across: number, ahead: number, shift?: number];

/** Stations of a loft from a table of shares, each section thicker by a covering. */
export function stations(rows: readonly Row[], measure: number, thickness = 1, coveringMm = 0): Station[] {
  return rows.map(([t, across, ahead, shift = 0]) => ({
    t,
    across: across * measure * thickness + coveringMm,
    ahead: ahead * measure * thickness + coveringMm,
    shift: shift * measure,
  }));
}

interface LimbBase {
  readonly region: string;
  readonly joint: string | null;
  readonly stations: readonly Station[];
  /** Length of the rounding beyond each end, mm. */
  readonly startCap: number;
  readonly endCap: number;
  /** Share of the axis below which it is inside its neighbour. */
  readonly from?: number;
}

export interface Limb extends LimbBase {
  readonly origin: Vec3;
  readonly to: Vec3;
  /** Direction its depth faces, as near as its axis lets it. */
  readonly faces: Vec3;
}

/** A loft from one joint to another. */
export function limb({ origin, to, faces, from = 0, ...base }: Limb): Loft {
  const along = minus(to, origin);
  const axis = unit(along);
  const beside = minus(faces, times(axis, dot(faces, axis)));
  const aheadAxis = unit(beside);
  return {
    ...base,
    from,
    origin,
    axis,
    aheadAxis,
    acrossAxis: cross(aheadAxis, axis),
    length: lengthOf(along),
  };
}

/** Ellipsoid with its centre at a point; half-axes along x, y, z. */
export function egg(
  region: string,
  joint: string | null,
  at: Vec3,
  [x, y, z]: Vec3,
  tilt: Vec3 = [0, 1, 0],
): Loft {
  const axis = unit(tilt);
  // A short straight middle keeps the two caps apart; with it the egg is true to a thousandth.
  const middle = y * 0.02;
  return limb({
    region,
    joint,
    origin: plus(at, times(axis, -middle / 2)),
    to: plus(at, times(axis, middle / 2)),
    faces: Math.abs(axis[2]) > 0.9 ? [0, 1, 0] : [0, 0, 1],
    stations: [
      { t: 0, across: x, ahead: z, shift: 0 },
      { t: 1, across: x, ahead: z, shift: 0 },
    ],
    startCap: y - middle / 2,
    endCap: y - middle / 2,
  });
}
