import { dateOf, minutesOf, type Window } from '@every-inch/core/schedule';
import { addDays, startOfDay } from 'date-fns';

/** One day as it is drawn. */
export interface DrawnDay {
  /** Its beginning and its end, minutes since 1970. */
  readonly from: number;
  readonly to: number;
  /** Where it lies across, px. */
  readonly x: number;
  readonly width: number;
  /** Time at the bench; null for a day without any. */
  readonly bench: Window | null;
}

/** Time across the drawing: the hours at the bench take most of each day, the others little. */
export interface DayScale {
  readonly days: readonly DrawnDay[];
  readonly width: number;
  /** Px of a moment, minutes since 1970. */
  x(at: number): number;
  /** The moment at a place, px. */
  at(x: number): number;
}

/** Of the width of a day, what its hours at the bench take. */
const BENCH_SHARE = 0.8;
/** A day without the bench is so wide, of one with it. */
const IDLE = 0.4;
const LEAST_DAY = 34;

interface Stretch {
  readonly from: number;
  readonly to: number;
  readonly x: number;
  readonly end: number;
}

function stretchesOf({ from, to, x, width, bench }: DrawnDay): Stretch[] {
  if (!bench) return [{ from, to, x, end: x + width }];
  const rest = (1 - BENCH_SHARE) / 2;
  const [a, b] = [x + width * rest, x + width * (1 - rest)];
  return [
    { from, to: bench.from, x, end: a },
    { from: bench.from, to: bench.to, x: a, end: b },
    { from: bench.to, to, x: b, end: x + width },
  ].filter((one) => one.to > one.from);
}

/**
 * The days between two moments, across so many px at least.
 *
 * @param bench time at the bench, in order
 */
export function dayScale(first: number, last: number, bench: readonly Window[], width: number): DayScale {
  const spans: Omit<DrawnDay, 'x' | 'width'>[] = [];
  const begin = startOfDay(dateOf(first));
  for (let i = 0; i < 400; i += 1) {
    const [from, to] = [minutesOf(addDays(begin, i)), minutesOf(addDays(begin, i + 1))];
    if (from > last && i > 0) break;
    const own = bench.filter((one) => one.from >= from && one.from < to);
    const [one, end] = [own[0], own.at(-1)];
    spans.push({ from, to, bench: one && end ? { from: one.from, to: end.to } : null });
  }
  const units = spans.reduce((sum, one) => sum + (one.bench ? 1 : IDLE), 0);
  const unit = Math.max(LEAST_DAY, width / Math.max(1, units));
  let x = 0;
  const days = spans.map((span): DrawnDay => {
    const wide = unit * (span.bench ? 1 : IDLE);
    const day = { ...span, x, width: wide };
    x += wide;
    return day;
  });
  const stretches = days.flatMap(stretchesOf);
  const between = (value: number, a: number, b: number, c: number, d: number) =>
    c + ((value - a) / (b - a)) * (d - c);
  return {
    days,
    width: x,
    x: (at) => {
      const one = stretches.find(({ to }) => at < to) ?? stretches.at(-1);
      if (!one) return 0;
      return Math.max(0, Math.min(x, between(at, one.from, one.to, one.x, one.end)));
    },
    at: (px) => {
      const one = stretches.find(({ end }) => px < end) ?? stretches.at(-1);
      return one ? between(Math.max(0, Math.min(x, px)), one.x, one.end, one.from, one.to) : first;
    },
  };
}
