import type { PartId } from '../../record/index.ts';
import type { Aid, Route, RouteStep } from './classes.ts';

/** A route in which nothing leads to a step that is not there. */
export function withoutLooseLinks(route: Route): Route {
  const there = new Set(route.steps.map(({ id }) => id));
  return {
    ...route,
    steps: route.steps.map((step) =>
      step.needs.every((id) => there.has(id))
        ? step
        : { ...step, needs: step.needs.filter((id) => there.has(id)) },
    ),
    relations: route.relations.filter(
      ({ first, second }) => first !== second && there.has(first) && there.has(second),
    ),
  };
}

/** Aids without some parts: one that helped them alone goes with them. */
export function aidsWithoutParts(aids: readonly Aid[], isGone: (id: PartId) => boolean): Aid[] {
  return aids.flatMap((aid) => {
    if (!aid.parts.some(isGone)) return [aid];
    const kept = aid.parts.filter((id) => !isGone(id));
    return kept.length === 0 ? [] : [{ ...aid, parts: kept }];
  });
}

/**
 * A route without some parts: steps that were theirs alone go, those that put on what is not there, and what led to them.
 *
 * @param things what can be put on: parts and what is let into them
 */
export function routeWithoutParts(
  route: Route,
  things: ReadonlySet<string>,
  isGone: (id: PartId) => boolean,
): Route {
  const isLost = ({ thing }: RouteStep) => thing !== '' && !things.has(thing);
  if (!route.steps.some((step) => isLost(step) || step.parts.some(isGone))) return route;
  const steps = route.steps.flatMap((step) => {
    if (isLost(step)) return [];
    if (!step.parts.some(isGone)) return [step];
    const kept = step.parts.filter((id) => !isGone(id));
    return kept.length === 0 ? [] : [{ ...step, parts: kept }];
  });
  return withoutLooseLinks({ ...route, steps });
}
