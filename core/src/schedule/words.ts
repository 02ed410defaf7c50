import { format, isSameYear } from 'date-fns';
import { dateOf } from './hours/windows.ts';

const HOUR = 60;
const DAY = 1440;

/** A day in words, such as `Sat 12 Dec`; with its year where that is another than now. */
export function daySays(minutes: number, now: number): string {
  const day = dateOf(minutes);
  return format(day, isSameYear(day, dateOf(now)) ? 'EEE d MMM' : 'EEE d MMM yyyy');
}

/** A day and an hour in words, such as `Sat 12 Dec, 19:40`. */
export function momentSays(minutes: number, now: number): string {
  return `${daySays(minutes, now)}, ${format(dateOf(minutes), 'HH:mm')}`;
}

/** How long in words: minutes, hours or days, as a maker would say it. */
export function longSays(minutes: number): string {
  const of = Math.abs(minutes);
  if (of < 90) return `${Math.round(of)} min`;
  if (of < 2 * DAY) return `${(of / HOUR).toFixed(of < 10 * HOUR ? 1 : 0)} h`;
  return `${Math.round(of / DAY)} days`;
}
