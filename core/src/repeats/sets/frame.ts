import type { Vec3 } from '../../form/index.ts';

/** A place on a solid in space, in the frame of the part: along its line or face, up it, and out of the solid. */
export interface Frame {
  readonly at: Vec3;
  readonly right: Vec3;
  readonly up: Vec3;
  readonly out: Vec3;
}

/** From a place on the flat, mm in the frame of the part, to where that is in space. */
export type Unrolled = (along: number, up: number) => Frame;
