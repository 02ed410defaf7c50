import type { Minutes } from './bulk.ts';

/**
 * Minutes as a maker says them: minutes to an hour and a half, then hours and minutes.
 *
 * @example formatMinutes(minutes(135)) // '2 h 15 min'
 */
export function formatMinutes(time: Minutes): string {
  const whole = Math.round(time);
  if (whole < 90) return `${whole} min`;
  const hours = Math.floor(whole / 60);
  const rest = whole % 60;
  return rest === 0 ? `${hours} h` : `${hours} h ${rest} min`;
}
