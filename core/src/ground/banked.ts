import { areaOf, type Outline, offset, type Ring } from '../form/index.ts';
import { ringLength } from '../repeats/index.ts';

/** A body on a level edge whose sides lean inward, as a heap above its foot or a hollow below its rim; mm. */
export interface Banked {
  readonly ring: Ring;
  /** How far it goes up or down. */
  readonly highMm: number;
  /** Of its sides against the level. */
  readonly slopeDeg: number;
}

/** Slices of a body that is added up; even, for Simpson’s rule. */
const SLICES = 32;

function inward({ slopeDeg }: Banked, awayMm: number): number {
  return slopeDeg >= 90 ? 0 : awayMm / Math.tan((slopeDeg * Math.PI) / 180);
}

/** What it covers so far away from its edge. */
export function levelOf(body: Banked, awayMm: number): Outline {
  return offset([[body.ring]], -inward(body, awayMm));
}

/** Where its sides meet: it goes no further, whatever it was told; mm. */
export function reachOf(body: Banked): number {
  if (areaOf(levelOf(body, body.highMm)) > 0) return body.highMm;
  let [there, gone] = [0, body.highMm];
  for (let k = 0; k < 24; k += 1) {
    const middle = (there + gone) / 2;
    if (areaOf(levelOf(body, middle)) > 0) there = middle;
    else gone = middle;
  }
  return there;
}

/**
 * Volume between two levels, mm³: the areas at even steps by Simpson’s rule, which is exact for a frustum.
 *
 * @param fromMm away from its edge
 * @example banked of a square of 10 mm with upright sides, 0 to 5 // 500
 */
export function volumeBetween(body: Banked, fromMm: number, toMm: number): number {
  const to = Math.min(toMm, reachOf(body));
  if (to <= fromMm) return 0;
  const step = (to - fromMm) / SLICES;
  let sum = 0;
  for (let k = 0; k <= SLICES; k += 1) {
    const weight = k === 0 || k === SLICES ? 1 : k % 2 === 1 ? 4 : 2;
    sum += weight * areaOf(levelOf(body, fromMm + k * step));
  }
  return (sum * step) / 3;
}

/** Area of its sides between its edge and its end, mm²: what covers less of the level covers more of the slope. */
export function sidesArea(body: Banked): number {
  const reach = reachOf(body);
  if (body.slopeDeg >= 90) return ringLength(body.ring) * reach;
  const level = areaOf([[body.ring]]) - areaOf(levelOf(body, reach));
  return level / Math.cos((body.slopeDeg * Math.PI) / 180);
}

/** Area of its flat top or bed, mm²; 0 where its sides meet. */
export function endArea(body: Banked): number {
  return reachOf(body) < body.highMm ? 0 : areaOf(levelOf(body, body.highMm));
}
