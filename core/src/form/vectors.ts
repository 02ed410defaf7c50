import type { Vec3 } from './types.ts';

export function dot(a: Vec3, b: Vec3): number {
  return a[0] * b[0] + a[1] * b[1] + a[2] * b[2];
}

export function cross(a: Vec3, b: Vec3): Vec3 {
  return [a[1] * b[2] - a[2] * b[1], a[2] * b[0] - a[0] * b[2], a[0] * b[1] - a[1] * b[0]];
}

export function plus(a: Vec3, b: Vec3): Vec3 {
  return [a[0] + b[0], a[1] + b[1], a[2] + b[2]];
}

export function minus(a: Vec3, b: Vec3): Vec3 {
  return [a[0] - b[0], a[1] - b[1], a[2] - b[2]];
}

export function times(a: Vec3, by: number): Vec3 {
  return [a[0] * by, a[1] * by, a[2] * by];
}

export function lengthOf(a: Vec3): number {
  return Math.hypot(a[0], a[1], a[2]);
}

/** Unit vector of the same direction; `a` must not be zero. */
export function unit(a: Vec3): Vec3 {
  return times(a, 1 / lengthOf(a));
}

/** `a` turned round a unit axis through the origin (Rodrigues 1840). */
export function turned(a: Vec3, axis: Vec3, radians: number): Vec3 {
  const [c, s] = [Math.cos(radians), Math.sin(radians)];
  return plus(plus(times(a, c), times(cross(axis, a), s)), times(axis, dot(axis, a) * (1 - c)));
}
