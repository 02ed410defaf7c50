import { differenceInCalendarDays, parseISO } from 'date-fns';
import type { PieceContext } from '../context/index.ts';
import type { Addition } from '../piece/index.ts';
import { figure, type Reckoning, type Term, type Verdict } from '../reckoning/index.ts';
import { BRIEF } from './figures.ts';

/** Days that an addition takes: bench hours at so many a day, then what it is waited for. */
function daysOf({ hours, waitDays }: Addition, hoursPerDay: number): number {
  return hours / hoursPerDay + waitDays;
}

function inDays(days: number): string {
  return `${days.toFixed(1)} ${days === 1 ? 'day' : 'days'}`;
}

/** Against the days left after what was taken on already. */
function judge(addition: Addition, days: number, left: number | null): Verdict | undefined {
  if (left === null) return undefined;
  const says = `takes ${inDays(days)} of the ${inDays(Math.max(0, left))} left`;
  if (days <= left / 2) return { level: 'good', wording: 'state', says, waysOut: [] };
  const waysOut = [
    ...(addition.accepted
      ? [
          {
            says: 'leave it out after all',
            change: { path: ['additions', addition.id, 'accepted'], value: false },
          },
        ]
      : [{ says: 'leave it out' }]),
    { says: 'agree a later day, and enter it' },
  ];
  if (days <= left) return { level: 'doubtful', wording: 'state', says, waysOut };
  return { level: 'stop', wording: 'state', says: `${says}: more than there are`, waysOut };
}

/**
 * What every addition takes in days, before it is taken on, and what those taken on take together; empty until bench hours
 * a day are entered.
 */
export function reckonAdditions({ piece, now }: PieceContext): Reckoning[] {
  const { due, hoursPerDay } = piece.brief;
  if (hoursPerDay === null || hoursPerDay === 0) return [];
  const untilDue = due ? differenceInCalendarDays(parseISO(due), parseISO(now)) : null;
  const taken = piece.additions.filter(({ accepted }) => accepted);
  const together = taken.reduce((sum, one) => sum + daysOf(one, hoursPerDay), 0);
  const perDay: Term = {
    symbol: 'p',
    name: 'Hours at the bench a day',
    quantity: { value: hoursPerDay, unit: 'h' },
    origin: { kind: 'entry', path: ['brief', 'hoursPerDay'] },
  };
  const each = piece.additions.map((addition) => {
    const days = daysOf(addition, hoursPerDay);
    const others = together - (addition.accepted ? days : 0);
    const entry = (symbol: string, name: string, field: 'hours' | 'waitDays'): Term => ({
      symbol,
      name,
      quantity: { value: addition[field], unit: field === 'hours' ? 'h' : 'days' },
      origin: { kind: 'entry', path: ['additions', addition.id, field] },
    });
    const verdict = judge(addition, days, untilDue === null ? null : untilDue - others);
    // What was not taken on asks for nothing yet: it is judged beside its entry, and heeded once it is.
    return figure(BRIEF.addition, {
      at: addition.id,
      part: null,
      title: addition.name,
      value: days,
      terms: [entry('h', 'Hours at the bench', 'hours'), perDay, entry('w', 'Waiting for it', 'waitDays')],
      ...(verdict && addition.accepted ? { verdict } : {}),
      ...(verdict && !addition.accepted ? { note: verdict.says } : {}),
    });
  });
  if (taken.length === 0) return each;
  return [
    ...each,
    figure(BRIEF.added, {
      part: null,
      value: together,
      formula: `E = ${taken.map((_, i) => `e${i + 1}`).join(' + ')}`,
      terms: taken.map(
        (addition, i): Term => ({
          symbol: `e${i + 1}`,
          name: addition.name,
          quantity: { value: daysOf(addition, hoursPerDay), unit: 'days' },
          origin: { kind: 'reckoning', id: `/addition.${addition.id}` },
        }),
      ),
    }),
  ];
}
