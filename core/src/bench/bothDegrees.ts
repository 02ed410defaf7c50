import { formatQuantity, type Quantity } from '../reckoning/index.ts';
import { celsius, toFahrenheit } from '../units/index.ts';

/** A temperature in both degrees. */
export function inBothDegrees(quantity: Quantity): string {
  return `${formatQuantity(quantity)} (${Math.round(toFahrenheit(celsius(quantity.value)))} °F)`;
}
