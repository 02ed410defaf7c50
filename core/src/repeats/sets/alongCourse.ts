import { cross, dot, minus, plus, type Shape, times, type Vec3 } from '../../form/index.ts';
import type { Unrolled } from './frame.ts';
import { lineThrough } from './legs.ts';

const Y: Vec3 = [0, 1, 0];
const Z: Vec3 = [0, 0, 1];

/** Halvings of a length of the solid: its skin is found to a millionth of it. */
const HALVINGS = 20;

/** How far a solid reaches from a place within it. */
function skinFrom(distance: NonNullable<Shape['distance']>, at: Vec3, out: Vec3, most: number): number {
  let [inner, outer] = [0, most];
  for (let k = 0; k < HALVINGS; k += 1) {
    const middle = (inner + outer) / 2;
    if (distance(...plus(at, times(out, middle))) < 0) inner = middle;
    else outer = middle;
  }
  return (inner + outer) / 2;
}

/** Square to a way, as far upward as that goes; to the front beside an upright one. */
function outOf(way: Vec3): Vec3 {
  const lead = Math.abs(way[1]) > 0.95 ? Z : Y;
  const square = minus(lead, times(way, dot(lead, way)));
  return times(square, 1 / Math.hypot(...square));
}

/**
 * On the skin of a solid along a line that runs within it: on top of a lying one, at the front of an upright one.
 *
 * @param corners mm, in the frame of the part
 * @returns null where the line has no length or the solid cannot be asked
 */
export function alongCourse(
  corners: readonly Vec3[],
  { box, distance }: Pick<Shape, 'box' | 'distance'>,
): Unrolled | null {
  const line = lineThrough(corners);
  if (!distance || !line) return null;
  const most = Math.hypot(...minus(box.max, box.min));
  return (u, v) => {
    const { leg, along: left } = line(u);
    const out = outOf(leg.way);
    const within = plus(leg.from, times(leg.way, left));
    const up = cross(out, leg.way);
    const at = plus(within, times(out, skinFrom(distance, within, out, most)));
    return { at: plus(at, times(up, v)), right: leg.way, up, out };
  };
}
