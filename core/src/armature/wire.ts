import type { Metal } from '../handbook/index.ts';
import { type OwnValues, sourced, type Term } from '../reckoning/index.ts';

/** A wire, or several alike twisted together. */
export interface Wire {
  readonly metal: Metal;
  readonly diameterMm: number;
  /** 1 to 7. */
  readonly strands: number;
}

/** Width of n equal circles laid together as close as they go, in their diameters (circles in a circle). */
const TOGETHER = [
  0, 1, 2, 2.155, 2.414, 2.701, 3, 3, 3.304, 3.613, 3.813, 3.924, 4.029, 4.236, 4.328, 4.521, 4.615, 4.792,
  4.864, 4.864, 5.122,
] as const;
/** More of them fill about so much of the circle round them. */
const FILLED = 0.78;

/** Most wires that are twisted together as one. */
export const MOST_STRANDS = 7;

/** Width of so many equal wires in one bundle, in their diameters. */
export function bundled(wires: number): number {
  const n = Math.max(1, Math.round(wires));
  return TOGETHER[n] ?? Math.sqrt(n / FILLED);
}

/**
 * Width of a wire or twist, mm.
 *
 * @param side how many of them run side by side
 */
export function bundleMm({ diameterMm, strands }: Wire, side = 1): number {
  return diameterMm * bundled(Math.max(1, Math.round(strands)) * side);
}

/**
 * Length of each strand of a twist (helix: √(L² + (πD L ÷ p)²), D the circle that the strand’s centre runs on).
 *
 * @param layMm length of one turn
 */
export function strandLength(wire: Wire, lengthMm: number, layMm: number): number {
  if (wire.strands < 2) return lengthMm;
  const circle = bundleMm(wire) - wire.diameterMm;
  return lengthMm * Math.sqrt(1 + ((Math.PI * circle) / layMm) ** 2);
}

/** What a wire bears, by its metal. */
export interface Strength {
  /** n·E·πd⁴/64, N·mm²: the strands of a twist slide, they bear side by side. */
  readonly stiffness: number;
  /** n·σ·πd³/32, N·mm: bent further it stays bent. */
  readonly yieldMoment: number;
  /** N per mm of length. */
  readonly weight: number;
  readonly terms: readonly Term[];
}

const GRAVITY = 9.80665;

/** Stiffness, yield and weight of a wire (Roark; Gere). */
export function strengthOf(wire: Wire, own: OwnValues): Strength {
  const [density, modulus, limit] = ['density', 'modulus', 'yield'].map((what) =>
    sourced(`wire.${wire.metal}.${what}`, own),
  );
  const { diameterMm: d, strands: n } = wire;
  const [rho, e, sigma] = [density?.value ?? 0, modulus?.value ?? 0, limit?.value ?? 0];
  return {
    stiffness: n * e * 1000 * ((Math.PI * d ** 4) / 64),
    yieldMoment: n * sigma * ((Math.PI * d ** 3) / 32),
    weight: n * ((Math.PI * d * d) / 4) * rho * 1e-6 * GRAVITY,
    terms: [modulus?.term('E'), limit?.term('σ')].flatMap((term) => term ?? []),
  };
}

/** Mass of a length of wire, all its strands, g. */
export function wireGrams(wire: Wire, lengthMm: number, own: OwnValues): number {
  return (strengthOf(wire, own).weight * lengthMm * 1000) / GRAVITY;
}

/** Weight of a volume of stuff, N; density in g/cm³. */
export function weightOf(volumeMm3: number, density: number): number {
  return volumeMm3 * density * 1e-6 * GRAVITY;
}
