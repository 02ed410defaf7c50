import {
  DEFAULT_STEP,
  MOST_STEPS,
  newId,
  type RelationKind,
  type Route,
  type RouteStep,
  type StepKind,
} from '../piece/index.ts';
import { STEP_TITLES } from './kinds.ts';
import { refuseLoops } from './order.ts';

/** Thrown for a change of a route that makes no sense; the message says what would. */
export class RouteEditError extends Error {
  override readonly name = 'RouteEditError';
  readonly code = 'route.edit';
}

function placeOf({ steps }: Route, id: string): number {
  const at = steps.findIndex((step) => step.id === id);
  if (at < 0) throw new RouteEditError(`there is no step “${id}” in this route`);
  return at;
}

/** A route with a step moved to a place, the others closing up; places beyond the ends are the ends. */
export function moveStep(route: Route, id: string, to: number): Route {
  const at = placeOf(route, id);
  const steps = [...route.steps];
  const [step] = steps.splice(at, 1);
  if (step) steps.splice(Math.max(0, Math.min(steps.length, Math.round(to))), 0, step);
  return { ...route, steps };
}

/**
 * A route in which a step is new to the maker: it is tried on a swatch before anything that is still open, so that what dries
 * slowly has dried by then. No longer new, its trial goes, unless it was made.
 */
export function setNew(route: Route, id: string, isNew: boolean, random: () => number = Math.random): Route {
  const step = route.steps[placeOf(route, id)];
  const trials = route.steps.filter(({ id: own, kind }) => kind === 'trial' && step?.needs.includes(own));
  if (!step || step.isNew === isNew) return route;
  if (!isNew) {
    const gone = trials.filter(({ done }) => done === null).map((one) => one.id);
    const kept = gone.reduce(removeStep, route);
    return changeStep(kept, id, { isNew });
  }
  const at = route.steps.findIndex(({ done }) => done === null);
  const trial: RouteStep = {
    ...DEFAULT_STEP,
    id: newId('trial', random),
    kind: 'trial',
    title: `try “${step.title}” on a swatch`,
    parts: [...step.parts],
    regions: [],
    leaves: step.leaves,
    needs: [],
  };
  const steps = [...route.steps.slice(0, Math.max(0, at)), trial, ...route.steps.slice(Math.max(0, at))];
  return changeStep({ ...route, steps }, id, { isNew, needs: [...step.needs, trial.id] });
}

/**
 * A route with a new step behind another one, or at the end.
 *
 * @throws {RouteEditError} for a route that is full
 */
export function addStep(
  route: Route,
  kind: StepKind,
  after: string | null,
  random: () => number = Math.random,
): { route: Route; added: RouteStep } {
  if (route.steps.length >= MOST_STEPS)
    throw new RouteEditError(`a route holds ${MOST_STEPS} steps; merge some of them first`);
  const at = after === null ? route.steps.length : placeOf(route, after) + 1;
  const parts = route.steps[at - 1]?.parts ?? [];
  const added: RouteStep = {
    ...DEFAULT_STEP,
    id: newId(kind, random),
    kind,
    title: STEP_TITLES[kind],
    parts: [...parts],
    regions: [],
    needs: [],
  };
  return {
    route: { ...route, steps: [...route.steps.slice(0, at), added, ...route.steps.slice(at)] },
    added,
  };
}

/** What a route leaves out of its proposal, with some more steps. */
export function withoutAlso({ without }: Route, ...gone: readonly RouteStep[]): Route['without'] {
  if (without === null) return null;
  return [...new Set([...without, ...gone.flatMap(({ id, own }) => (own ? [] : [id]))])];
}

/** A route without a step; what needed it needs what it needed. */
export function removeStep(route: Route, id: string): Route {
  const gone = route.steps[placeOf(route, id)];
  return {
    without: gone ? withoutAlso(route, gone) : route.without,
    steps: route.steps
      .filter((step) => step.id !== id)
      .map((step) =>
        step.needs.includes(id)
          ? {
              ...step,
              needs: [...new Set([...step.needs.filter((one) => one !== id), ...(gone?.needs ?? [])])],
            }
          : step,
      ),
    relations: route.relations.filter(({ first, second }) => first !== id && second !== id),
  };
}

/** A title with which part of the step it is, still short enough. */
function halfTitle(title: string, half: string): string {
  return `${title.slice(0, 190 - half.length)}, ${half}`;
}

/** Two halves of a list. */
function halves<T>(list: readonly T[]): [T[], T[]] {
  const middle = Math.ceil(list.length / 2);
  return [list.slice(0, middle), list.slice(middle)];
}

/**
 * A route with a step in two: by its parts where it has several, else by its regions, else in two sittings of half the
 * minutes each. The second half needs the first.
 *
 * @param reckoned minutes of the step as they stand, for halving what is not entered
 */
export function splitStep(
  route: Route,
  id: string,
  reckoned: { readonly handsMin: number; readonly waitMin: number },
  random: () => number = Math.random,
): Route {
  const at = placeOf(route, id);
  const step = route.steps[at] as RouteStep;
  const half = (value: number | null) => (value === null ? null : value / 2);
  const entered = { handsMin: half(step.handsMin), waitMin: half(step.waitMin) };
  const [first, second] = ((): [Partial<RouteStep>, Partial<RouteStep>] => {
    if (step.parts.length > 1) {
      const [a, b] = halves(step.parts);
      return [
        { ...entered, parts: a },
        { ...entered, parts: b },
      ];
    }
    if (step.regions.length > 1) {
      const [a, b] = halves(step.regions);
      return [
        { ...entered, regions: a },
        { ...entered, regions: b },
      ];
    }
    // Minutes that were entered go before those last reckoned.
    const sitting = {
      handsMin: (step.handsMin ?? reckoned.handsMin) / 2,
      waitMin: (step.waitMin ?? reckoned.waitMin) / 2,
    };
    return [sitting, sitting];
  })();
  const next = newId<string>(step.kind, random);
  const two: RouteStep[] = [
    { ...step, ...first, own: true, title: halfTitle(step.title, 'first half') },
    {
      ...step,
      ...second,
      own: true,
      id: next,
      title: halfTitle(step.title, 'second half'),
      needs: [step.id],
    },
  ];
  return {
    ...route,
    // What waited for the step waits for all of it.
    steps: [...route.steps.slice(0, at), ...two, ...route.steps.slice(at + 1)].map((one) =>
      one.id !== next && one.needs.includes(id) ? { ...one, needs: [...one.needs, next] } : one,
    ),
  };
}

/** The sum of two entries; what is reckoned stays reckoned when both are. */
function sum(a: number | null, b: number | null): number | null {
  return a === null && b === null ? null : (a ?? 0) + (b ?? 0);
}

/**
 * A route with a step and the one behind it made one.
 *
 * @throws {RouteEditError} for steps of two kinds, of two bakes of different ways, or when there is none behind it
 * @throws {RouteLoopError} when something must lie between them
 */
export function mergeWithNext(route: Route, id: string): Route {
  const at = placeOf(route, id);
  const [a, b] = [route.steps[at], route.steps[at + 1]];
  if (!a || !b) throw new RouteEditError('there is no step behind the last one to merge it with');
  if (a.kind !== b.kind || (a.kind === 'bake' && a.way !== b.way) || (a.thing !== '' && b.thing !== ''))
    throw new RouteEditError(`“${a.title}” and “${b.title}” are not the same work: only like steps merge`);
  const one: RouteStep = {
    ...a,
    own: true,
    title: a.title.replace(/, first half$/, ''),
    parts: a.parts.length === 0 || b.parts.length === 0 ? [] : [...new Set([...a.parts, ...b.parts])],
    regions:
      a.regions.length === 0 || b.regions.length === 0 ? [] : [...new Set([...a.regions, ...b.regions])],
    handsMin: sum(a.handsMin, b.handsMin),
    waitMin: a.kind === 'bake' ? a.waitMin : sum(a.waitMin, b.waitMin),
    thing: a.thing || b.thing,
    leaves: a.leaves ?? b.leaves,
    needs: [...new Set([...a.needs, ...b.needs])].filter((need) => need !== a.id && need !== b.id),
    done: a.done !== null && b.done !== null ? b.done : null,
  };
  const toOne = (other: string) => (other === b.id ? a.id : other);
  return refuseLoops({
    without: withoutAlso(route, b),
    steps: route.steps
      .flatMap((step) => (step === a ? [one] : step === b ? [] : [step]))
      .map((step) =>
        step.needs.includes(b.id) ? { ...step, needs: [...new Set(step.needs.map(toOne))] } : step,
      ),
    relations: route.relations
      .map((relation) => ({ ...relation, first: toOne(relation.first), second: toOne(relation.second) }))
      .filter(({ first, second }) => first !== second),
  });
}

/** A route with some values of a step changed. */
export function changeStep(route: Route, id: string, change: Partial<Omit<RouteStep, 'id'>>): Route {
  placeOf(route, id);
  return refuseLoops({
    ...route,
    steps: route.steps.map((step) => (step.id === id ? { ...step, ...change } : step)),
  });
}

/**
 * A route with a relation between two of its steps.
 *
 * @throws {RouteLoopError} when the two would then wait for each other
 * @throws {RouteEditError} for a step and itself, or a relation that is there
 */
export function addRelation(
  route: Route,
  kind: RelationKind,
  first: string,
  second: string,
  random: () => number = Math.random,
): Route {
  placeOf(route, first);
  placeOf(route, second);
  if (first === second) throw new RouteEditError('a step bears on another one: choose two');
  if (route.relations.some((one) => one.kind === kind && one.first === first && one.second === second))
    throw new RouteEditError('that is said already');
  return refuseLoops({
    ...route,
    relations: [...route.relations, { id: newId(kind, random), kind, first, second }],
  });
}
