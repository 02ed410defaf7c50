import { differenceInCalendarDays, parseISO } from 'date-fns';
import type { PieceContext } from '../context/index.ts';
import { figure, type Reckoning, termFrom, type Verdict } from '../reckoning/index.ts';
import { BRIEF } from './figures.ts';

function judgeDays(days: number): Verdict {
  if (days < 0)
    return {
      level: 'stop',
      wording: 'state',
      says: `due ${-days} ${days === -1 ? 'day' : 'days'} ago`,
      waysOut: [{ says: 'agree a new day, and enter it' }],
    };
  if (days < 2)
    return {
      level: 'doubtful',
      wording: 'state',
      says: days === 0 ? 'due today' : 'due tomorrow',
      waysOut: [{ says: 'leave time for the last bake to cool before it travels' }],
    };
  return { level: 'good', wording: 'state', says: `${days} days to go`, waysOut: [] };
}

/** Days and bench hours left until the piece is due; empty when no day was entered. */
export function reckonBrief({ piece, now }: PieceContext): Reckoning[] {
  const { due, hoursPerDay } = piece.brief;
  if (!due) return [];
  const left = differenceInCalendarDays(parseISO(due), parseISO(now));
  const days = figure(BRIEF.days, { part: null, value: left, terms: [], verdict: judgeDays(left) });
  if (hoursPerDay === null) return [days];
  const hours = figure(BRIEF.hours, {
    part: null,
    value: Math.max(0, left) * hoursPerDay,
    terms: [
      termFrom('d', days),
      {
        symbol: 'p',
        name: 'Hours at the bench a day',
        quantity: { value: hoursPerDay, unit: 'h' },
        origin: { kind: 'entry', path: ['brief', 'hoursPerDay'] },
      },
    ],
  });
  return [days, hours];
}
