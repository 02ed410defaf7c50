import ICAL from 'ical.js';
import { describe, expect, it } from 'vitest';
import { seeded } from '../../form/index.ts';
import { minutesOf } from '../hours/windows.ts';
import type { PlannedStep } from '../reckonSchedule.ts';
import { readBusy, scheduleCsv, scheduleIcs } from './index.ts';

const at = (iso: string) => minutesOf(`2026-05-${iso}:00Z`);
const STEP: PlannedStep = {
  id: 'bake-1',
  title: 'Short bake 1; mugs, “blue” ones',
  start: at('01T18:00'),
  handsEnd: at('02T18:20'),
  waitFrom: at('02T18:30'),
  done: at('02T19:05'),
  handsMin: 140,
  sittings: [
    { from: at('01T18:00'), to: at('01T20:00') },
    { from: at('02T18:00'), to: at('02T18:20') },
  ],
  latest: at('03T18:00'),
  heldBy: 'oven',
  holds: 'oven',
  hand: 0,
  isReady: true,
  sprays: false,
  after: [],
};
const NOW = '2026-05-01T09:00:00Z';

describe('the days as a calendar', () => {
  it('is read by another library as it was written', () => {
    const root = ICAL.Component.fromString(scheduleIcs('Low Water Ferry', [STEP], NOW));
    const events = root.getAllSubcomponents('vevent').map((one) => new ICAL.Event(one));
    expect(events.map(({ summary }) => summary)).toEqual([
      'Short bake 1; mugs, “blue” ones (1 of 2)',
      'Short bake 1; mugs, “blue” ones (2 of 2)',
      'Short bake 1; mugs, “blue” ones: in the oven',
    ]);
    expect(
      events.map((one) => [one.startDate.toJSDate().toISOString(), one.endDate.toJSDate().toISOString()]),
    ).toEqual([
      ['2026-05-01T18:00:00.000Z', '2026-05-01T20:00:00.000Z'],
      ['2026-05-02T18:00:00.000Z', '2026-05-02T18:20:00.000Z'],
      ['2026-05-02T18:30:00.000Z', '2026-05-02T19:05:00.000Z'],
    ]);
    expect(new Set(events.map(({ uid }) => uid)).size).toBe(3);
  });

  it('comes back in as busy hours, without what is only waited for', () => {
    const busy = readBusy(scheduleIcs('x', [STEP], NOW), new Date(NOW), seeded(1));
    expect(busy.map(({ from, to }) => [from, to])).toEqual([
      ['2026-05-01T18:00:00.000Z', '2026-05-01T20:00:00.000Z'],
      ['2026-05-02T18:00:00.000Z', '2026-05-02T18:20:00.000Z'],
    ]);
  });
});

/** Written by hand after RFC 5545: its own example of a weekly rule, lines folded, and what is no busy time. */
const CALENDAR = [
  'BEGIN:VCALENDAR',
  'VERSION:2.0',
  'PRODID:-//hand//EN',
  'BEGIN:VEVENT',
  'UID:choir@example',
  'DTSTAMP:20260401T000000Z',
  'DTSTART:20260407T190000Z',
  'DURATION:PT1H30M',
  'RRULE:FREQ=WEEKLY;COUNT=10',
  'EXDATE:20260512T190000Z',
  'SUMMARY:Choir\\, tenor',
  ' s',
  'END:VEVENT',
  'BEGIN:VEVENT',
  'UID:free@example',
  'DTSTART:20260503T190000Z',
  'DTEND:20260503T200000Z',
  'TRANSP:TRANSPARENT',
  'SUMMARY:Birthday',
  'END:VEVENT',
  'BEGIN:VEVENT',
  'UID:day@example',
  'DTSTART;VALUE=DATE:20260509',
  'DTEND;VALUE=DATE:20260511',
  'SUMMARY:Away',
  'END:VEVENT',
  'BEGIN:VEVENT',
  'UID:ever@example',
  'DTSTART:20260601T060000Z',
  'DTEND:20260601T061500Z',
  'RRULE:FREQ=DAILY',
  'SUMMARY:Dog',
  'END:VEVENT',
  'END:VCALENDAR',
].join('\r\n');

describe('busy hours', () => {
  const busy = readBusy(CALENDAR, new Date(NOW), seeded(2));
  const of = (says: string) => busy.filter((one) => one.says === says);

  it('come again by their rule, but not on the days that are left out, nor before today', () => {
    // Ten Tuesdays from 7 April on: six of them from May on, the 12th left out.
    expect(of('Choir, tenors').map(({ from }) => from.slice(0, 10))).toEqual([
      '2026-05-05',
      '2026-05-19',
      '2026-05-26',
      '2026-06-02',
      '2026-06-09',
    ]);
    expect(of('Choir, tenors')[0]?.to).toBe('2026-05-05T20:30:00.000Z');
  });

  it('leave free time free, take whole days, and do not go on for ever', () => {
    expect(of('Birthday')).toEqual([]);
    const [away] = of('Away');
    expect(Date.parse(away?.to ?? '') - Date.parse(away?.from ?? '')).toBe(2 * 86_400_000);
    expect(of('Dog').length).toBeGreaterThan(300);
    expect(of('Dog').length).toBeLessThan(370);
    expect(new Set(busy.map(({ id }) => id)).size).toBe(busy.length);
  });

  it('are refused with what was wrong', () => {
    expect(() => readBusy('a,b,c', new Date(NOW))).toThrow(/BEGIN:VCALENDAR/);
    expect(() => readBusy('BEGIN:VCALENDAR\r\nEND:VCALENDAR', new Date(NOW))).toThrow(/no busy hour/);
    expect(() => readBusy(CALENDAR, new Date('2031-01-01'))).not.toThrow();
    expect(() => readBusy('x'.repeat(6e6), new Date(NOW))).toThrow(/larger/);
  });
});

describe('the days as a table', () => {
  it('holds a row for each step, quoted where it must be', () => {
    const [head, row] = scheduleCsv([STEP]).split('\r\n');
    expect(head).toBe(
      'step,starts,hands off,over,latest start,"at the bench, min","waiting, min",holds it all up',
    );
    expect(row).toBe(
      '"Short bake 1; mugs, “blue” ones",2026-05-01 18:00,2026-05-02 18:20,2026-05-02 19:05,2026-05-03 18:00,140,35,yes',
    );
  });
});
