import { addDays, format, getISODay, parseISO, startOfDay } from 'date-fns';
import { type BenchPlan, WEEKDAYS } from '../../piece/index.ts';

/** Some time in a row, in minutes since 1970. */
export interface Window {
  readonly from: number;
  readonly to: number;
}

const MS = 60_000;
const HOUR = 60;
/** With no more hours a day than this the bench day begins in the evening. */
const EVENING_HOURS = 5;
const EVENING = 18;
const MORNING = 9;

/** Minutes since 1970 of a moment. */
export const minutesOf = (date: Date | string): number =>
  (typeof date === 'string' ? parseISO(date) : date).getTime() / MS;

/** A plan begins on such a minute: it is not another one with every second. */
const BEGIN_STEP = 5;

/** The first moment from now on at which a plan may begin, in minutes since 1970. */
export const nextBegin = (now: string): number => Math.ceil(minutesOf(now) / BEGIN_STEP) * BEGIN_STEP;

/** The date of so many minutes since 1970. */
export const dateOf = (minutes: number): Date => new Date(minutes * MS);

/** An hour of a day by its own clock: nights on which the clock is changed are as long as they are. */
export function hourOf(day: Date, hour: number): number {
  const at = startOfDay(day);
  at.setHours(Math.floor(hour), Math.round((hour % 1) * HOUR), 0, 0);
  return minutesOf(at);
}

/** Hours at the bench on the days of a piece. */
export interface DayHours {
  /** Hours a day where the plan says nothing else. */
  readonly usual: number;
  readonly plan: BenchPlan;
}

/** Hours at the bench on one day, before what the maker is busy with. */
export function hoursOn(day: Date, { usual, plan }: DayHours): number {
  const iso = format(day, 'yyyy-MM-dd');
  if (plan.off.some((off) => off.of === 'bench' && off.day === iso)) return 0;
  const weekday = WEEKDAYS[getISODay(day) - 1];
  return plan.week.find((one) => one.day === weekday)?.hours ?? usual;
}

/** The hour of the day at which a bench day of so many hours begins. */
export function beginsAt(hours: number, startsAt: number | null): number {
  const wished = startsAt ?? (hours <= EVENING_HOURS ? EVENING : MORNING);
  return Math.max(0, Math.min(wished, 24 - hours));
}

function without(windows: readonly Window[], busy: readonly Window[]): Window[] {
  return busy.reduce<Window[]>(
    (left, { from, to }) =>
      left.flatMap((one) =>
        to <= one.from || from >= one.to
          ? [one]
          : [
              ...(from > one.from ? [{ from: one.from, to: from }] : []),
              ...(to < one.to ? [{ from: to, to: one.to }] : []),
            ],
      ),
    [...windows],
  );
}

/** Time at the bench on one day, what the maker is busy with taken out. */
export function windowsOn(day: Date, hours: DayHours): Window[] {
  const of = hoursOn(day, hours);
  if (of <= 0) return [];
  const from = hourOf(day, beginsAt(of, hours.plan.startsAt));
  const window = { from, to: Math.min(from + of * HOUR, minutesOf(startOfDay(addDays(day, 1)))) };
  const busy = hours.plan.busy.map((one) => ({ from: minutesOf(one.from), to: minutesOf(one.to) }));
  return without([window], busy);
}

/** Some hours of a day, on days that are not left out; all of it where they are none. */
export function hoursOfDay(day: Date, from: number, to: number): Window | null {
  if (from === to) return { from: minutesOf(startOfDay(day)), to: minutesOf(startOfDay(addDays(day, 1))) };
  // An oven that runs at night runs into the next day.
  const end = to > from ? hourOf(day, to) : hourOf(addDays(day, 1), to);
  const start = hourOf(day, from);
  return end > start ? { from: start, to: end } : null;
}
