import { convert } from 'convert';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  feetPrecisionMm,
  formatInchFraction,
  formatRealFeet,
  formatRealMetric,
  metricPrecisionMm,
  miniMm,
  parseLength,
  realMm,
} from './index.ts';

const FOOT = convert(1, 'foot').to('millimeters');
const INCH = convert(1, 'inch').to('millimeters');

const ACCEPTED: [string, number][] = [
  [`5' 9 1/2"`, 5 * FOOT + 9.5 * INCH],
  [`5' 9"`, 5 * FOOT + 9 * INCH],
  [`5'9"`, 5 * FOOT + 9 * INCH],
  [`5'`, 5 * FOOT],
  [`5' 9`, 5 * FOOT + 9 * INCH],
  ['5ft 9.5in', 5 * FOOT + 9.5 * INCH],
  ['5 feet 9 inches', 5 * FOOT + 9 * INCH],
  ['69.5"', 69.5 * INCH],
  [`69.5''`, 69.5 * INCH],
  ['1/4"', INCH / 4],
  ['2 1/2 in', 2.5 * INCH],
  ['½"', INCH / 2],
  ['2½"', 2.5 * INCH],
  ['2 ½ in', 2.5 * INCH],
  ['33mm', 33],
  ['33 MM', 33],
  ['3.3 cm', 33],
  ['1.75 m', 1750],
  ['1,75 m', 1750],
  ['.5 m', 500],
  ['5′ 9″', 5 * FOOT + 9 * INCH],
  ['5’ 9”', 5 * FOOT + 9 * INCH],
  ['3\u00a0mm', 3],
  ['12', 12],
  ['  12  ', 12],
  ['1e3 mm', 1000],
];

const REFUSED: [string, string, number][] = [
  ['', 'length.empty', 0],
  ['   ', 'length.empty', 0],
  ['5-9', 'length.feet-with-dash', 1],
  ['abc', 'length.not-a-number', 0],
  ['5 furlongs', 'length.unknown-unit', 2],
  ['5 mm 3', 'length.left-over', 5],
  ['5 mm mm', 'length.left-over', 5],
  ["5' 3 mm", 'length.left-over', 3],
  ['1/0"', 'length.zero-denominator', 0],
  ['2 1/0"', 'length.zero-denominator', 0],
  ['-3 mm', 'length.negative', 0],
  ['−3 mm', 'length.negative', 0],
  ['0', 'length.zero', 0],
  ['1e9 m', 'length.too-large', 0],
  ['NaN', 'length.not-a-number', 0],
  ['Infinity', 'length.not-a-number', 0],
  ['12,5,3 mm', 'length.left-over', 4],
];

describe('parseLength', () => {
  it.each(ACCEPTED)('reads %s', (text, wanted) => {
    const reading = parseLength(text, { unit: 'mm' });
    expect(reading.ok && reading.lengthMm).toBeCloseTo(wanted, 9);
  });

  it.each(REFUSED)('refuses %j as %s at %i', (text, code, at) => {
    const reading = parseLength(text, { unit: 'mm' });
    if (reading.ok) throw new Error(`read as ${reading.lengthMm}`);
    expect([reading.error.code, reading.error.at]).toEqual([code, at]);
    expect(reading.error.message).toContain('what works');
  });

  it('says what it read before it stopped', () => {
    const reading = parseLength('5 furlongs', { unit: 'mm' });
    expect(!reading.ok && reading.error.message).toMatch(
      /“furlongs” is no unit known here after reading “5”/,
    );
  });

  it('takes a bare number in the unit of the field', () => {
    for (const [unit, mm] of [
      ['in', 12 * INCH],
      ['ft', 12 * FOOT],
      ['cm', 120],
      ['m', 12000],
    ] as const) {
      const reading = parseLength('12', { unit });
      expect(reading.ok && reading.lengthMm).toBeCloseTo(mm, 9);
    }
  });

  it('lets zero and negatives through only where the field allows them', () => {
    expect(parseLength('0 mm', { unit: 'mm', sign: 'nonNegative' }).ok).toBe(true);
    expect(parseLength('-2 mm', { unit: 'mm', sign: 'nonNegative' }).ok).toBe(false);
    expect(parseLength('-2 mm', { unit: 'mm', sign: 'any' })).toMatchObject({ ok: true, lengthMm: -2 });
  });

  it('survives any text without throwing', () => {
    fc.assert(
      fc.property(fc.string(), (text) => {
        const reading = parseLength(text, { unit: 'mm' });
        return reading.ok ? reading.lengthMm > 0 : reading.error.message.length > 0;
      }),
      { seed: 1959, numRuns: 2000 },
    );
  });
});

const logLength = fc.double({ min: -2, max: 5, noNaN: true }).map((power) => 10 ** power);

describe('what is shown reads back within what is shown', () => {
  it('metric', () => {
    fc.assert(
      fc.property(logLength, (mm) => {
        const reading = parseLength(formatRealMetric(realMm(mm)), { unit: 'mm', sign: 'nonNegative' });
        return reading.ok && Math.abs(reading.lengthMm - mm) <= metricPrecisionMm(realMm(mm)) + 1e-9;
      }),
      { seed: 1959, numRuns: 3000 },
    );
  });

  it('feet and inches', () => {
    fc.assert(
      fc.property(logLength, (mm) => {
        const reading = parseLength(formatRealFeet(realMm(mm)), { unit: 'mm', sign: 'nonNegative' });
        return reading.ok && Math.abs(reading.lengthMm - mm) <= feetPrecisionMm(realMm(mm)) + 1e-9;
      }),
      { seed: 1959, numRuns: 3000 },
    );
  });

  it('miniature inch fractions, and the residual makes them whole again', () => {
    fc.assert(
      fc.property(logLength, (mm) => {
        const { text, residualMm } = formatInchFraction(miniMm(mm));
        const reading = parseLength(`${text}"`, { unit: 'in', sign: 'nonNegative' });
        return (
          reading.ok &&
          Math.abs(reading.lengthMm + residualMm - mm) < 1e-9 * Math.max(1, mm) &&
          Math.abs(residualMm) <= INCH / 128 + 1e-9
        );
      }),
      { seed: 1959, numRuns: 3000 },
    );
  });
});
