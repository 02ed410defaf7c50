import { buildSolid, type Shape } from '../../form/index.ts';
import { ZONE_SIDES, type ZoneSide } from '../../piece/index.ts';

/** The surface of a part in small faces, in its own frame. */
export interface Skin {
  /** Of each face, mm²: together the surface of the form. Owned by the skin, as all its buffers. */
  readonly areas: Float32Array;
  /** Middle of each, x, y, z, mm. */
  readonly middles: Float32Array;
  /** Side that each faces most, its place in {@link ZONE_SIDES}. */
  readonly sides: Uint8Array;
  /** Region of each, from 1; 0 in a form of one. */
  readonly owners: Uint8Array;
  readonly regions: readonly string[];
  readonly lowMm: number;
  readonly highMm: number;
}

/** Cells of the solid that a skin is taken from: a surface is true to about a percent. */
const CELLS = 60_000;

/** Side that a direction faces most, of those that stand along the axes: its place in {@link ZONE_SIDES}. */
export function sideOf(x: number, y: number, z: number): number {
  const [ax, ay, az] = [Math.abs(x), Math.abs(y), Math.abs(z)];
  const side: ZoneSide =
    ay >= ax && ay >= az
      ? y > 0
        ? 'top'
        : 'under'
      : az >= ax
        ? z > 0
          ? 'front'
          : 'back'
        : // A figure’s own left, as its limbs are named.
          x > 0
          ? 'left'
          : 'right';
  return ZONE_SIDES.indexOf(side);
}

/**
 * The surface of a form, face by face; its faces sum up to the surface of the form.
 *
 * @example skinOf(a box of 10 mm).areas sum up to 600
 */
export function skinOf(shape: Shape): Skin {
  const exact = shape.triangles?.();
  const { positions, triangles, owners } = exact ?? buildSolid(shape, CELLS, null).skin;
  const n = triangles.length / 3;
  const areas = new Float32Array(n);
  const middles = new Float32Array(3 * n);
  const sides = new Uint8Array(n);
  const ownersOf = new Uint8Array(n);
  let whole = 0;
  for (let f = 0; f < n; f += 1) {
    const [a, b, c] = [triangles[3 * f] ?? 0, triangles[3 * f + 1] ?? 0, triangles[3 * f + 2] ?? 0];
    const at = (v: number, k: number) => positions[3 * v + k] ?? 0;
    const [ux, uy, uz] = [at(b, 0) - at(a, 0), at(b, 1) - at(a, 1), at(b, 2) - at(a, 2)];
    const [vx, vy, vz] = [at(c, 0) - at(a, 0), at(c, 1) - at(a, 1), at(c, 2) - at(a, 2)];
    const [nx, ny, nz] = [uy * vz - uz * vy, uz * vx - ux * vz, ux * vy - uy * vx];
    const area = Math.hypot(nx, ny, nz) / 2;
    areas[f] = area;
    whole += area;
    sides[f] = sideOf(nx, ny, nz);
    ownersOf[f] = owners?.[a] ?? 0;
    for (let k = 0; k < 3; k += 1) middles[3 * f + k] = (at(a, k) + at(b, k) + at(c, k)) / 3;
  }
  const by = whole > 0 ? shape.areaMm2 / whole : 0;
  for (let f = 0; f < n; f += 1) areas[f] = (areas[f] ?? 0) * by;
  return {
    areas,
    middles,
    sides,
    owners: ownersOf,
    regions: shape.regions,
    lowMm: shape.box.min[1],
    highMm: shape.box.max[1],
  };
}
