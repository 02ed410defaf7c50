import type { Box, Vec3 } from './types.ts';

/** The eight corners of a box. */
export function boxCorners({ min, max }: Box): Vec3[] {
  return [0, 1, 2, 3, 4, 5, 6, 7].map((i) => [
    i & 1 ? max[0] : min[0],
    i & 2 ? max[1] : min[1],
    i & 4 ? max[2] : min[2],
  ]);
}

/** A box grown about the origin. */
export function scaledBox({ min, max }: Box, by: number): Box {
  const grown = ([x, y, z]: Vec3): Vec3 => [x * by, y * by, z * by];
  return { min: grown(min), max: grown(max) };
}

/** Volume of a box. */
export function boxVolume({ min, max }: Box): number {
  return (max[0] - min[0]) * (max[1] - min[1]) * (max[2] - min[2]);
}

/** The smallest upright box round several. */
export function boxRound(boxes: readonly Box[]): Box {
  const low = (k: 0 | 1 | 2) => Math.min(...boxes.map(({ min }) => min[k]));
  const high = (k: 0 | 1 | 2) => Math.max(...boxes.map(({ max }) => max[k]));
  return { min: [low(0), low(1), low(2)], max: [high(0), high(1), high(2)] };
}
