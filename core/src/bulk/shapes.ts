import type { Outline } from '../form/index.ts';

/** The same clay as balls, snakes and sheets: measures that do without a balance (geometry). */

/**
 * Diameter of a ball of a volume, mm.
 *
 * @example ballMm(33_510).toFixed(1) // '40.0'
 */
export function ballMm(volumeMm3: number): number {
  return Math.cbrt((6 * volumeMm3) / Math.PI);
}

/** Volume of a ball, mm³. */
export function ballMm3(diameterMm: number): number {
  return (Math.PI * diameterMm ** 3) / 6;
}

/** Length of a snake of a volume that is so thick, mm. */
export function snakeMm(volumeMm3: number, thickMm: number): number {
  return (4 * volumeMm3) / (Math.PI * thickMm * thickMm);
}

/** Area of a sheet of a volume that is so thick, mm². */
export function sheetMm2(volumeMm3: number, thickMm: number): number {
  return volumeMm3 / thickMm;
}

/** A skirt or a cone laid out flat: part of a ring. */
export interface FlatCone {
  /** Outer and inner radius of the ring, mm; the inner is 0 for a pointed cone. */
  readonly outerMm: number;
  readonly innerMm: number;
  /** How much of the ring it is, degrees. */
  readonly degrees: number;
  readonly areaMm2: number;
}

/** Steps that an arc is drawn in, degrees. */
const ARC_STEP = 2;

/** The outline of a skirt or a cone laid flat, its ring about the origin, open side to the right; mm. */
export function flatConeOutline({ outerMm, innerMm, degrees }: FlatCone): Outline {
  const steps = Math.max(2, Math.ceil(degrees / ARC_STEP));
  const arc = (radius: number) =>
    Array.from({ length: steps + 1 }, (_, i) => {
      const angle = ((degrees / 2 - (degrees * i) / steps) * Math.PI) / 180;
      return [-radius * Math.cos(angle), radius * Math.sin(angle)] as const;
    });
  const inner = innerMm > 0 ? arc(innerMm).reverse() : [[0, 0] as const];
  return [[[...arc(outerMm), ...inner]]];
}

/** A rectangle that wraps once round something round: to the middle of its clay, and the overlap. */
export function wrapMm(acrossMm: number, thickMm: number, overlapMm: number): number {
  return Math.PI * (acrossMm + thickMm) + overlapMm;
}

/** A cone this nearly straight is cut as a rectangle, as a share of its width. */
const STRAIGHT = 1e-6;

/**
 * A skirt or a cone developed flat, to the middle of its clay.
 *
 * @param lowMm across at one end
 * @param highMm across at the other; 0 for a point
 * @param heightMm from end to end
 * @returns null for a straight one: that is a rectangle of π D by its height
 * @example flatCone(60, 0, 40)?.degrees // 216
 */
export function flatCone(lowMm: number, highMm: number, heightMm: number): FlatCone | null {
  const [wide, narrow] = [Math.max(lowMm, highMm), Math.min(lowMm, highMm)];
  if (!(wide > 0 && narrow >= 0 && heightMm > 0) || wide - narrow <= STRAIGHT * wide) return null;
  const slant = Math.hypot((wide - narrow) / 2, heightMm);
  const outerMm = (slant * wide) / (wide - narrow);
  const degrees = (180 * wide) / outerMm;
  return {
    outerMm,
    innerMm: outerMm - slant,
    degrees,
    areaMm2: (Math.PI * (wide + narrow) * slant) / 2,
  };
}
