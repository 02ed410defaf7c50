import { type Branded, unitOf } from './brand.ts';

/** A temperature on the Celsius scale. */
export type Celsius = Branded<'Celsius'>;
/** A difference of two temperatures, in kelvin; not a temperature. */
export type CelsiusDifference = Branded<'CelsiusDifference'>;

/** @example celsius(130) */
export const celsius = unitOf('Celsius');
/** @example celsiusDifference(-8) // the oven runs 8 °C cold */
export const celsiusDifference = unitOf('CelsiusDifference');

/**
 * A temperature moved by a difference.
 *
 * @example warmer(celsius(130), celsiusDifference(5)) // 135
 */
export function warmer(temperature: Celsius, by: CelsiusDifference): Celsius {
  return celsius(temperature + by);
}

/**
 * °C to °F (NIST SP 811, B.8).
 *
 * @example toFahrenheit(celsius(135)) // 275
 */
export function toFahrenheit(temperature: Celsius): number {
  return temperature * 1.8 + 32;
}

/**
 * °F to °C.
 *
 * @example fromFahrenheit(275) // 135
 */
export function fromFahrenheit(degreesFahrenheit: number): Celsius {
  return celsius((degreesFahrenheit - 32) / 1.8);
}

/**
 * A difference in °F: no offset of 32, unlike a temperature.
 *
 * @example differenceToFahrenheit(celsiusDifference(10)) // 18
 */
export function differenceToFahrenheit(difference: CelsiusDifference): number {
  return difference * 1.8;
}
