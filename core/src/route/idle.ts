import type { Route, RouteStep } from '../piece/index.ts';
import { constraintsOf } from './constraints.ts';
import { allAfter, allBefore } from './order.ts';

/** Kinds that need the oven, or are only waited for. */
const NOT_BY_HAND = ['bake', 'cool'];

/**
 * Steps for the hands while a bake is in the oven: not yet done, not of the things in the oven, not waiting for this bake or
 * for another step that is not done, as many as go into its time.
 *
 * @param bake id of the bake
 * @param minutes it takes, and what each step takes at the bench
 */
export function idleSteps(
  route: Route,
  bake: string,
  minutes: number,
  handsMin: (step: RouteStep) => number,
): RouteStep[] {
  const { steps } = route;
  const at = steps.findIndex(({ id }) => id === bake);
  const here = steps[at];
  if (!here) return [];
  const constraints = constraintsOf(route);
  const after = allAfter(at, steps.length, constraints);
  const inOven = new Set<string>(here.parts);
  const chosen: RouteStep[] = [];
  let left = minutes;
  for (let i = at + 1; i < steps.length && left > 0; i += 1) {
    const step = steps[i];
    if (!step || step.done !== null || after.has(i) || NOT_BY_HAND.includes(step.kind)) continue;
    if (here.parts.length === 0 || step.parts.length === 0 || step.parts.some((part) => inOven.has(part)))
      continue;
    const before = allBefore(i, steps.length, constraints);
    const isReady = [...before].every(
      (b) => b < at || steps[b]?.done !== null || chosen.includes(steps[b] as RouteStep),
    );
    const takes = handsMin(step);
    if (!isReady || takes > left) continue;
    chosen.push(step);
    left -= takes;
  }
  return chosen;
}
