import { addDays, startOfDay } from 'date-fns';
import { NoHoursError } from '../errors.ts';
import { type DayHours, dateOf, type Window, windowsOn } from './windows.ts';

const DAY = 1440;
/** No bench day in so many days: there will be none. */
const BARREN_DAYS = 800;
/** More days than this are not laid out: some eighty years. */
const MOST_DAYS = 30_000;

/**
 * Time at the bench as one line without gaps: bench minute 0 is the first from now on. Nights, days off and busy hours are no
 * time on it, so a step that goes on over three evenings is one stretch of it.
 */
export class BenchTime {
  readonly windows: readonly Window[];
  /** Bench minutes before each window. */
  readonly #before: Float64Array;
  readonly total: number;
  #hint = 0;
  #atHint = 0;

  /** @param windows in order, none over another */
  constructor(windows: readonly Window[]) {
    this.windows = windows;
    this.#before = new Float64Array(windows.length + 1);
    windows.forEach(({ from, to }, i) => {
      this.#before[i + 1] = (this.#before[i] ?? 0) + (to - from);
    });
    this.total = this.#before[windows.length] ?? 0;
  }

  /** The last window that begins at or before a moment; −1 before the first. */
  #windowBefore(moment: number): number {
    // What is looked up is mostly near what was looked up before.
    const hint = this.#hint;
    if (
      moment >= (this.windows[hint]?.from ?? Infinity) &&
      moment < (this.windows[hint + 1]?.from ?? Infinity)
    )
      return hint;
    let low = 0;
    let high = this.windows.length;
    while (low < high) {
      const middle = (low + high) >> 1;
      if ((this.windows[middle] as Window).from <= moment) low = middle + 1;
      else high = middle;
    }
    this.#hint = low - 1;
    return low - 1;
  }

  /** Bench minutes that have gone by at a moment. */
  gone(moment: number): number {
    const at = this.#windowBefore(moment);
    if (at < 0) return 0;
    const { from, to } = this.windows[at] as Window;
    return (this.#before[at] ?? 0) + Math.min(moment, to) - from;
  }

  /** The window that some bench minute falls into: at the edge of two the later, or for an end the earlier. */
  windowAt(minute: number, isEnd = false): number {
    const hint = this.#atHint;
    if ((this.#before[hint] as number) < minute && minute < (this.#before[hint + 1] as number)) return hint;
    let low = 0;
    let high = this.windows.length;
    while (low < high) {
      const middle = (low + high) >> 1;
      const before = this.#before[middle] ?? 0;
      if (isEnd ? before < minute : before <= minute) low = middle + 1;
      else high = middle;
    }
    this.#atHint = Math.max(0, Math.min(low, this.windows.length) - 1);
    return this.#atHint;
  }

  /** Bench minutes before a window, and after it. */
  edges(window: number): readonly [before: number, after: number] {
    return [this.#before[window] ?? 0, this.#before[window + 1] ?? this.total];
  }

  /** The moment of a bench minute: as a beginning, or as the end of what was before it. Past the last, as if it went on. */
  moment(minute: number, isEnd = false): number {
    const at = this.windowAt(minute, isEnd);
    const window = this.windows[at];
    return window ? window.from + (minute - (this.#before[at] ?? 0)) : Number.NaN;
  }
}

/**
 * Bench time from a moment on, for at least so many minutes of work.
 *
 * @param from minutes since 1970; time at the bench that has gone by on that day is left out
 * @throws {NoHoursError} where no day has any
 */
export function benchTimeFrom(from: number, minutes: number, hours: DayHours): BenchTime {
  const found: Window[] = [];
  let [sum, barren] = [0, 0];
  for (let i = 0; sum < minutes || found.length === 0; i += 1) {
    const before = sum;
    for (const one of windowsOn(addDays(startOfDay(dateOf(from)), i), hours)) {
      if (one.to <= from) continue;
      const left = { from: Math.max(from, one.from), to: one.to };
      found.push(left);
      sum += left.to - left.from;
    }
    barren = sum > before ? 0 : barren + 1;
    if (barren > BARREN_DAYS) {
      if (found.length === 0) throw new NoHoursError();
      break;
    }
    if (i > MOST_DAYS) break;
  }
  return new BenchTime(found);
}

/** Bench minutes between two moments. */
export function benchMinutesBetween(from: number, to: number, hours: DayHours): number {
  let sum = 0;
  const days = Math.min(MOST_DAYS, Math.ceil((to - from) / DAY) + 1);
  for (let i = 0; i <= days; i += 1)
    for (const one of windowsOn(addDays(startOfDay(dateOf(from)), i), hours))
      sum += Math.max(0, Math.min(to, one.to) - Math.max(from, one.from));
  return sum;
}
