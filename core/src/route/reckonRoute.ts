import { closingStep } from '../brief/index.ts';
import type { Piece, Route, RouteStep } from '../piece/index.ts';
import {
  type FigureKind,
  figure,
  type Reckoning,
  type Term,
  termFrom,
  type Verdict,
  type WayOut,
} from '../reckoning/index.ts';
import { compareRoutes } from './compare.ts';
import type { OrderGround } from './constraints.ts';
import { ROUTE } from './figures.ts';
import { judgeRoute, putInOrder, type RouteJudged } from './judgeRoute.ts';
import { orderGround } from './orderGround.ts';
import { type FollowedRoute, routeOf } from './propose.ts';
import { type ProposeGround, stepId } from './proposedSteps.ts';
import { StepTime } from './timing.ts';

/** What is known of the route of a piece, as plain data. */
export interface RouteFacts {
  readonly route: Route;
  /** What is proposed, which the maker’s route follows. */
  readonly proposed: Route;
  /** Whether the maker has taken it over. */
  readonly isOwn: boolean;
  readonly judged: RouteJudged;
  /** What is to be looked at before a step, by the step. */
  readonly heeds: ReadonlyMap<string, readonly Verdict[]>;
  /** Of the clay of its part, the share that a step of some regions lays. */
  readonly shares: ReadonlyMap<string, number>;
  /** Minutes of every step. */
  readonly times: ReadonlyMap<
    string,
    { readonly handsMin: number; readonly waitMin: number; readonly reckonedMin: number }
  >;
}

/** The route of a piece with its times and how its order stands. */
export interface RouteReckoned {
  readonly route: Route;
  readonly proposed: Route;
  readonly heeds: RouteFacts['heeds'];
  readonly shares: RouteFacts['shares'];
  /** What a proposal for it leans on. */
  readonly ground: ProposeGround;
  /** Whether the maker has taken it over. */
  readonly isOwn: boolean;
  readonly times: ReadonlyMap<string, StepTime>;
  readonly judged: RouteJudged;
  /** What its order is held against besides the steps. */
  readonly held: OrderGround;
  /** Steps that put a thing on or in, by the part they do it to, with their places. */
  readonly puts: ReadonlyMap<string, readonly { readonly step: RouteStep; readonly at: number }[]>;
  readonly figures: readonly Reckoning[];
}

function total(
  kind: FigureKind,
  what: 'handsMin' | 'waitMin',
  steps: readonly RouteStep[],
  times: ReadonlyMap<string, StepTime>,
): Reckoning {
  const open = steps.filter(({ done }) => done === null);
  const sumOf = (minutes: (time: StepTime) => number) =>
    open.reduce((all, { id }) => {
      const time = times.get(id);
      return all + (time ? minutes(time) : 0);
    }, 0);
  const sum = sumOf((time) => time[what]);
  const isHands = what === 'handsMin';
  const [low, high] = isHands
    ? [sumOf(({ handsRange }) => handsRange.low), sumOf(({ handsRange }) => handsRange.high)]
    : [sum, sum];
  const range = high > low ? { low, high } : {};
  const term: Term = {
    symbol: 't',
    name: 'Minutes of the steps not yet done',
    quantity: { value: sum, unit: 'min', ...range },
    origin: { kind: 'shape', says: `${open.length} steps, each with its own working` },
  };
  return figure(kind, {
    part: null,
    value: sum / 60,
    ...(high > low ? { low: low / 60, high: high / 60 } : {}),
    terms: [term],
  });
}

/** Of each step of some regions, the share of its part’s clay that it lays. */
function sharesOf({ steps }: Route, { shareOf, passes }: ProposeGround): Map<string, number> {
  const ofPass = (part: string, id: string) =>
    passes(part).find(({ pass }) => id === stepId('skin', part, pass))?.share;
  return new Map(
    steps.flatMap(({ id, kind, parts: [part, ...more], regions }): [string, number][] =>
      kind === 'skin' && part !== undefined && more.length === 0 && regions.length > 0
        ? [[id, ofPass(part, id) ?? shareOf(part, regions)]]
        : [],
    ),
  );
}

/** Decisions that are open at the step that closes them. */
function heedsOf({ steps }: Route, { piece }: ProposeGround): Map<string, Verdict[]> {
  const found = new Map<string, Verdict[]>();
  for (const decision of piece.decisions) {
    if (decision.answer !== '') continue;
    const at = closingStep(steps, decision);
    if (!at) continue;
    const isDone = at.done !== null;
    const verdict: Verdict = {
      level: isDone ? 'stop' : 'doubtful',
      wording: 'state',
      says: isDone
        ? `done while this was open: ${decision.question}`
        : `to be settled before: ${decision.question}`,
      waysOut: [
        {
          says: isDone
            ? 'settle it as the work has, and look whether it shows'
            : 'write the answer down at Brief',
        },
      ],
    };
    found.set(at.id, [...(found.get(at.id) ?? []), verdict]);
  }
  return found;
}

/** The hours of the route against those that are left at the bench; that they fit is no answer: when all is done the schedule says. */
function judgeHours(hands: Reckoning, left: Reckoning): Verdict | undefined {
  const over = hands.quantity.value - left.quantity.value;
  const margin = { value: -over, unit: 'h' } as const;
  const ways = [
    { says: 'give it more hours a day, or a later date, at Brief' },
    { says: 'leave parts out, or take a quicker way for those behind' },
  ];
  if (over > 0)
    return {
      level: 'stop',
      wording: 'room',
      says: `${over.toFixed(0)} h more than are left till it is due`,
      margin,
      waysOut: ways,
    };
  return over > -TIGHT * left.quantity.value
    ? {
        level: 'doubtful',
        wording: 'room',
        says: 'nearly all the hours that are left',
        margin,
        waysOut: ways,
      }
    : undefined;
}

/** Parts of clay that no step of the maker’s route puts clay on, such as one that came in later. */
function reckonMissing(
  ground: ProposeGround,
  { route, proposed }: FollowedRoute,
  isOwn: boolean,
): Reckoning[] {
  const { piece, isClay } = ground;
  const skins = route.steps.filter(({ kind }) => kind === 'skin');
  if (!isOwn || skins.some(({ parts }) => parts.length === 0)) return [];
  const made = new Set<string>(skins.flatMap(({ parts }) => parts));
  const missing = piece.parts.filter(({ id, state }) => isClay(id) && state === 'planned' && !made.has(id));
  if (missing.length === 0) return [];
  const names = missing.slice(0, MOST_NAMED).map(({ name }) => name);
  const more = missing.length - names.length;
  return [
    figure(ROUTE.missing, {
      part: null,
      value: missing.length,
      terms: [],
      verdict: {
        level: 'doubtful',
        wording: 'state',
        says: `${names.join(', ')}${more > 0 ? ` and ${more} more` : ''}`,
        waysOut: [
          {
            says: 'take over what the proposal has for them',
            change: { path: ['route'], value: compareRoutes(route, proposed).route },
          },
          { says: 'put steps of clay in for them by hand' },
        ],
      },
    }),
  ];
}

/** So many parts are told by name. */
const MOST_NAMED = 3;

/** With less than this share of the hours to spare it is tight. */
const TIGHT = 0.1;

const IN_ORDER: Verdict = {
  level: 'good',
  wording: 'state',
  says: 'everything comes when it can',
  waysOut: [],
};

/** What stops at a load of the oven stops the route there, though its order holds. */
function stoppedAtOven({ steps }: Route, { ovenMin }: ProposeGround): Verdict | null {
  for (const { id, title } of steps)
    for (const { verdict } of ovenMin(id))
      if (verdict?.level === 'stop') return { ...verdict, says: `in order, but “${title}”: ${verdict.says}` };
  return null;
}

/** In order, but with something to be looked at. */
function checked({ checks: [first, ...more] }: RouteJudged): Verdict | null {
  if (!first) return null;
  return {
    level: 'doubtful',
    wording: 'state',
    says: `${first.says}${more.length > 0 ? `, and ${more.length} more` : ''}`,
    waysOut: [{ says: 'try it on a swatch first' }, { says: 'move one of the two at Bench' }],
  };
}

function judgeOrder({ judged, route, held, isOwn, ground }: Omit<RouteReckoned, 'figures'>): Verdict {
  if (judged.loop)
    return {
      level: 'stop',
      wording: 'state',
      says: `these wait for each other in a ring: ${judged.loop.join(' → ')}`,
      waysOut: [
        { says: 'take out one of the links between them' },
        { says: 'go back to the proposed route', change: { path: ['route'], value: null } },
      ],
    };
  const [first] = judged.faults;
  if (!first) return stoppedAtOven(route, ground) ?? checked(judged) ?? IN_ORDER;
  const whole = judged.faults.length > 1 ? putInOrder(route, held) : null;
  const ways: WayOut[] = [
    ...(first.repair ? [{ says: first.repair.says, change: first.repair.change }] : []),
    ...(whole ? [{ says: 'put the whole route in order', change: { path: ['route'], value: whole } }] : []),
    ...(isOwn ? [{ says: 'go back to the proposed route', change: { path: ['route'], value: null } }] : []),
  ];
  const more = judged.faults.length - 1;
  return {
    level: 'stop',
    wording: 'state',
    says: `${first.says}${more > 0 ? `, and ${more} more` : ''}`,
    waysOut: ways.length > 0 ? ways : [{ says: 'move one of the two at Bench' }],
  };
}

/** Who improvises is told of what can still be done otherwise: faults of what is done already are behind. */
function forward(judged: RouteJudged, work: Piece['brief']['schools']['work']): RouteJudged {
  if (work === 'plan') return judged;
  const isAhead = ({ steps }: RouteJudged['faults'][number]) => steps.some(({ done }) => done === null);
  return { ...judged, faults: judged.faults.filter(isAhead), checks: judged.checks.filter(isAhead) };
}

/** The route of a piece: its steps, their times, what of its order does not hold, and the figures that follow. */
export function reckonRoute(
  ground: ProposeGround,
  { route, proposed }: FollowedRoute = routeOf(ground),
): RouteReckoned {
  const held = orderGround(route, ground);
  const times = new Map(route.steps.map((step) => [step.id, new StepTime(step, ground)]));
  const judged = forward(judgeRoute(route, held), ground.piece.brief.schools.work);
  const puts = new Map<string, { step: RouteStep; at: number }[]>();
  route.steps.forEach((step, at) => {
    if (step.thing === '') return;
    for (const part of step.parts) puts.set(part, [...(puts.get(part) ?? []), { step, at }]);
  });
  const found = {
    route,
    proposed,
    puts,
    ground,
    isOwn: ground.piece.route !== null,
    times,
    judged,
    held,
    heeds: heedsOf(route, ground),
    shares: sharesOf(route, ground),
  };
  if (route.steps.length === 0) return { ...found, figures: [] };
  const order = figure(ROUTE.order, {
    part: null,
    value: judged.faults.length,
    terms: [],
    verdict: judgeOrder(found),
  });
  const hands = total(ROUTE.hands, 'handsMin', route.steps, times);
  const left = ground.find(null, 'brief.hours');
  const tooLong = left && judgeHours(hands, left);
  return {
    ...found,
    figures: [
      left
        ? {
            ...hands,
            formula: `${hands.formula} against H`,
            terms: [...hands.terms, termFrom('H', left)],
            ...(tooLong ? { verdict: tooLong } : {}),
          }
        : hands,
      total(ROUTE.waits, 'waitMin', route.steps, times),
      order,
      ...reckonMissing(ground, { route, proposed }, found.isOwn),
    ],
  };
}
