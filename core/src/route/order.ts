import type { Route, RouteStep } from '../piece/index.ts';
import { type Constraint, constraintsOf } from './constraints.ts';

/** Constraints that fix which of two steps comes first, whatever else happens. */
export function isFixed({ mode }: Constraint): boolean {
  return mode === 'before' || mode === 'firm' || mode === 'wet';
}

function nextOf(count: number, constraints: readonly Constraint[]): number[][] {
  const next: number[][] = Array.from({ length: count }, () => []);
  for (const one of constraints) if (isFixed(one)) next[one.first]?.push(one.second);
  return next;
}

/**
 * A loop among steps that must each come before the next; null when there is none.
 *
 * @returns places of the steps, the first again at the end
 */
export function loopIn(count: number, constraints: readonly Constraint[]): number[] | null {
  return ringIn(nextOf(count, constraints));
}

/** A ring among edges; null where there is none. */
export function ringOf(count: number, edges: Iterable<Edge>): number[] | null {
  const next: number[][] = Array.from({ length: count }, () => []);
  for (const [before, after] of edges) next[before]?.push(after);
  return ringIn(next);
}

function ringIn(next: readonly (readonly number[])[]): number[] | null {
  const count = next.length;
  const state = new Uint8Array(count);
  for (let start = 0; start < count; start += 1) {
    if (state[start] !== 0) continue;
    // An own stack: a route of thousands of steps in a row would overflow the engine's.
    const path: { at: number; edge: number }[] = [{ at: start, edge: 0 }];
    state[start] = 1;
    for (let top = path.at(-1); top; top = path.at(-1)) {
      const to = next[top.at]?.[top.edge];
      top.edge += 1;
      if (to === undefined) {
        state[top.at] = 2;
        path.pop();
      } else if (state[to] === 1) {
        const from = path.findIndex(({ at }) => at === to);
        return [...path.slice(from).map(({ at }) => at), to];
      } else if (state[to] === 0) {
        state[to] = 1;
        path.push({ at: to, edge: 0 });
      }
    }
  }
  return null;
}

/** Thrown when a route cannot be put in any order: some steps each wait for the next, round in a ring. */
export class RouteLoopError extends Error {
  override readonly name = 'RouteLoopError';
  readonly code = 'route.loop';
  /** Titles of the steps, the first again at the end. */
  constructor(readonly loop: readonly string[]) {
    super(`that would go round in a ring: ${loop.join(' → ')}. Leave one of these links out`);
  }
}

/**
 * Refuses a route whose steps wait for each other in a ring.
 *
 * @throws {RouteLoopError} with the ring spelled out
 */
export function refuseLoops(route: Route): Route {
  const loop = loopIn(route.steps.length, constraintsOf(route));
  if (loop) throw new RouteLoopError(loop.map((at) => titleOf(route.steps[at])));
  return route;
}

/** A step’s title, or that it is gone. */
export function titleOf(step: RouteStep | undefined): string {
  return step?.title ?? 'a step that is gone';
}

/** Everything that must come before a step, near and far; places in the list. */
export function allBefore(at: number, count: number, constraints: readonly Constraint[]): Set<number> {
  const before: number[][] = Array.from({ length: count }, () => []);
  for (const one of constraints) if (isFixed(one)) before[one.second]?.push(one.first);
  return reached(at, before);
}

/** Everything that must come after a step, near and far; places in the list. */
export function allAfter(at: number, count: number, constraints: readonly Constraint[]): Set<number> {
  return reached(at, nextOf(count, constraints));
}

function reached(from: number, next: readonly (readonly number[])[]): Set<number> {
  const found = new Set<number>();
  const open = [from];
  for (let at = open.pop(); at !== undefined; at = open.pop())
    for (const to of next[at] ?? [])
      if (!found.has(to) && to !== from) {
        found.add(to);
        open.push(to);
      }
  return found;
}

/** One step before another, by their places in the list. */
export type Edge = readonly [before: number, after: number];

/**
 * Steps in an order that keeps some edges, as near to the present one as taking the first that may go each time comes
 * (Kahn 1962).
 *
 * @returns places of the steps; null when they wait for each other in a ring
 */
export function orderKeeping(count: number, edges: Iterable<Edge>): number[] | null {
  const next: number[][] = Array.from({ length: count }, () => []);
  const waits = new Int32Array(count);
  for (const [a, b] of edges) {
    next[a]?.push(b);
    waits[b] = (waits[b] ?? 0) + 1;
  }
  const order: number[] = [];
  const taken = new Uint8Array(count);
  // The first that may go is mostly the very next: looking from the front costs little.
  let front = 0;
  while (order.length < count) {
    while (front < count && taken[front] === 1) front += 1;
    let at = front;
    while (at < count && (taken[at] === 1 || (waits[at] ?? 0) > 0)) at += 1;
    if (at >= count) return null;
    taken[at] = 1;
    order.push(at);
    for (const to of next[at] ?? []) waits[to] = (waits[to] ?? 0) - 1;
  }
  return order;
}

/** The places a step may be moved to with everything else left where it is, first and last, by what is fixed. */
export function legalRange(route: Route, at: number): readonly [number, number] {
  const constraints = constraintsOf(route);
  let [low, high] = [0, route.steps.length - 1];
  for (const one of constraints) {
    if (!isFixed(one)) continue;
    if (one.second === at) low = Math.max(low, one.first < at ? one.first + 1 : one.first);
    if (one.first === at) high = Math.min(high, one.second > at ? one.second - 1 : one.second);
  }
  return [low, high];
}
