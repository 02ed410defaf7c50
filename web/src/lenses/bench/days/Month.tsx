import {
  benchSays,
  dateOf,
  minutesOf,
  type PlannedStep,
  type ScheduleFacts,
} from '@every-inch/core/schedule';
import { addDays, differenceInCalendarWeeks, format, isSameDay, startOfDay, startOfWeek } from 'date-fns';

const WEEK = 7;
/** More weeks than this are nobody’s month. */
const MOST_WEEKS = 60;
/** So many steps are named on a day. */
const NAMED = 3;
const MONDAY = { weekStartsOn: 1 } as const;

/** One day of the month. */
export interface DayOfMonth {
  readonly at: Date;
  /** What is worked on, in order. */
  readonly steps: readonly PlannedStep[];
  readonly handsMin: number;
  /** What is only waited for: in the oven, drying. */
  readonly waits: number;
}

/** Whole weeks, Monday first, from today’s to the one in which the last is over and due. */
export function weeksOf({ steps, now, end, due }: ScheduleFacts): DayOfMonth[][] {
  const first = startOfWeek(dateOf(now), MONDAY);
  const last = dateOf(Math.max(end, due ?? end));
  const weeks = Math.min(MOST_WEEKS, differenceInCalendarWeeks(last, first, MONDAY) + 1);
  return Array.from({ length: weeks }, (_, week) =>
    Array.from({ length: WEEK }, (_, day): DayOfMonth => {
      const at = addDays(first, week * WEEK + day);
      const [from, to] = [minutesOf(at), minutesOf(addDays(at, 1))];
      const hands = (step: PlannedStep) =>
        step.sittings.reduce(
          (sum, one) => sum + Math.max(0, Math.min(one.to, to) - Math.max(one.from, from)),
          0,
        );
      const on = steps.filter((step) => hands(step) >= 1);
      return {
        at,
        steps: on,
        handsMin: on.reduce((sum, step) => sum + hands(step), 0),
        waits: steps.filter(({ waitFrom, done }) => done - waitFrom >= 1 && waitFrom < to && done > from)
          .length,
      };
    }),
  );
}

interface DayProps {
  readonly day: DayOfMonth;
  readonly facts: ScheduleFacts;
  readonly onSelect: (id: string) => void;
}

function Day({ day, facts, onSelect }: DayProps) {
  const { at, steps, handsMin, waits } = day;
  const isPast = at < startOfDay(dateOf(facts.now));
  const isToday = isSameDay(at, dateOf(facts.now));
  const isDue = facts.due !== null && isSameDay(at, dateOf(facts.due));
  const isEnd = isSameDay(at, dateOf(facts.end));
  return (
    <td className={`h-20 border border-hair p-1 align-top ${isPast ? 'opacity-40' : ''}`}>
      <div className="flex flex-wrap items-baseline gap-x-1.5 text-[11.5px]">
        <span className={`figure ${isToday ? 'font-semibold text-fired' : 'text-quiet'}`}>
          {format(at, at.getDate() === 1 || isToday ? 'd MMM' : 'd')}
        </span>
        {isDue && <strong className="text-[11.5px]">due</strong>}
        {isEnd && <span className="text-fits">all done</span>}
        {handsMin > 0 && <span className="figure ml-auto max-md:hidden">{benchSays(handsMin)}</span>}
      </div>
      {/* On a phone a day is a bar as long as its work. */}
      {handsMin > 0 && (
        <div
          aria-hidden
          className="mt-1 h-1.5 bg-raw md:hidden"
          style={{ width: `${Math.min(100, handsMin / 3)}%` }}
        />
      )}
      <ul className="max-md:hidden">
        {steps.slice(0, NAMED).map(({ id, title, heldBy }) => (
          <li key={id}>
            <button
              type="button"
              className={`block w-full truncate text-left text-[12px] hover:underline ${heldBy === null ? '' : 'text-fired'}`}
              onClick={() => onSelect(id)}
            >
              {title}
            </button>
          </li>
        ))}
      </ul>
      <div className="text-[11.5px] text-quiet max-md:hidden">
        {steps.length > NAMED && `${steps.length - NAMED} more`}
        {steps.length > NAMED && waits > 0 && ', '}
        {waits > 0 && `${waits} waiting`}
      </div>
    </td>
  );
}

/** The weeks till it is over: what is worked on each day, for how long, and what is only waited for. */
export function Month({ facts, onSelect }: Omit<DayProps, 'day'>) {
  const weeks = weeksOf(facts);
  return (
    <table className="w-full table-fixed border-collapse" aria-label="Weeks">
      <thead>
        <tr>
          {weeks[0]?.map(({ at }) => (
            <th
              key={at.getTime()}
              scope="col"
              className="pb-1 text-left text-[11.5px] font-normal text-quiet"
            >
              {format(at, 'EEE')}
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {weeks.map((week) => (
          <tr key={week[0]?.at.getTime()}>
            {week.map((day) => (
              <Day key={day.at.getTime()} day={day} facts={facts} onSelect={onSelect} />
            ))}
          </tr>
        ))}
      </tbody>
    </table>
  );
}
