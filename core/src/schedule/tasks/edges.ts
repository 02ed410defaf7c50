import type { Route, RouteStep } from '../../piece/index.ts';
import { constraintsOf, type OrderGround } from '../../route/index.ts';

/** Kinds that, done to no part in particular, touch none: a thing bought, a swatch. */
const OF_NONE: readonly RouteStep['kind'][] = ['other', 'trial'];

/** Modes that only say that something lies between, or that the clay is in some state: the way of each part keeps those. */
const OF_STATES: readonly string[] = ['baked', 'cured', 'raw'];

const covers = (a: RouteStep, b: RouteStep): boolean =>
  a.regions.length === 0 || (b.regions.length > 0 && b.regions.every((one) => a.regions.includes(one)));

const meets = (a: RouteStep, b: RouteStep): boolean =>
  a.regions.length === 0 || b.regions.length === 0 || a.regions.some((one) => b.regions.includes(one));

/** The way of every part: its steps one behind the other as the route has them, those of other regions side by side. */
function partEdges(steps: readonly RouteStep[], add: (a: number, b: number) => void): void {
  const parts = new Set(steps.flatMap((step) => step.parts as readonly string[]));
  if (parts.size === 0) parts.add('');
  const open = new Map<string, number[]>([...parts].map((part) => [part, []]));
  steps.forEach((step, at) => {
    if (step.parts.length === 0 && OF_NONE.includes(step.kind)) return;
    for (const part of step.parts.length === 0 ? parts : step.parts) {
      const before = open.get(part) ?? [];
      const left: number[] = [];
      for (const b of before) {
        const other = steps[b] as RouteStep;
        if (meets(step, other)) add(b, at);
        if (!covers(step, other)) left.push(b);
      }
      open.set(part, [...left, at]);
    }
  });
}

/**
 * For each step of a route the places of those that must be over before it: what its order asks, and what is done to the same
 * clay before it. Always in the order of the route, so that there is no ring; what is wrong with that order is told elsewhere.
 */
export function stepsBefore(route: Route, held: OrderGround): number[][] {
  const { steps } = route;
  const before = steps.map(() => new Set<number>());
  const add = (a: number, b: number): void => {
    if (a !== b) before[Math.max(a, b)]?.add(Math.min(a, b));
  };
  const at = new Map(steps.map(({ id }, i) => [id, i]));
  partEdges(steps, add);
  steps.forEach(({ needs }, i) => {
    for (const id of needs) add(at.get(id) ?? i, i);
  });
  for (const { mode, first, second } of constraintsOf(route, held))
    if (!OF_STATES.includes(mode)) add(first, second);
  return before.map((places) => [...places].sort((a, b) => a - b));
}
