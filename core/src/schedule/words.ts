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

/** Time at the bench in words: minutes or hours, for a day of it is no day of the calendar. */
export function benchSays(minutes: number): string {
  const of = Math.abs(minutes);
  return of < 90 ? `${Math.round(of)} min` : `${(of / HOUR).toFixed(of < 10 * HOUR ? 1 : 0)} h`;
}

/** How long in words: minutes, hours or days, as a maker would say it. */
export function longSays(minutes: number): string {
  const of = Math.abs(minutes);
  return of < 2 * DAY ? benchSays(of) : `${Math.round(of / DAY)} days`;
}
