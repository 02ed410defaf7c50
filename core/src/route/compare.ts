import type { Route, RouteStep } from '../piece/index.ts';

/** What asking for the proposal again would change. */
export interface RouteDifference {
  /** Steps it would add, each with the title of the step it would stand behind; null at the front. */
  readonly added: readonly { readonly step: RouteStep; readonly behind: string | null }[];
  /** Steps of the proposal’s that it no longer has; the maker’s own are never among them. */
  readonly dropped: readonly RouteStep[];
  /** Steps whose parts, regions or needs it would change. */
  readonly changed: readonly { readonly step: RouteStep; readonly says: string }[];
  /** The route with all of that taken over. */
  readonly route: Route;
}

const same = (a: readonly string[], b: readonly string[]) =>
  a.length === b.length && a.every((one, i) => one === b[i]);

function saysChanged(own: RouteStep, fresh: RouteStep): string {
  const says = [
    ...(own.title !== fresh.title ? [`called “${fresh.title}”`] : []),
    ...(same(own.parts, fresh.parts) ? [] : [`${fresh.parts.length} parts instead of ${own.parts.length}`]),
    ...(same(own.regions, fresh.regions)
      ? []
      : [fresh.regions.length > 0 ? `on ${fresh.regions.join(', ')}` : 'on all of it']),
    ...(own.kind === 'bake' && own.way !== fresh.way ? [`a ${fresh.way} bake`] : []),
  ];
  return says.join('; ');
}

/**
 * The maker’s route held against a fresh proposal. Minutes, relations, ticks, the maker’s order and the maker’s own steps
 * stay; steps that are missing come in behind the one they follow in the proposal.
 */
export function compareRoutes(own: Route, fresh: Route): RouteDifference {
  const byId = new Map(own.steps.map((step) => [step.id, step]));
  const freshById = new Map(fresh.steps.map((step) => [step.id, step]));
  const dropped = own.steps.filter((step) => !freshById.has(step.id) && !step.own && step.done === null);
  const gone = new Set(dropped.map(({ id }) => id));
  const changed = own.steps.flatMap((step) => {
    const next = freshById.get(step.id);
    const says = next && !step.own ? saysChanged(step, next) : '';
    return says === '' ? [] : [{ step, says }];
  });
  const toChange = new Set(changed.map(({ step }) => step.id));
  const steps = own.steps
    .filter(({ id }) => !gone.has(id))
    .map((step) => {
      const next = toChange.has(step.id) ? freshById.get(step.id) : undefined;
      if (!next) return step;
      const { title, parts, regions, way } = next;
      return { ...step, title, parts, regions, way };
    });
  const added: { step: RouteStep; behind: string | null }[] = [];
  fresh.steps.forEach((step, i) => {
    if (byId.has(step.id)) return;
    let at = 0;
    let behind: string | null = null;
    for (let k = i - 1; k >= 0; k -= 1) {
      const before = fresh.steps[k];
      const place = before ? steps.findIndex(({ id }) => id === before.id) : -1;
      if (place >= 0) {
        at = place + 1;
        behind = before?.title ?? null;
        break;
      }
    }
    steps.splice(at, 0, step);
    added.push({ step, behind });
  });
  const there = new Set(steps.map(({ id }) => id));
  return {
    added,
    dropped,
    changed,
    route: {
      without: fresh.without,
      steps: steps.map((step) =>
        step.needs.every((id) => there.has(id))
          ? step
          : { ...step, needs: step.needs.filter((id) => there.has(id)) },
      ),
      relations: own.relations.filter(({ first, second }) => there.has(first) && there.has(second)),
    },
  };
}

/**
 * The maker’s route with what the proposal has come to since: steps of a new part in their places, those of a part that is
 * gone left out, all as the maker has it besides. A route that leaves nothing out for the proposal’s sake stays as it is.
 */
export function followed(own: Route, fresh: Route): Route {
  const { without } = own;
  if (without === null) return own;
  const out = new Set(without);
  const steps = fresh.steps
    .filter(({ id }) => !out.has(id))
    .map((step) =>
      step.needs.some((id) => out.has(id))
        ? { ...step, needs: step.needs.filter((id) => !out.has(id)) }
        : step,
    );
  const { added, dropped, changed, route } = compareRoutes(own, { ...fresh, steps });
  return added.length + dropped.length + changed.length === 0 ? own : { ...route, without };
}
