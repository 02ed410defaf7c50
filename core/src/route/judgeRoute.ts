import { DEFAULT_STEP, type Route, type RouteStep } from '../piece/index.ts';
import { type Constraint, constraintsOf } from './constraints.ts';
import { loopIn, sortedOrder, titleOf } from './order.ts';

/** Something that the present order does not keep, and the cheapest way to mend it. */
export interface OrderFault {
  readonly first: RouteStep;
  readonly second: RouteStep;
  readonly says: string;
  readonly repair: { readonly says: string; readonly route: Route } | null;
}

/** How a route stands. */
export interface RouteJudged {
  readonly faults: readonly OrderFault[];
  /** Titles of steps that wait for each other in a ring; null when there is none. */
  readonly loop: readonly string[] | null;
}

/** Where every bake stands, by part; a bake of no part takes all. */
type Bakes = ReadonlyMap<string, readonly number[]>;

/** An order of the steps: which place each has, and where the bakes of every part lie. */
interface Order {
  readonly place: Int32Array;
  readonly bakes: Bakes;
}

function orderOf(steps: readonly RouteStep[], order: readonly number[]): Order {
  const place = new Int32Array(steps.length);
  const bakes = new Map<string, number[]>();
  order.forEach((step, at) => {
    place[step] = at;
    const one = steps[step];
    if (one?.kind !== 'bake' || one.way === 'ahead') return;
    for (const part of one.parts.length > 0 ? one.parts : ['']) {
      const list = bakes.get(part);
      if (list) list.push(at);
      else bakes.set(part, [at]);
    }
  });
  return { place, bakes };
}

/** Bakes of any of a step’s parts. */
function* bakesOf({ bakes }: Order, step: RouteStep | undefined): Iterable<number> {
  if (!step) return;
  yield* bakes.get('') ?? [];
  if (step.parts.length === 0) for (const list of bakes.values()) yield* list;
  for (const part of step.parts) yield* bakes.get(part) ?? [];
}

function bakeWithin(order: Order, step: RouteStep | undefined, low: number, high: number): boolean {
  for (const at of bakesOf(order, step)) if (at > low && at < high) return true;
  return false;
}

function keeps(steps: readonly RouteStep[], order: Order, { mode, first, second }: Constraint): boolean {
  const [a, b] = [order.place[first] ?? 0, order.place[second] ?? 0];
  const one = steps[first];
  switch (mode) {
    case 'before':
      return a < b;
    case 'firm':
      return a < b && bakeWithin(order, one, a, b);
    case 'wet':
      return a < b && !bakeWithin(order, one, a, b);
    case 'last':
      return a > b || bakeWithin(order, one, a, b);
    case 'apart':
      return a < b ? bakeWithin(order, one, a, b) : bakeWithin(order, steps[second], b, a);
    case 'baked':
      return bakeWithin(order, one, a, Number.POSITIVE_INFINITY);
  }
}

function broken(steps: readonly RouteStep[], order: Order, constraints: readonly Constraint[]): Constraint[] {
  return constraints.filter((one) => !keeps(steps, order, one));
}

function sayFault(steps: readonly RouteStep[], { mode, first, second, why }: Constraint): string {
  const [a, b] = [`“${titleOf(steps[first])}”`, `“${titleOf(steps[second])}”`];
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
  }
}

/** One move: a step to a new place, the others closing up. */
interface Move {
  readonly step: number;
  readonly to: number;
}

/** Moves that may mend a broken constraint, in the present order of places. */
function movesFor(steps: readonly RouteStep[], { mode, first, second }: Constraint): Move[] {
  // Right before the second, and right behind the first.
  const together: Move[] = [
    { step: first, to: first < second ? second - 1 : second },
    { step: second, to: second < first ? first : first + 1 },
  ];
  const bakes = (of: number) => {
    const order = orderOf(
      steps,
      steps.map((_, i) => i),
    );
    return [...bakesOf(order, steps[of])].sort((a, b) => a - b);
  };
  switch (mode) {
    case 'before':
    case 'wet':
      return together;
    case 'last':
      return [
        { step: first, to: second },
        { step: second, to: first },
      ];
    case 'firm':
    case 'apart': {
      const [a, b] = mode === 'apart' && second < first ? [second, first] : [first, second];
      const after = bakes(a).find((at) => at > a);
      const before = bakes(a).findLast((at) => at < b);
      return [
        ...(after === undefined ? [] : [{ step: b, to: after }]),
        ...(before === undefined ? [] : [{ step: a, to: before }]),
      ];
    }
    case 'baked': {
      const last = bakes(first).at(-1);
      return last === undefined
        ? []
        : [
            { step: first, to: last },
            { step: last, to: first },
          ];
    }
  }
}

/** The order with one step moved. */
function moved(count: number, { step, to }: Move): number[] {
  const rest = Array.from({ length: count }, (_, i) => i).filter((i) => i !== step);
  rest.splice(to, 0, step);
  return rest;
}

function sayMove(steps: readonly RouteStep[], { step, to }: Move): string {
  const there = titleOf(steps[to]);
  return `move “${titleOf(steps[step])}” ${to > step ? 'behind' : 'before'} “${there}”`;
}

/** A bake of a step’s parts put in right behind it. */
function withBake({ steps, relations }: Route, at: number): Route {
  const step = steps[at];
  if (!step) return { steps, relations };
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
  return { relations, steps: [...steps.slice(0, at + 1), bake, ...steps.slice(at + 1)] };
}

const NONE: ReadonlySet<string> = new Set();

/** Only so many faults are given a repair each: with more, the whole is put in order. */
const MOST_REPAIRS = 12;

function repairOf(
  route: Route,
  constraints: readonly Constraint[],
  one: Constraint,
  now: number,
  unbaked: ReadonlySet<string>,
): OrderFault['repair'] {
  const { steps } = route;
  let best: { move: Move; left: number; far: number } | null = null;
  for (const move of movesFor(steps, one)) {
    const order = orderOf(steps, moved(steps.length, move));
    if (move.step === move.to || !keeps(steps, order, one)) continue;
    const left = broken(steps, order, constraints).length;
    const far = Math.abs(move.to - move.step);
    if (left < now && (!best || left < best.left || (left === best.left && far < best.far)))
      best = { move, left, far };
  }
  if (best) {
    const list = moved(steps.length, best.move).flatMap((i) => steps[i] ?? []);
    return { says: sayMove(steps, best.move), route: { ...route, steps: list } };
  }
  if (one.mode === 'firm' || one.mode === 'apart' || one.mode === 'baked') {
    const at = one.mode === 'apart' ? Math.min(one.first, one.second) : one.first;
    const mended = withBake(route, at);
    if (faultsIn(mended, unbaked).length < now)
      return { says: `put a short bake in behind “${titleOf(steps[at])}”`, route: mended };
  }
  return null;
}

function faultsIn(route: Route, unbaked: ReadonlySet<string>): Constraint[] {
  const order = orderOf(
    route.steps,
    route.steps.map((_, i) => i),
  );
  return broken(route.steps, order, constraintsOf(route, unbaked));
}

/**
 * Everything that the order of a route does not keep, each with both steps and the cheapest repair: the move that leaves
 * the fewest faults, and of those the shortest.
 *
 * @param unbaked parts whose clay goes into no oven
 */
export function judgeRoute(route: Route, unbaked: ReadonlySet<string> = NONE): RouteJudged {
  const { steps } = route;
  const constraints = constraintsOf(route, unbaked);
  const ring = loopIn(steps.length, constraints);
  const order = orderOf(
    steps,
    steps.map((_, i) => i),
  );
  const wrong = broken(steps, order, constraints);
  const faults = wrong.flatMap((one, i): OrderFault[] => {
    const [first, second] = [steps[one.first], steps[one.second]];
    if (!first || !second) return [];
    const repair = i < MOST_REPAIRS ? repairOf(route, constraints, one, wrong.length, unbaked) : null;
    return [{ first, second, says: sayFault(steps, one), repair }];
  });
  return { faults, loop: ring ? ring.map((at) => titleOf(steps[at])) : null };
}

/** Most single repairs that putting in order makes after sorting. */
const MOST_ROUNDS = 40;

/**
 * A route put in order as a whole, as near to the present one as may be: first what must come before what, then one repair
 * after another; null when that mends nothing.
 */
export function putInOrder(route: Route, unbaked: ReadonlySet<string> = NONE): Route | null {
  const { steps } = route;
  const constraints = constraintsOf(route, unbaked);
  const present = orderOf(
    steps,
    steps.map((_, i) => i),
  );
  // The last bake of a part is the one its clay is held to come before.
  const held = constraints.flatMap((one): Constraint[] => {
    const last = one.mode === 'baked' ? Math.max(-1, ...bakesOf(present, steps[one.first])) : -1;
    return last < 0 ? [] : [{ ...one, mode: 'before', second: last }];
  });
  const order =
    sortedOrder(steps.length, [...constraints, ...held]) ?? sortedOrder(steps.length, constraints);
  if (!order) return null;
  const before = faultsIn(route, unbaked).length;
  let next: Route = { ...route, steps: order.flatMap((i) => steps[i] ?? []) };
  let left = faultsIn(next, unbaked).length;
  for (let round = 0; left > 0 && round < MOST_ROUNDS; round += 1) {
    const repair = judgeRoute(next, unbaked).faults.find((fault) => fault.repair)?.repair;
    if (!repair) break;
    next = repair.route;
    left = faultsIn(next, unbaked).length;
  }
  return left < before ? next : null;
}
