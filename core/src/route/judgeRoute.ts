import { DEFAULT_STEP, type Route, type RouteStep } from '../piece/index.ts';
import type { OfferedChange } from '../reckoning/index.ts';
import { cheapestOrder } from './cheapest.ts';
import {
  type Constraint,
  constraintsOf,
  type OrderGround,
  PLAIN_GROUND,
  weighedConstraints,
} from './constraints.ts';
import { removeStep } from './editRoute.ts';
import { seenSays } from './grades.ts';
import { loopIn, titleOf } from './order.ts';
import { candidates, inOrder, isAhead, type Move, moved, sayMove } from './orderMoves.ts';
import { broken, keeps, orderOf } from './placing.ts';
import { folded, idleBakes, madeTwice } from './spare.ts';

/** Something that the present order does not keep, told once for all steps it concerns, and the cheapest way to mend it. */
export interface OrderFault {
  readonly first: RouteStep;
  readonly second: RouteStep;
  /** All it concerns, those two among them. */
  readonly steps: readonly RouteStep[];
  readonly says: string;
  readonly repair: OrderRepair | null;
  /** The rule it breaks with what is put on, where the maker may have seen how that goes. */
  readonly of: Constraint['of'] | null;
}

/** A change that mends a fault, and the route as it then is. */
export interface OrderRepair {
  readonly says: string;
  readonly route: Route;
  /** What is changed in the piece; the route itself where nothing lighter does it. */
  readonly change: OfferedChange;
}

/** How a route stands. */
export interface RouteJudged {
  readonly faults: readonly OrderFault[];
  /** What often goes wrong and is only to be looked at. */
  readonly checks: readonly OrderFault[];
  /** Titles of steps that wait for each other in a ring; null when there is none. */
  readonly loop: readonly string[] | null;
}

/** So many steps are told by name. */
const MOST_TOLD = 3;

function listed(names: readonly string[]): string {
  const told = names.slice(0, names.length > MOST_TOLD ? MOST_TOLD - 1 : MOST_TOLD);
  const more = names.length - told.length;
  const words = [...told.map((name) => `“${name}”`), ...(more > 0 ? [`${more} more`] : [])];
  const last = words.pop() ?? '';
  return words.length > 0 ? `${words.join(', ')} and ${last}` : last;
}

function sayFault(steps: readonly RouteStep[], group: readonly Constraint[]): string {
  const [one] = group;
  if (!one) return '';
  const { mode, why } = one;
  const titles = (places: readonly number[]) => listed([...new Set(places)].map((at) => titleOf(steps[at])));
  const a = titles(group.map(({ first }) => first));
  const b = titles(group.map(({ second }) => second));
  const are = (single: string, many: string) =>
    new Set(group.map(({ first }) => first)).size > 1 ? many : single;
  switch (mode) {
    case 'before':
      return `${a} must come before ${b}: ${why}`;
    case 'firm':
      return `${a} must be baked before ${b}: ${why}`;
    case 'wet':
      return `${a} must come before ${b} with no bake between: ${why}`;
    case 'last':
      return `${a} must come after ${b}, or be baked between: ${why}`;
    case 'apart':
      return `${a} and ${b} want a bake between them: ${why}`;
    case 'baked':
      return `after ${a} no bake is left: ${why}`;
    case 'cured':
      return `${a} ${are('wants', 'want')} a bake before: ${why}`;
    case 'raw':
      return `${a} ${are('comes', 'come')} after the bake that fixes the clay: ${why}`;
    case 'hot':
      return `${a} ${are('comes', 'come')} before what is out of ${b} has cooled: ${why}`;
  }
}

/** A bake of a step’s parts put in right behind it. */
function withBake(route: Route, at: number): Route {
  const { steps } = route;
  const step = steps[at];
  if (!step) return route;
  const taken = new Set(steps.map(({ id }) => id));
  let n = 1;
  while (taken.has(`bake-between-${n}`)) n += 1;
  const bake: RouteStep = {
    ...DEFAULT_STEP,
    id: `bake-between-${n}`,
    kind: 'bake',
    way: 'set',
    title: `Short bake after ${step.title}`.slice(0, 200),
    parts: step.parts,
    regions: [],
    needs: [],
  };
  return { ...route, steps: [...steps.slice(0, at + 1), bake, ...steps.slice(at + 1)] };
}

/** Only so many faults are given a repair each: with more, the whole is put in order. */
const MOST_REPAIRS = 12;

const asRepair = (says: string, route: Route): OrderRepair => ({
  says,
  route,
  change: { path: ['route'], value: route },
});

/** Modes that a bake put in between mends. */
const WANTS_BAKE: readonly Constraint['mode'][] = ['firm', 'apart', 'baked'];

function repairOf(
  route: Route,
  constraints: readonly Constraint[],
  group: readonly Constraint[],
  now: number,
  ground: OrderGround,
): OrderRepair | null {
  const { steps } = route;
  let best: { move: Move; left: number; far: number } | null = null;
  for (const one of group)
    for (const move of candidates(steps, one)) {
      if (move.step === move.to || !isAhead(steps, move)) continue;
      const order = orderOf(steps, moved(steps.length, move));
      if (!keeps(steps, order, one)) continue;
      const left = broken(steps, order, constraints).length + spareIn(inOrder(steps, move));
      const far = Math.abs(move.to - move.step);
      if (left < now && (!best || left < best.left || (left === best.left && far < best.far)))
        best = { move, left, far };
    }
  if (best) {
    return asRepair(sayMove(steps, best.move), { ...route, steps: inOrder(steps, best.move) });
  }
  const [one] = group;
  if (!one) return null;
  const at = one.mode === 'apart' ? Math.min(one.first, one.second) : one.first;
  const other: readonly [string, Route] | null = WANTS_BAKE.includes(one.mode)
    ? [`put a short bake in behind “${titleOf(steps[at])}”`, withBake(route, at)]
    : one.mode === 'raw'
      ? [
          `make “${titleOf(steps[at])}” work on cured clay: sand or carve it`,
          {
            ...route,
            steps: steps.map((step, i) => (i === at ? { ...step, kind: 'sand', own: true } : step)),
          },
        ]
      : null;
  return other && faultCount(other[1], ground) < now ? asRepair(...other) : null;
}

function brokenIn(route: Route, ground: OrderGround): Constraint[] {
  return broken(route.steps, orderOf(route.steps), constraintsOf(route, ground));
}

/** Bakes over nothing new and things done twice. */
function spareIn(steps: readonly RouteStep[]): number {
  return idleBakes(steps).length + madeTwice(steps).length;
}

/** How much of a route does not hold: pairs out of order, bakes over nothing new, things done twice. */
export function faultCount(route: Route, ground: OrderGround = PLAIN_GROUND): number {
  return brokenIn(route, ground).length + spareIn(route.steps);
}

/** Faults of one cause together: of the same mode and reason, with one step in common. */
function grouped(wrong: readonly Constraint[]): Constraint[][] {
  const by = (key: (one: Constraint) => string, list: readonly Constraint[]) => {
    const found = new Map<string, Constraint[]>();
    for (const one of list) {
      const of = found.get(key(one));
      if (of) of.push(one);
      else found.set(key(one), [one]);
    }
    return found;
  };
  const bySecond = by(
    ({ mode, why, first, second }) => `${mode} ${why} ${first === second ? '' : second}`,
    wrong,
  );
  const single = [...bySecond.values()].flatMap((list) => (list.length === 1 ? list : []));
  const byFirst = by(({ mode, why, first }) => `${mode} ${why} ${first}`, single);
  const groups = [...[...bySecond.values()].filter((list) => list.length > 1), ...byFirst.values()];
  const place = (list: readonly Constraint[]) => wrong.indexOf(list[0] as Constraint);
  return groups.sort((a, b) => place(a) - place(b));
}

/** Bakes over nothing new and things done twice, with what leaves one of the two out. */
function spareFaults(route: Route): OrderFault[] {
  const { steps } = route;
  return [
    ...idleBakes(steps).flatMap(([before, bake]): OrderFault[] => {
      const [first, second] = [steps[before], steps[bake]];
      if (!first || !second) return [];
      const { route: without, kept } = folded(route, before, bake);
      return [
        {
          first,
          second,
          steps: [first, second],
          says: `between “${first.title}” and “${second.title}” nothing new comes on: the two are one bake`,
          repair: asRepair(`bake once: keep “${kept}”`, without),
          of: null,
        },
      ];
    }),
    ...madeTwice(steps).flatMap(([before, again]): OrderFault[] => {
      const [first, second] = [steps[before], steps[again]];
      if (!first || !second) return [];
      return [
        {
          first,
          second,
          steps: [first, second],
          says: `“${second.title}” does again what “${first.title}” has done`,
          repair: asRepair(`take out “${second.title}”`, removeStep(route, second.id)),
          of: null,
        },
      ];
    }),
  ];
}

/** What often goes wrong as the order is, told once for one cause. */
function checksOf(steps: readonly RouteStep[], all: readonly Constraint[]): OrderFault[] {
  const checks = all.filter(({ of }) => of?.grade === 'check');
  return grouped(broken(steps, orderOf(steps), checks)).flatMap((group): OrderFault[] => {
    const [one] = group;
    const [first, second] = [steps[one?.first ?? -1], steps[one?.second ?? -1]];
    if (!one?.of || !first || !second) return [];
    const seen = seenSays(one.of.seen);
    const says = `“${first.title}” comes after “${second.title}”, which often goes wrong: ${one.why}${seen && `; ${seen}`}`;
    return [{ first, second, steps: [second], says, repair: null, of: one.of }];
  });
}

/**
 * Everything that the order of a route does not keep, what has one cause told once, each with the cheapest repair: the move
 * that leaves the fewest faults, and of those the shortest.
 */
export function judgeRoute(route: Route, ground: OrderGround = PLAIN_GROUND): RouteJudged {
  const { steps } = route;
  const all = weighedConstraints(route, ground);
  const constraints = all.filter(({ of }) => of?.grade !== 'check');
  const ring = loopIn(steps.length, constraints);
  const wrong = broken(steps, orderOf(steps), constraints);
  const now = wrong.length + spareIn(steps);
  const faults = grouped(wrong).flatMap((group, i): OrderFault[] => {
    const [one] = group;
    const [first, second] = [steps[one?.first ?? -1], steps[one?.second ?? -1]];
    if (!one || !first || !second) return [];
    const later = ground.burns.get(second.id)?.later;
    const repair = i < MOST_REPAIRS ? repairOf(route, constraints, group, now, ground) : null;
    const places = [...new Set(group.flatMap((of) => [of.first, of.second]))];
    return [
      {
        first,
        second,
        steps: places.flatMap((at) => steps[at] ?? []),
        says: sayFault(steps, group),
        repair:
          repair && later && one.why === ground.burns.get(second.id)?.says ? { ...repair, ...later } : repair,
        of: one.of ?? null,
      },
    ];
  });
  return {
    faults: [...faults, ...spareFaults(route)],
    checks: checksOf(steps, all),
    loop: ring ? ring.map((at) => titleOf(steps[at])) : null,
  };
}

/** Most single repairs that putting in order makes where no whole order was found. */
const MOST_ROUNDS = 40;

/** Whether an order leaves what is done in its places at the front as it was. */
function keepsDone(steps: readonly RouteStep[], order: readonly number[]): boolean {
  const lastDone = steps.findLastIndex(({ done }) => done !== null);
  return order.slice(0, lastDone + 1).every((place, i) => place === i);
}

/**
 * A route put in order as a whole: bakes over nothing new and what is done twice are left out, then as few steps as may be
 * are moved; where moves alone do not do it, bakes are put in one after another. Null when that mends nothing.
 */
export function putInOrder(route: Route, ground: OrderGround = PLAIN_GROUND): Route | null {
  const before = faultCount(route, ground);
  let next = withoutSpare(route);
  let left = next === route ? before : faultCount(next, ground);
  for (let round = 0; round < MOST_ROUNDS && left > 0; round += 1) {
    const found = cheapestOrder(next.steps, constraintsOf(next, ground));
    const { steps } = next;
    const mended =
      found && keepsDone(steps, found.order)
        ? withoutSpare({ ...next, steps: found.order.flatMap((i) => steps[i] ?? []) })
        : judgeRoute(next, ground).faults.find(
            ({ repair }) => repair && faultCount(repair.route, ground) < left,
          )?.repair?.route;
    if (!mended) break;
    next = mended;
    left = faultCount(next, ground);
  }
  return left < before ? next : null;
}

function withoutSpare(route: Route): Route {
  let next = route;
  for (let round = 0; round < MOST_ROUNDS; round += 1) {
    const [fault] = spareFaults(next);
    if (!fault?.repair) return next;
    next = fault.repair.route;
  }
  return next;
}
