import { addMinutes, formatISO, parseISO } from 'date-fns';
import { describe, expect, it } from 'vitest';
import { isRevisionDue, thinned } from './revisions.ts';

const NOW = '2026-05-10T12:00:00Z';
const minutesAgo = (minutes: number) => addMinutes(parseISO(NOW), -minutes).toISOString();

describe('revisions', () => {
  it('are five minutes apart', () => {
    expect(isRevisionDue(null, NOW)).toBe(true);
    expect(isRevisionDue(minutesAgo(4), NOW)).toBe(false);
    expect(isRevisionDue(minutesAgo(5), NOW)).toBe(true);
  });

  it('thin out with age and always keep the newest of a stretch', () => {
    const recent = [5, 10, 60, 110].map(minutesAgo);
    const today = [3 * 60, 3 * 60 + 10, 3 * 60 + 20].map(minutesAgo);
    const lastWeek = [5 * 1440, 5 * 1440 + 30, 5 * 1440 + 90].map(minutesAgo);
    const gone = thinned([...recent, ...today, ...lastWeek], NOW);
    for (const time of recent) expect(gone).not.toContain(time);
    expect(gone.filter((time) => lastWeek.includes(time))).toHaveLength(2);
    expect(gone).not.toContain(lastWeek[0]);
  });

  it('a year of five-minute revisions stays small', () => {
    const year = Array.from({ length: 365 * 24 }, (_, i) => formatISO(addMinutes(parseISO(NOW), -60 * i)));
    const left = year.length - thinned(year, NOW).length;
    expect(left).toBeLessThan(365 + 48 + 3);
    expect(left).toBeGreaterThan(360);
  });
});
