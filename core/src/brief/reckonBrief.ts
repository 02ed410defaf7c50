import { addDays, differenceInCalendarDays, parseISO } from 'date-fns';
import type { PieceContext } from '../context/index.ts';
import type { Piece } from '../piece/index.ts';
import { figure, type Reckoning, type Term, termFrom, type Verdict } from '../reckoning/index.ts';
import { windowsOn } from '../schedule/hours/windows.ts';
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
  const perDay: Term = {
    symbol: 'p',
    name: 'Hours at the bench a day',
    quantity: { value: hoursPerDay, unit: 'h' },
    origin: { kind: 'entry', path: ['brief', 'hoursPerDay'] },
  };
  const { week, off, busy } = piece.bench;
  const isEven = week.length === 0 && busy.length === 0 && off.every(({ of }) => of !== 'bench');
  return [
    days,
    isEven
      ? figure(BRIEF.hours, {
          part: null,
          value: Math.max(0, left) * hoursPerDay,
          formula: 'b = max(d, 0) × p',
          terms: [termFrom('d', days), perDay],
        })
      : figure(BRIEF.hours, {
          part: null,
          value: dayByDay(piece, now, Math.max(0, left), hoursPerDay),
          formula: 'b = hours of the bench days until then',
          terms: [termFrom('d', days), perDay],
          note: 'day by day: by the week, days off and busy hours told at Bench',
        }),
  ];
}

/** Hours at the bench on so many days from today on, each as the week, days off and busy hours have it. */
function dayByDay({ bench }: Piece, now: string, days: number, usual: number): number {
  let minutes = 0;
  for (let i = 0; i < days; i += 1)
    for (const { from, to } of windowsOn(addDays(parseISO(now), i), { usual, plan: bench }))
      minutes += to - from;
  return minutes / 60;
}
