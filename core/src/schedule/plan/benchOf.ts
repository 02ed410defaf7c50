import { addDays, format, parseISO, startOfDay } from 'date-fns';
import type { BenchPlan, Brief } from '../../piece/index.ts';
import { type BenchTime, benchTimeFrom } from '../hours/benchTime.ts';
import {
  beginsAt,
  type DayHours,
  dateOf,
  hourOf,
  hoursOfDay,
  hoursOn,
  type Window,
} from '../hours/windows.ts';
import type { Task } from '../network/task.ts';
import type { Bench } from './bench.ts';

/** Time at the bench that is laid out beyond what the likely pace takes. */
const SLOWER = 2.5;
/** Least that is laid out, min: some weeks of evenings. */
const LEAST = 6000;
/** Days of the oven’s and the spray’s hours that are told apart; later ones are not looked at. */
const MOST_DAYS = 1500;

/**
 * When a piece is due, minutes since 1970: at its hour, or where none is told when the bench day of that day would begin; null
 * for one that is not due.
 */
export function dueAt({ due }: Brief, hours: DayHours): number | null {
  if (due === null) return null;
  const day = parseISO(due);
  const { plan } = hours;
  return hourOf(day, plan.dueAt ?? beginsAt(Math.max(hours.usual, hoursOn(day, hours)), plan.startsAt));
}

function daily(from: number, to: number, of: (day: Date) => readonly Window[]): Window[] {
  const first = startOfDay(dateOf(from));
  const found: Window[] = [];
  for (let i = -1; i < MOST_DAYS && (found.at(-1)?.to ?? from) <= to; i += 1) {
    const all = of(addDays(first, i));
    found.push(...all);
    if (i > 0 && addDays(first, i).getTime() / 60_000 > to) break;
  }
  return found.filter((one) => one.to > from);
}

/** When may be sprayed, in bench minutes. */
function sprayMinutes(time: BenchTime, plan: BenchPlan, now: number, until: number): Window[] {
  const off = new Set(plan.off.filter(({ of }) => of === 'spray').map(({ day }) => day));
  const hours = daily(now, until, (day) => {
    const one = off.has(format(day, 'yyyy-MM-dd')) ? null : hoursOfDay(day, plan.sprayFrom, plan.sprayTo);
    return one ? [one] : [];
  });
  return hours
    .map(({ from, to }) => ({ from: time.gone(from), to: time.gone(to) }))
    .filter(({ from, to }) => to > from);
}

/**
 * The bench for some tasks: time from now on for all of them, with room for slow hands.
 *
 * @throws {NoHoursError} where no day has any
 */
export function benchOf(tasks: readonly Task[], hours: DayHours, now: number): Bench {
  const { plan } = hours;
  const work = tasks.reduce((sum, task) => sum + Math.max(task.hands.likely * SLOWER, task.hands.slow), 0);
  const waits = tasks.reduce((sum, task) => sum + task.waits.slow, 0);
  const first = benchTimeFrom(now, work + LEAST, hours);
  const until = (first.windows.at(-1)?.to ?? now) + waits;
  const ovenDays = daily(now, until, (day) => {
    const one = hoursOfDay(day, plan.ovenFrom, plan.ovenTo);
    return one ? [one] : [];
  });
  return {
    time: first,
    now,
    hands: plan.hands,
    ovens: plan.ovens,
    clamps: plan.clamps,
    ovenHours: ovenDays,
    sprayHours: tasks.some(({ sprays }) => sprays) ? sprayMinutes(first, plan, now, until) : [],
  };
}
