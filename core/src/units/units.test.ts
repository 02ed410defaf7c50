import { convert } from 'convert';
import { describe, expect, expectTypeOf, it } from 'vitest';
import {
  type Celsius,
  type CelsiusDifference,
  celsius,
  celsiusDifference,
  cubicMm,
  density,
  differenceToFahrenheit,
  formatInchFraction,
  formatMinutes,
  formatNumber,
  formatRealFeet,
  formatRealMetric,
  fromFahrenheit,
  GRAMS_PER_POUND,
  type MiniMm,
  ML_PER_FLUID_OUNCE,
  massOf,
  miniMm,
  minutes,
  type RealMm,
  realMm,
  toFahrenheit,
  UnitError,
  warmer,
} from './index.ts';

describe('units against a reference library', () => {
  it('agrees with `convert` on pounds and fluid ounces (NIST SP 811)', () => {
    expect(GRAMS_PER_POUND).toBeCloseTo(convert(1, 'pound').to('grams'), 9);
    // NIST SP 811 prints 29.5735 ml, rounded from 29.5735295625.
    expect(ML_PER_FLUID_OUNCE).toBeCloseTo(29.5735295625, 4);
  });

  it('agrees with `convert` on temperatures', () => {
    for (const t of [-40, 0, 21, 107.3, 130, 135, 175])
      expect(toFahrenheit(celsius(t))).toBeCloseTo(convert(t, 'celsius').to('fahrenheit'), 9);
    expect(fromFahrenheit(275)).toBeCloseTo(135, 9);
    expect(fromFahrenheit(225)).toBeCloseTo(107.222, 3);
  });
});

describe('frames and kinds do not mix', () => {
  it('keeps real and miniature, temperature and difference apart for the compiler', () => {
    expectTypeOf<RealMm>().not.toExtend<MiniMm>();
    expectTypeOf<MiniMm>().not.toExtend<RealMm>();
    expectTypeOf<Celsius>().not.toExtend<CelsiusDifference>();
    expectTypeOf(warmer).parameter(1).toEqualTypeOf<CelsiusDifference>();
  });

  it('a difference has no offset', () => {
    expect(differenceToFahrenheit(celsiusDifference(10))).toBe(18);
    expect(warmer(celsius(130), celsiusDifference(5))).toBe(135);
  });

  it('refuses NaN and infinities by name', () => {
    expect(() => realMm(Number.NaN)).toThrow(UnitError);
    expect(() => miniMm(Number.POSITIVE_INFINITY)).toThrow('MiniMm wants a finite number, got Infinity');
  });
});

describe('what is shown', () => {
  it('writes real lengths as a maker says them', () => {
    expect(formatRealMetric(realMm(1660))).toBe('1.660 m');
    expect(formatRealMetric(realMm(430))).toBe('43.0 cm');
    expect(formatRealMetric(realMm(38))).toBe('38.0 mm');
    expect(formatRealFeet(realMm(1660))).toBe(`5' 5 3/8"`);
    expect(formatRealFeet(realMm(1828.8))).toBe(`6'`);
    expect(formatRealFeet(realMm(12.7))).toBe('1/2"');
  });

  it('writes miniature inches to 1/64, reduced, with the residual', () => {
    expect(formatInchFraction(miniMm(6.35)).text).toBe('1/4');
    expect(formatInchFraction(miniMm(138.3333)).text).toBe('5 29/64');
    expect(formatInchFraction(miniMm(33.3333)).residualMm).toBeCloseTo(33.3333 - (84 / 64) * 25.4, 6);
    expect(formatInchFraction(miniMm(-6.35)).text).toBe('−1/4');
  });

  it('never shows a negative zero', () => {
    expect(formatNumber(-0.001, 1)).toBe('0.0');
    expect(formatNumber(-0.26, 1)).toBe('−0.3');
  });

  it('writes minutes and hours', () => {
    expect(formatMinutes(minutes(25))).toBe('25 min');
    expect(formatMinutes(minutes(135))).toBe('2 h 15 min');
    expect(formatMinutes(minutes(120))).toBe('2 h');
  });

  it('weighs a block: 57 g of polymer clay at 1.8 g/cm³ is about 31 cm³ (common practice)', () => {
    const block = massOf(cubicMm(31_000), density(1.8));
    // “About 31” was rounded down from 31.7: 2.5 % apart.
    expect(Math.abs(block / 57 - 1)).toBeLessThan(0.025);
  });
});
