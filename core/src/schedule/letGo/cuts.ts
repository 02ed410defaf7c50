import { format, parseISO, startOfDay } from 'date-fns';
import type { Part, Piece, RouteStep } from '../../piece/index.ts';
import { type OwnValues, sourced } from '../../reckoning/index.ts';
import { practised } from '../../route/index.ts';
import { type DayHours, dateOf } from '../hours/windows.ts';
import type { Taking } from './taking.ts';

/** Something that could be let go. */
export interface Cut {
  readonly id: string;
  readonly says: string;
  /** What is lost by it, in words, and how much: 1 is hardly seen, 6 is a part that is not there. */
  readonly loses: string;
  readonly cost: number;
  readonly taking: Taking;
}

/** What may be let go is looked for in. */
export interface CutGround {
  readonly piece: Piece;
  /** Steps that are still to be done. */
  readonly steps: readonly RouteStep[];
  readonly handsMin: (step: string) => number;
  readonly own: OwnValues;
  readonly hours: DayHours;
  /** Minutes since 1970. */
  readonly now: number;
  readonly due: number | null;
}

/** So many parts, those with most to do, are looked at. */
const MOST_PARTS = 10;
const MOST_DAYS_OFF = 4;
/** Less than this at the bench is no matter, min. */
const LITTLE = 5;

/** Coats that a piece can do without, and what it loses. */
const COATS: readonly (readonly [word: RegExp, loses: string, cost: number])[] = [
  [/dry ?brush|highlight/i, 'less light on the edges', 2],
  [/wash|shade|filter|speckle/i, 'less depth in the folds', 2],
  [/varnish|matt|gloss|satin/i, 'shines as the paint does, and wears', 2.5],
  [/detail/i, 'no painted details', 3],
];

function coatCuts({ steps, handsMin }: CutGround): Cut[] {
  return steps.flatMap((step): Cut[] => {
    const kind = step.kind === 'coat' ? COATS.find(([word]) => word.test(step.title)) : undefined;
    if (!kind || handsMin(step.id) < LITTLE) return [];
    return [
      {
        id: `coat ${step.id}`,
        says: `One coat less: ${step.title}`,
        loses: kind[1],
        cost: kind[2],
        taking: { kind: 'without', steps: [step.id] },
      },
    ];
  });
}

function workCuts({ steps, handsMin }: CutGround): Cut[] {
  return steps.flatMap((step): Cut[] => {
    if (step.kind === 'trial')
      return [
        {
          id: `trial ${step.id}`,
          says: `No swatch first: ${step.title}`,
          loses: 'what is new is tried on the piece itself',
          cost: 1.5,
          taking: { kind: 'without', steps: [step.id] },
        },
      ];
    if (step.kind === 'clean' && handsMin(step.id) >= LITTLE)
      return [
        {
          id: `clean ${step.id}`,
          says: `Leave it as the tool left it: ${step.title}`,
          loses: 'fingerprints and tool marks near to',
          cost: 2,
          taking: { kind: 'without', steps: [step.id] },
        },
      ];
    return [];
  });
}

/** Parts with what is still to be done to each alone, those with most of it first. */
function partsToDo({ piece, steps, handsMin }: CutGround) {
  return piece.parts
    .map((part) => {
      const own = steps.filter(({ parts }) => parts.length === 1 && parts[0] === part.id);
      return { part, own, minutes: own.reduce((sum, { id }) => sum + handsMin(id), 0) };
    })
    .filter(({ minutes }) => minutes >= LITTLE)
    .sort((a, b) => b.minutes - a.minutes)
    .slice(0, MOST_PARTS);
}

/** Whether work on a part has not begun: what is begun is not bought. */
function isUntouched({ id, state }: Part, { route, log }: Piece): boolean {
  return (
    state === 'planned' &&
    !log.some(({ part }) => part === id) &&
    !(route?.steps.some(({ done, parts }) => done !== null && parts.includes(id)) ?? false)
  );
}

function partCuts(ground: CutGround): Cut[] {
  const { piece, own, handsMin } = ground;
  const share = sourced('route.practice', own).value / 100;
  const back = sourced('schedule.plain-back', own).value / 100;
  const bought = sourced('schedule.bought-days', own).value;
  const hasChild = (part: Part) => piece.parts.some(({ parent }) => parent === part.id);
  const isFitted = (part: Part) => piece.fits.some(({ on }) => on === part.id);
  return partsToDo(ground).flatMap(({ part, own: steps }): Cut[] => {
    const { id, name, count } = part;
    const ids = steps.map((step) => step.id);
    const worked = steps.filter(({ kind }) => kind === 'detail' || kind === 'clean' || kind === 'skin');
    const isMany = count > 1 && part.repeat === null;
    const untouched = isUntouched(part, piece);
    const by = (factor: number, some: readonly RouteStep[]) =>
      some.map((step) => ({ step: step.id, handsMin: handsMin(step.id) * factor }));
    return [
      ...(piece.brief.seenFrom !== 'all-round' && worked.length > 0
        ? [
            {
              id: `back ${id}`,
              says: `Leave the back of ${name} plain`,
              loses: piece.brief.seenFrom === 'above' ? 'not seen from above' : 'not seen from the front',
              cost: 1,
              taking: {
                kind: 'shorter' as const,
                steps: by(
                  1 - back,
                  worked.filter(({ kind }) => kind !== 'skin'),
                ),
              },
            },
          ].filter(({ taking }) => taking.steps.length > 0)
        : []),
      ...(isMany && untouched
        ? [
            {
              id: `fewer ${id}`,
              says: `${count - 1} of ${name}, not ${count}`,
              loses: 'changes the brief',
              cost: 4,
              taking: {
                kind: 'fewer' as const,
                part: id,
                count: count - 1,
                steps: by(practised(count - 1, share) / practised(count, share), steps),
              },
            },
          ]
        : []),
      ...(untouched && !part.form.kind.startsWith('person')
        ? [
            {
              id: `bought ${id}`,
              says: `Buy ${name} ready`,
              loses: `not made by you; about ${bought} days on the way`,
              cost: 4,
              taking: { kind: 'bought' as const, part: id, steps: ids },
            },
          ]
        : []),
      ...(untouched && !hasChild(part) && !isFitted(part) && piece.parts.length > 1
        ? [
            {
              id: `out ${id}`,
              says: `Leave ${name} out`,
              loses: 'changes the brief',
              cost: 6,
              taking: { kind: 'left-out' as const, part: id, steps: ids },
            },
          ]
        : []),
    ];
  });
}

function benchCuts({ own, hours, piece, now, due }: CutGround): Cut[] {
  const { plan, usual } = hours;
  const more = sourced('schedule.more-hours', own).value;
  const perDay = Math.min(24, usual + more);
  const today = startOfDay(dateOf(now));
  const last = due === null ? today : dateOf(due);
  const off = plan.off
    .filter(
      ({ of, day }) =>
        of === 'bench' && day >= format(today, 'yyyy-MM-dd') && day <= format(last, 'yyyy-MM-dd'),
    )
    .slice(0, MOST_DAYS_OFF);
  return [
    ...(usual > 0 && perDay > usual
      ? [
          {
            id: 'hours',
            says: `${more} h more at the bench a day: ${perDay}`,
            loses: 'sleep, or whatever else the evening was for',
            cost: 5,
            taking: { kind: 'hours' as const, perDay },
          },
        ]
      : []),
    ...off.map(({ day }) => ({
      id: `day ${day}`,
      says: `Work on ${format(parseISO(day), 'EEE d MMM')} after all`,
      loses: 'a day off',
      cost: 3,
      taking: { kind: 'day-off' as const, day },
    })),
    {
      id: 'help',
      says: plan.hands === 1 ? 'Help at the bench: a second pair of hands' : 'One more pair of hands',
      loses: 'somebody to be shown how',
      cost: 10,
      taking: { kind: 'help' as const, hands: plan.hands + 1 },
    },
    ...piece.additions
      .filter(({ accepted }) => accepted)
      .map((one) => ({
        id: `addition ${one.id}`,
        says: `Not this after all: ${one.name}`,
        loses: 'what was taken on later',
        cost: 2,
        taking: { kind: 'addition' as const, addition: one.id },
      })),
  ];
}

/** Everything that could be let go, or done about the hours, of a piece as it stands. */
export function cutsOf(ground: CutGround): Cut[] {
  return [...workCuts(ground), ...coatCuts(ground), ...partCuts(ground), ...benchCuts(ground)];
}
