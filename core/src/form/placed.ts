import { boxCorners, boxRound } from './box.ts';
import { mapOutline } from './outline.ts';
import { seenAt } from './side.ts';
import type { Box, Field, Outline, Shape, Side, Vec3 } from './types.ts';
import { cross, dot, plus, times } from './vectors.ts';

/** Where the axes of a thing point once it is turned, and where its origin goes. */
export interface Placement {
  readonly at: Vec3;
  readonly x: Vec3;
  readonly y: Vec3;
  readonly z: Vec3;
}

/** A shape set down somewhere. */
export interface PlacedShape {
  readonly name: string;
  readonly shape: Shape & { readonly distance: Field };
  readonly place: Placement;
}

/** Degrees, in this order: round the upright axis, tipped towards the viewer, leaned to the left. */
export interface Turn {
  readonly turnDeg: number;
  readonly tipDeg: number;
  readonly leanDeg: number;
}

/** A vector turned by a right-handed rotation about each of y, x and z. */
function turnedVector([x, y, z]: Vec3, { turnDeg, tipDeg, leanDeg }: Turn): Vec3 {
  const of = (degrees: number) => {
    const angle = (degrees * Math.PI) / 180;
    return [Math.cos(angle), Math.sin(angle)] as const;
  };
  const [[ct, st], [cp, sp], [cl, sl]] = [of(turnDeg), of(tipDeg), of(leanDeg)];
  const [x1, z1] = [x * ct + z * st, z * ct - x * st];
  const [y2, z2] = [y * cp - z1 * sp, y * sp + z1 * cp];
  return [x1 * cl - y2 * sl, x1 * sl + y2 * cl, z2];
}

/** Turned about its own origin, then moved. */
export function placement(at: Vec3, turn: Turn): Placement {
  return {
    at,
    x: turnedVector([1, 0, 0], turn),
    y: turnedVector([0, 1, 0], turn),
    z: turnedVector([0, 0, 1], turn),
  };
}

/** Where a point of the thing goes. */
export function putDown({ at, x, y, z }: Placement, [a, b, c]: Vec3): Vec3 {
  return plus(at, plus(times(x, a), plus(times(y, b), times(z, c))));
}

/** The same place seen with a side turned to the front. */
export function facing(place: Placement, side: Side): Placement {
  const towards = cross(side.right, side.up);
  const turned = (v: Vec3): Vec3 => [dot(v, side.right), dot(v, side.up), dot(v, towards)];
  return { at: turned(place.at), x: turned(place.x), y: turned(place.y), z: turned(place.z) };
}

/** Signed distance of a shape where it has been put. */
export function placedField({ shape: { distance }, place: { at, x, y, z } }: PlacedShape): Field {
  const [ax, ay, az] = at;
  return (px, py, pz) => {
    const [dx, dy, dz] = [px - ax, py - ay, pz - az];
    return distance(
      dx * x[0] + dy * x[1] + dz * x[2],
      dx * y[0] + dy * y[1] + dz * y[2],
      dx * z[0] + dy * z[1] + dz * z[2],
    );
  };
}

/** What a shape covers where it has been put. */
export function placedSeen({ shape, place }: PlacedShape, side: Side): Outline {
  const inside = (v: Vec3): Vec3 => [dot(v, place.x), dot(v, place.y), dot(v, place.z)];
  const seen = shape.seenFrom({ right: inside(side.right), up: inside(side.up) });
  const [u, v] = seenAt(side, place.at);
  return mapOutline(seen, ([a, b]) => [a + u, b + v]);
}

/** A box that surely holds a shape where it has been put. */
export function placedBox({ shape, place }: PlacedShape): Box {
  return boxRound(
    boxCorners(shape.box).map((corner) => {
      const point = putDown(place, corner);
      return { min: point, max: point };
    }),
  );
}
