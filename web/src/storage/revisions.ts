import { differenceInHours, differenceInMinutes, parseISO, startOfDay, startOfHour } from 'date-fns';

/** Not more than one revision in so many minutes. */
const REVISION_MINUTES = 5;

/** Whether enough time has passed for another revision. */
export function isRevisionDue(last: string | null, now: string): boolean {
  // Either way: a clock that was put back is no reason to keep none for as long.
  return last === null || Math.abs(differenceInMinutes(parseISO(now), parseISO(last))) >= REVISION_MINUTES;
}

/**
 * Which revisions to let go, thinned by age: all of the last two hours, the last of each hour for two days, the last of
 * each day before that.
 *
 * @param times ISO times, in any order
 */
export function thinned(times: readonly string[], now: string): string[] {
  const kept = new Set<string>();
  const newestFirst = [...times].sort().reverse();
  const letGo: string[] = [];
  for (const time of newestFirst) {
    const hours = differenceInHours(parseISO(now), parseISO(time));
    const slot =
      hours < 2
        ? time
        : hours < 48
          ? startOfHour(parseISO(time)).toISOString()
          : startOfDay(parseISO(time)).toISOString();
    if (kept.has(slot)) letGo.push(time);
    kept.add(slot);
  }
  return letGo;
}
