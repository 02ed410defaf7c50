import ICAL from 'ical.js';
import ical, { ICalCalendarMethod, ICalEventTransparency } from 'ical-generator';
import { type Busy, MOST_BUSY, newId } from '../../piece/index.ts';
import { CalendarReadError } from '../errors.ts';
import { dateOf } from '../hours/windows.ts';
import type { PlannedStep } from '../reckonSchedule.ts';

const LONGEST_NAME = 100;
/** A rule of a calendar that goes on for ever is followed so far. */
const MOST_DAYS = 366;
const MOST_OF_ONE = 1000;
/** A rule that began long ago is followed to today through so many days at most: some fifty years. */
const MOST_TIMES = 20_000;
/** Larger than any calendar of one person, characters. */
const LARGEST = 5e6;

/**
 * A calendar of the steps of a plan (RFC 5545): sittings at the bench as busy time, what is waited for as free time.
 *
 * @param now ISO, the stamp of the file
 */
export function scheduleIcs(name: string, steps: readonly PlannedStep[], now: string): string {
  const calendar = ical({
    name,
    method: ICalCalendarMethod.PUBLISH,
    prodId: { company: 'Every Inch', product: 'Bench' },
  });
  const stamp = new Date(now);
  for (const step of steps) {
    step.sittings.forEach(({ from, to }, i) => {
      calendar.createEvent({
        id: `${step.id}-${i + 1}@every-inch`,
        start: dateOf(from),
        end: dateOf(to),
        stamp,
        summary:
          step.sittings.length > 1 ? `${step.title} (${i + 1} of ${step.sittings.length})` : step.title,
        transparency: ICalEventTransparency.OPAQUE,
      });
    });
    if (step.done - step.waitFrom >= 1)
      calendar.createEvent({
        id: `${step.id}-waits@every-inch`,
        start: dateOf(step.waitFrom),
        end: dateOf(step.done),
        stamp,
        summary: `${step.title}: ${step.holds === 'oven' ? 'in the oven' : 'waits'}`,
        transparency: ICalEventTransparency.TRANSPARENT,
      });
  }
  return calendar.toString();
}

function isFree(component: ICAL.Component): boolean {
  const value = (name: string) => String(component.getFirstPropertyValue(name) ?? '').toUpperCase();
  return value('transp') === 'TRANSPARENT' || value('status') === 'CANCELLED';
}

/**
 * Busy hours from a calendar (RFC 5545): its events from a moment on, those that come again as often as they do in a year.
 *
 * @param random for the ids of what is read
 * @throws {CalendarReadError} for a file that is none, or has no event in that time
 */
export function readBusy(text: string, from: Date, random: () => number = Math.random): Busy[] {
  if (text.length > LARGEST)
    throw new CalendarReadError('the file is larger than a calendar of one person: leave old years out');
  let root: ICAL.Component;
  try {
    root = ICAL.Component.fromString(text);
  } catch (cause) {
    throw new CalendarReadError(
      'this is no calendar: expected a file of the kind .ics, which begins with BEGIN:VCALENDAR',
      {
        cause,
      },
    );
  }
  const until = new Date(from.getTime() + MOST_DAYS * 86_400_000);
  const found: Busy[] = [];
  for (const component of root.getAllSubcomponents('vevent')) {
    if (isFree(component)) continue;
    const event = new ICAL.Event(component);
    const lasts = event.duration.toSeconds() * 1000;
    const says = (event.summary || 'busy').slice(0, LONGEST_NAME);
    const push = (time: ICAL.Time): boolean => {
      const start = time.toJSDate();
      if (start > until) return false;
      const end = new Date(start.getTime() + lasts);
      if (end > from && end > start)
        found.push({ id: newId('busy', random), from: start.toISOString(), to: end.toISOString(), says });
      return true;
    };
    if (!event.startDate) continue;
    if (!event.isRecurring()) push(event.startDate);
    else {
      const times = event.iterator();
      const before = found.length;
      for (let i = 0; i < MOST_TIMES && found.length - before < MOST_OF_ONE; i += 1) {
        const next = times.next();
        if (!next || !push(next)) break;
      }
    }
  }
  if (found.length === 0) throw new CalendarReadError('the calendar has no busy hour from today on');
  return found.sort((a, b) => a.from.localeCompare(b.from)).slice(0, MOST_BUSY);
}
