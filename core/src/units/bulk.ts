import { type Branded, unitOf } from './brand.ts';

/** Mass in grams. */
export type Grams = Branded<'Grams'>;
/** Volume in cubic millimetres, in miniature. */
export type CubicMm = Branded<'CubicMm'>;
/** Area in square millimetres, in miniature. */
export type SquareMm = Branded<'SquareMm'>;
/** A stretch of time in minutes. */
export type Minutes = Branded<'Minutes'>;
/** Grams per cubic centimetre. */
export type Density = Branded<'Density'>;

export const grams = unitOf('Grams');
export const cubicMm = unitOf('CubicMm');
export const squareMm = unitOf('SquareMm');
export const minutes = unitOf('Minutes');
export const density = unitOf('Density');

/** 1 cm³ is 1000 mm³. */
export const CUBIC_MM_PER_ML = 1000;
/** Exact (international yard and pound agreement 1959; NIST SP 811). */
export const GRAMS_PER_POUND = 453.59237;
/** US fluid ounce, NIST SP 811. */
export const ML_PER_FLUID_OUNCE = 29.5735;

/**
 * Mass of a volume.
 *
 * @example massOf(cubicMm(1000), density(1.8)) // 1.8 g
 */
export function massOf(volume: CubicMm, at: Density): Grams {
  return grams((volume / CUBIC_MM_PER_ML) * at);
}

/** Newtons that a gram weighs (standard gravity, 9.80665 m/s², CGPM 1901). */
export const N_PER_G = 9.80665e-3;
