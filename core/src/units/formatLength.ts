import { type MiniMm, MM_PER_INCH, type RealMm } from './length.ts';

/** A length in sixty-fourths of an inch, reduced, with what the rounding left out. */
export interface InchFraction {
  /** Such as `5 29/64`, `1/4`, `0`; no unit sign. */
  readonly text: string;
  /** True length minus the shown length, millimetres. */
  readonly residualMm: number;
}

const MINUS = '−';

/** A number with so many decimals and a true minus sign; never `-0`. */
export function formatNumber(value: number, decimals: number): string {
  const fixed = Math.abs(value).toFixed(decimals);
  return value < 0 && Number(fixed) !== 0 ? `${MINUS}${fixed}` : fixed;
}

function greatestCommonDivisor(a: number, b: number): number {
  return b === 0 ? a : greatestCommonDivisor(b, a % b);
}

function mixedNumber(parts: number, per: number): string {
  const whole = Math.floor(parts / per);
  const over = parts % per;
  if (over === 0) return String(whole);
  const divisor = greatestCommonDivisor(over, per);
  const fraction = `${over / divisor}/${per / divisor}`;
  return whole === 0 ? fraction : `${whole} ${fraction}`;
}

/**
 * Miniature millimetres, one decimal, no unit sign.
 *
 * @example formatMiniMm(miniMm(138.333)) // '138.3'
 */
export function formatMiniMm(length: MiniMm): string {
  return formatNumber(length, 1);
}

/**
 * Miniature length to the nearest 1/64 in, reduced, with the residual.
 *
 * @example formatInchFraction(miniMm(25.4)) // { text: '1', residualMm: 0 }
 */
export function formatInchFraction(length: MiniMm): InchFraction {
  const parts = Math.round((Math.abs(length) / MM_PER_INCH) * 64);
  const shownMm = (Math.sign(length) * parts * MM_PER_INCH) / 64;
  const sign = length < 0 && parts > 0 ? MINUS : '';
  return { text: sign + mixedNumber(parts, 64), residualMm: length - shownMm };
}

/**
 * Real length in the metric unit a maker would say: mm under 10 cm, cm under 1 m, else m.
 *
 * @example formatRealMetric(realMm(1660)) // '1.660 m'
 */
export function formatRealMetric(length: RealMm): string {
  const size = Math.abs(length);
  // 999.5 mm and 99.95 mm would round up into the next unit's range.
  if (size < 99.95) return `${formatNumber(length, 1)} mm`;
  if (size < 999.5) return `${formatNumber(length / 10, 1)} cm`;
  return `${formatNumber(length / 1000, 3)} m`;
}

/**
 * Real length in feet and inches to 1/8 in; under 1 ft inches alone, under 1 in to 1/64.
 *
 * @example formatRealFeet(realMm(1752.6)) // `5' 9"`
 */
export function formatRealFeet(length: RealMm): string {
  const sign = length < 0 ? MINUS : '';
  const size = Math.abs(length);
  if (size < MM_PER_INCH) return `${sign}${mixedNumber(Math.round((size / MM_PER_INCH) * 64), 64)}"`;
  const eighths = Math.round((size / MM_PER_INCH) * 8);
  const feet = Math.floor(eighths / 96);
  const rest = eighths - feet * 96;
  if (feet === 0) return `${sign}${mixedNumber(rest, 8)}"`;
  return rest === 0 ? `${sign}${feet}'` : `${sign}${feet}' ${mixedNumber(rest, 8)}"`;
}

/** Largest error of {@link formatRealFeet} for a length of this size, millimetres. */
export function feetPrecisionMm(length: RealMm): number {
  return Math.abs(length) < MM_PER_INCH ? MM_PER_INCH / 128 : MM_PER_INCH / 16;
}

/** Largest error of {@link formatRealMetric} for a length of this size, millimetres. */
export function metricPrecisionMm(length: RealMm): number {
  const size = Math.abs(length);
  return size < 99.95 ? 0.05 : 0.5;
}
