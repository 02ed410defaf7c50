import type { RouteStep } from '../piece/index.ts';
import type { Constraint } from './constraints.ts';

/** Where every bake stands, by part; a bake of no part takes all. */
type Bakes = ReadonlyMap<string, readonly number[]>;

/** An order of the steps: which place each has, and where the bakes of every part lie. */
export interface Order {
  readonly place: Int32Array;
  readonly bakes: Bakes;
}

/** @param order places in the list of steps, in the order they are to be done; the list as it is when left out */
export function orderOf(
  steps: readonly RouteStep[],
  order: readonly number[] = steps.map((_, i) => i),
): Order {
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

/** Places of the bakes of any of a step’s parts. */
export function* bakesOf({ bakes }: Order, step: RouteStep | undefined): Iterable<number> {
  if (!step) return;
  yield* bakes.get('') ?? [];
  if (step.parts.length === 0) for (const list of bakes.values()) yield* list;
  for (const part of step.parts) yield* bakes.get(part) ?? [];
}

function bakeWithin(order: Order, step: RouteStep | undefined, low: number, high: number): boolean {
  for (const at of bakesOf(order, step)) if (at > low && at < high) return true;
  return false;
}

/** Whether an order keeps what a constraint asks. */
export function keeps(steps: readonly RouteStep[], order: Order, constraint: Constraint): boolean {
  const { mode, first, second, among = [] } = constraint;
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
    case 'cured':
      return bakeWithin(order, one, -1, a);
    case 'raw': {
      const laid = among.map((skin) => order.place[skin] ?? 0).filter((at) => at < a);
      return laid.length === 0 || laid.some((at) => !bakeWithin(order, one, at, a));
    }
    case 'hot':
      return a < b || among.some((cool) => (order.place[cool] ?? 0) < a);
  }
}

/** The constraints that an order does not keep. */
export function broken(
  steps: readonly RouteStep[],
  order: Order,
  constraints: readonly Constraint[],
): Constraint[] {
  return constraints.filter((one) => !keeps(steps, order, one));
}
