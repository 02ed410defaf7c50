import { hull, unite } from './outline.ts';
import type { Outline, Ring, Shape, Side, Vec2, Vec3, View } from './types.ts';

/** The sides that forms are drawn from. From the side a figure faces right. */
export const SIDES: Readonly<Record<View, Side>> = {
  front: { right: [1, 0, 0], up: [0, 1, 0] },
  side: { right: [0, 0, 1], up: [0, 1, 0] },
};

/** Where a place is seen from a side. */
export function seenAt({ right: r, up: u }: Side, [x, y, z]: Vec3): Vec2 {
  return [r[0] * x + r[1] * y + r[2] * z, u[0] * x + u[1] * y + u[2] * z];
}

/** Points on a whole circle; 0.06 % of the radius off at the worst. */
const CIRCLE_POINTS = 64;

/** A circle about a centre, along two directions at right angles. */
export function circle3(at: Vec3, radius: number, u: Vec3, v: Vec3): Vec3[] {
  return Array.from({ length: CIRCLE_POINTS }, (_, i) => {
    const angle = (2 * Math.PI * i) / CIRCLE_POINTS;
    const [c, s] = [radius * Math.cos(angle), radius * Math.sin(angle)];
    return [at[0] + u[0] * c + v[0] * s, at[1] + u[1] * c + v[1] * s, at[2] + u[2] * c + v[2] * s];
  });
}

/** The outline of a ball seen from a side, as points in space: the circle that faces the viewer. */
export function ballSeen(at: Vec3, radius: number, side: Side): Vec3[] {
  return circle3(at, radius, side.right, side.up);
}

/** Convex hull of what a shape covers seen from a side. */
export function seenHull(shape: Shape, side: Side): Ring {
  return shape.hullFrom?.(side) ?? hull(shape.seenFrom(side).flatMap((polygon) => polygon[0] ?? []));
}

/** Silhouette of a solid made of convex pieces, each given by points that it is the hull of. */
export function hullsSeen(pieces: readonly (readonly Vec3[])[], side: Side): Outline {
  const rings = pieces.flatMap((points): Ring[] => {
    const ring = hull(points.map((point) => seenAt(side, point)));
    return ring.length > 2 ? [ring] : [];
  });
  return unite(rings);
}
