import { afterEach, describe, expect, it } from 'vitest';
import { type BenchPlan, DEFAULT_BENCH_PLAN } from '../../piece/index.ts';
import { NoHoursError } from '../errors.ts';
import { benchMinutesBetween, benchTimeFrom } from './benchTime.ts';
import { beginsAt, hoursOfDay, hoursOn, minutesOf, windowsOn } from './windows.ts';

const plan = (over: Partial<BenchPlan>): BenchPlan => ({ ...DEFAULT_BENCH_PLAN, ...over });
const day = (iso: string) => new Date(`${iso}T12:00:00`);
const clock = (minutes: number) => new Date(minutes * 60_000).toISOString().slice(0, 16);

describe('hours at the bench', () => {
  it('are those of the day of the week, and none on a day off', () => {
    const hours = {
      usual: 2,
      plan: plan({
        week: [
          { day: 'sat', hours: 6 },
          { day: 'mon', hours: 0 },
        ],
        off: [
          { day: '2026-05-02', of: 'bench' },
          { day: '2026-05-05', of: 'spray' },
        ],
      }),
    };
    // 1 May 2026 is a Friday.
    const found = ['01', '02', '03', '04', '05', '09'].map((of) => hoursOn(day(`2026-05-${of}`), hours));
    expect(found).toEqual([2, 0, 2, 0, 2, 6]);
  });

  it('begin in the evening where they are few, and never run past midnight', () => {
    expect(beginsAt(2, null)).toBe(18);
    expect(beginsAt(8, null)).toBe(9);
    expect(beginsAt(3, 23)).toBe(21);
    expect(beginsAt(24, null)).toBe(0);
  });

  it('lose what the maker is busy with, in the middle too', () => {
    const busy = (from: string, to: string) => ({ id: from.slice(11, 13), from, to, says: 'choir' });
    const hours = {
      usual: 4,
      plan: plan({ busy: [busy('2026-05-01T19:00:00Z', '2026-05-01T20:30:00Z')] }),
    };
    expect(windowsOn(day('2026-05-01'), hours).map(({ from, to }) => [clock(from), clock(to)])).toEqual([
      ['2026-05-01T18:00', '2026-05-01T19:00'],
      ['2026-05-01T20:30', '2026-05-01T22:00'],
    ]);
    const all = { ...hours, plan: plan({ busy: [busy('2026-04-30T00:00:00Z', '2026-05-03T00:00:00Z')] }) };
    expect(windowsOn(day('2026-05-01'), all)).toEqual([]);
  });

  it('count on over nights and months, to the minute', () => {
    const from = minutesOf('2026-05-01T19:00:00Z');
    const time = benchTimeFrom(from, 600, { usual: 2, plan: plan({}) });
    // One hour is left of the first evening.
    expect(clock(time.moment(0))).toBe('2026-05-01T19:00');
    expect(clock(time.moment(60))).toBe('2026-05-02T18:00');
    expect(clock(time.moment(60, true))).toBe('2026-05-01T20:00');
    expect(clock(time.moment(60 + 120 * 4 + 30))).toBe('2026-05-06T18:30');
    for (const minute of [0, 59, 61, 200, 599]) expect(time.gone(time.moment(minute))).toBeCloseTo(minute, 6);
    expect(time.gone(from - 5000)).toBe(0);
    expect(benchMinutesBetween(from, minutesOf('2026-05-03T18:30:00Z'), { usual: 2, plan: plan({}) })).toBe(
      210,
    );
  });

  it('are not laid out for ever where there are none', () => {
    expect(() => benchTimeFrom(0, 10, { usual: 0, plan: plan({}) })).toThrow(NoHoursError);
    // Ten thousand hours, an hour on Sundays alone: it takes what days there are.
    const time = benchTimeFrom(minutesOf('2026-05-01'), 600_000, {
      usual: 0,
      plan: plan({ week: [{ day: 'sun', hours: 1 }] }),
    });
    expect(time.total).toBeGreaterThan(60 * 52 * 50);
  });

  it('have their leap day', () => {
    const time = benchTimeFrom(minutesOf('2028-02-28T00:00:00Z'), 600, { usual: 2, plan: plan({}) });
    expect(clock(time.moment(120))).toBe('2028-02-29T18:00');
    expect(clock(time.moment(240))).toBe('2028-03-01T18:00');
  });
});

describe('a night on which the clock is changed', () => {
  afterEach(() => {
    process.env.TZ = 'UTC';
  });

  it('leaves an evening at its hour by the clock of the place, and a day as long as it is', () => {
    process.env.TZ = 'Europe/Berlin';
    // Summer time ends in the night to 25 October 2026: the day has 25 hours, evenings stay at 18 o’clock.
    const hours = { usual: 2, plan: plan({}) };
    const [before, after] = ['2026-10-24', '2026-10-25'].map(
      (iso) => windowsOn(day(iso), hours)[0]?.from ?? 0,
    );
    expect((after ?? 0) - (before ?? 0)).toBe(25 * 60);
    const whole = windowsOn(day('2026-10-25'), { usual: 24, plan: plan({}) });
    expect(whole.map(({ from, to }) => to - from)).toEqual([24 * 60]);
    // It begins in the night to 29 March: that day has 23.
    expect(
      windowsOn(day('2026-03-29'), { usual: 24, plan: plan({}) }).map(({ from, to }) => to - from),
    ).toEqual([23 * 60]);
    const oven = hoursOfDay(day('2026-03-28'), 22, 6);
    expect((oven?.to ?? 0) - (oven?.from ?? 0)).toBe(7 * 60);
  });
});
