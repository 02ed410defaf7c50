import type { Ring, Vec2 } from '../../form/index.ts';

/** A corner is rounded in so many stretches. */
const STRETCHES = 3;
/** Of a side, no more than this is taken from either of its ends. */
const MOST_SHARE = 0.45;

const towards = ([x, y]: Vec2, [u, v]: Vec2, mm: number): Vec2 => {
  const long = Math.hypot(u - x, v - y);
  const share = long === 0 ? 0 : Math.min(MOST_SHARE, mm / long);
  return [x + (u - x) * share, y + (v - y) * share];
};

/**
 * A unit with its corners worn off, each as far as it comes.
 *
 * @param mm the most that is worn off along a side
 * @param random from 0 to 1, once for each corner
 */
export function worn(ring: Ring, mm: number, random: () => number): Ring {
  if (mm <= 0) return ring;
  return ring.flatMap((at, i): Vec2[] => {
    const far = mm * random();
    const from = towards(at, ring[(i - 1 + ring.length) % ring.length] as Vec2, far);
    const to = towards(at, ring[(i + 1) % ring.length] as Vec2, far);
    // A parabola between the two, the corner its control.
    return Array.from({ length: STRETCHES + 1 }, (_, k): Vec2 => {
      const t = k / STRETCHES;
      const [a, b, c] = [(1 - t) ** 2, 2 * t * (1 - t), t * t];
      return [a * from[0] + b * at[0] + c * to[0], a * from[1] + b * at[1] + c * to[1]];
    });
  });
}
