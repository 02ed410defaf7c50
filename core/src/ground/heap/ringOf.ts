import { counterClockwise, type Ring, type Vec2 } from '../../form/index.ts';

/** The corners of a drawn area as a ring that runs counter-clockwise. */
export function ringOf(points: readonly { readonly xMm: number; readonly yMm: number }[]): Ring {
  return counterClockwise(points.map(({ xMm, yMm }): Vec2 => [xMm, yMm]));
}
