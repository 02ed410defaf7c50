import { type Branded, unitOf } from './brand.ts';

/** A length of the thing itself, in life, in millimetres. */
export type RealMm = Branded<'RealMm'>;
/** A length on the bench, in miniature, in millimetres. */
export type MiniMm = Branded<'MiniMm'>;

/** @example realMm(1660) // a person's stature */
export const realMm = unitOf('RealMm');
/** @example miniMm(138.3) // the same person at 1:12 */
export const miniMm = unitOf('MiniMm');

/** Exact since the international yard and pound agreement of 1959 (NIST SP 811, appendix B). */
export const MM_PER_INCH = 25.4;
/** 12 inches of 25.4 mm. */
export const MM_PER_FOOT = 304.8;
