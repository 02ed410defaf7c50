import type { PartContext } from '../../context/index.ts';
import { cross, plus, times, type Vec3 } from '../../form/index.ts';
import type { CountedSet } from './countSet.ts';
import type { Frame } from './frame.ts';
import { unrolled } from './frames.ts';
import { stoodPieces } from './setDrawing.ts';

/** One of a set where it stands: its axes, each as long as a length of 1 of its own becomes, and where its origin comes. */
export interface StoodInSpace {
  readonly x: Vec3;
  readonly y: Vec3;
  readonly z: Vec3;
  readonly at: Vec3;
}

/** A piece that lies over the one below it, its foot raised by its own thickness. */
function leaned(frame: Frame, lengthMm: number, thickMm: number): Frame {
  const lean = Math.atan2(thickMm, lengthMm);
  const [c, s] = [Math.cos(lean), Math.sin(lean)];
  const up = plus(times(frame.up, c), times(frame.out, -s));
  return { ...frame, up, out: cross(frame.right, up), at: plus(frame.at, times(frame.out, thickMm / 2)) };
}

/**
 * Where all of a set stand on what they go on, in the frame of that.
 *
 * @returns null where they are not set out one by one, or the place has none in space
 */
export function standInSpace(
  context: PartContext,
  set: CountedSet,
  host: PartContext,
): readonly StoodInSpace[] | null {
  const { part, shape, shrink } = context;
  const to = set.place && unrolled(host.part.form, set.place.key, host.shape, part.repeat?.atPct);
  const pieces = stoodPieces(set, part.repeat?.nudged ?? []);
  if (!to || pieces.length === 0) return null;
  const { min, max } = shape.box;
  const size = host.shrink / shrink;
  // Its middle across and along, and its back, come to the place.
  const middle: Vec3 = [(min[0] + max[0]) / 2, (min[1] + max[1]) / 2, min[2]];
  const { lengthMm, thickMm } = set.one;
  const overlaps = set.place?.kind === 'face' && set.exposureMm < lengthMm - 1e-9;
  return pieces.map(({ at: [u, v] }): StoodInSpace => {
    const flat = to(u * host.shrink, v * host.shrink);
    const { at, right, up, out } = overlaps
      ? leaned(flat, lengthMm * host.shrink, thickMm * host.shrink)
      : flat;
    const [x, y, z] = [times(right, size), times(up, size), times(out, size)];
    const origin = [0, 1, 2].map(
      (k) => (at[k] ?? 0) - (x[k] ?? 0) * middle[0] - (y[k] ?? 0) * middle[1] - (z[k] ?? 0) * middle[2],
    );
    return { x, y, z, at: [origin[0] ?? 0, origin[1] ?? 0, origin[2] ?? 0] };
  });
}
