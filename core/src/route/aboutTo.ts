import { DEFAULT_STEP, type Part, type RouteStep, type StepKind } from '../piece/index.ts';
import type { Level } from '../reckoning/index.ts';
import { formatMinutes, minutes } from '../units/index.ts';
import { judgeRoute } from './judgeRoute.ts';
import { STEP_TITLES } from './kinds.ts';
import type { RouteReckoned } from './reckonRoute.ts';

/** What a maker may be about to do. */
export const ABOUT_TO = ['bake', 'glue', 'seal', 'paint', 'cover', 'cut'] as const;
export type AboutTo = (typeof ABOUT_TO)[number];

/** The answer, in two lines: what stands against it, and what it commits to. */
export interface AboutToAnswer {
  readonly level: Level;
  readonly says: string;
  readonly after: string;
}

/** Steps of the route that a deed is, and the kind it is taken for where none is in the route. */
const KINDS: Readonly<Record<AboutTo, readonly [StepKind, ...StepKind[]]>> = {
  bake: ['bake'],
  glue: ['joint', 'fix', 'assemble'],
  seal: ['seal'],
  paint: ['coat'],
  cover: ['skin'],
  cut: ['sand'],
};

/** Work that a part is never the same to again. */
const FIXED_BY: Readonly<Record<AboutTo, readonly StepKind[]>> = {
  bake: ['skin', 'detail', 'clean', 'pastel'],
  glue: ['wire', 'core', 'skin'],
  seal: ['sand', 'skin'],
  paint: ['sand', 'seal'],
  cover: ['wire', 'bind', 'core', 'fix'],
  cut: [],
};

const of = (part: string, { parts }: RouteStep) => parts.length === 0 || parts.some((id) => id === part);
const SO_MANY = 3;

function listed(names: readonly string[]): string {
  const told = names.slice(0, SO_MANY);
  const more = names.length - told.length;
  return `${told.join(', ')}${more > 0 ? ` and ${more} more` : ''}`;
}

/** A title without the name of its part, which the question has named. */
const short = (part: Part, title: string) =>
  title.startsWith(`${part.name}: `) ? title.slice(part.name.length + 2) : title;

/** The route with the deed done now: behind all that is done. */
function doneNow({ route, held }: RouteReckoned, part: Part, kind: StepKind): string[] {
  const id = 'about-to';
  const now: RouteStep = {
    ...DEFAULT_STEP,
    parts: [part.id],
    regions: [],
    needs: [],
    id,
    kind,
    title: STEP_TITLES[kind],
  };
  const last = route.steps.findLastIndex(({ done }) => done !== null);
  const steps = [...route.steps.slice(0, last + 1), now, ...route.steps.slice(last + 1)];
  const before = new Set(judgeRoute(route, held).faults.map(({ says }) => says));
  return judgeRoute({ ...route, steps }, held)
    .faults.filter(({ steps: about, says }) => about.some((one) => one.id === id) && !before.has(says))
    .map(({ says }) => says);
}

/** What stands against a step of the route that comes next: what is said of it, and what of the part is not done before it. */
function againstNext(found: RouteReckoned, part: Part, at: number): { stops: string[]; checks: string[] } {
  const { route, judged, heeds, ground } = found;
  const step = route.steps[at];
  if (!step) return { stops: [], checks: [] };
  const open = route.steps
    .slice(0, at)
    .filter((one) => one.done === null && of(part.id, one) && one.parts.length > 0);
  const verdicts = [
    ...(heeds.get(step.id) ?? []),
    ...ground.ovenMin(step.id).flatMap(({ verdict }) => verdict ?? []),
  ];
  const says = (level: Level) => verdicts.filter((one) => one.level === level).map((one) => one.says);
  return {
    stops: [
      ...judged.faults.filter(({ steps }) => steps.some(({ id }) => id === step.id)).map((one) => one.says),
      ...says('stop'),
    ],
    checks: [
      ...(open.length > 0 ? [`not done yet: ${listed(open.map(({ title }) => short(part, title)))}`] : []),
      ...judged.checks.filter(({ steps }) => steps.some(({ id }) => id === step.id)).map((one) => one.says),
      ...says('doubtful'),
    ],
  };
}

/** What it commits to: what of the part cannot be worked on again, what it takes, and what comes of it. */
function commits({ route, ground }: RouteReckoned, part: Part, deed: AboutTo, at: number): string {
  // Of what comes after it nothing is fixed by it.
  const upTo = at < 0 ? route.steps : route.steps.slice(0, at);
  const open = upTo.filter(
    (one) => one.done === null && of(part.id, one) && FIXED_BY[deed].includes(one.kind),
  );
  const fixed = open.map(({ title }) => short(part, title));
  const bakesAhead = route.steps.filter(
    (one, i) =>
      one.kind === 'bake' && one.done === null && i !== at && one.way !== 'ahead' && of(part.id, one),
  ).length;
  const outAgain = part.inserts.filter(({ removable }) => removable).map(({ name }) => name);
  switch (deed) {
    case 'bake': {
      const [load] = ground.ovenMin(route.steps[at]?.id ?? '');
      const time = load ? `${formatMinutes(minutes(load.quantity.value))} from door shut to door open; ` : '';
      return `${time}${fixed.length > 0 ? `it fixes ${listed(fixed)} as it is` : 'then only sanding and carving change it'}`;
    }
    case 'glue':
      return outAgain.length > 0
        ? `${listed(outAgain)} must still come out afterwards: leave a way to it`
        : 'it does not come apart again: try it dry first';
    case 'seal':
    case 'paint':
      return bakesAhead > 0
        ? `${bakesAhead === 1 ? 'a bake of it is' : `${bakesAhead} bakes of it are`} still ahead: what is put on goes through`
        : 'no raw clay takes on it afterwards';
    case 'cover':
      return fixed.length > 0 ? `it buries ${listed(fixed)}` : 'nothing that is still open is buried';
    case 'cut':
      return 'cured clay chips where it is thin: support it, cut away from you, and keep the dust out of your lungs';
  }
}

/**
 * Whether a part may be baked, glued, sealed, painted, covered or cut now: what stands against it, and what it commits to. A
 * deed that the route has is judged as the next of its kind; one that it has not, as if it were done at once.
 */
export function aboutTo(found: RouteReckoned, part: Part, deed: AboutTo): AboutToAnswer {
  const { route } = found;
  const [kind] = KINDS[deed];
  const at = route.steps.findIndex(
    (step) =>
      step.done === null && KINDS[deed].includes(step.kind) && step.way !== 'ahead' && of(part.id, step),
  );
  const { stops, checks } =
    at < 0 ? { stops: doneNow(found, part, kind), checks: [] } : againstNext(found, part, at);
  const level: Level = stops.length > 0 ? 'stop' : checks.length > 0 ? 'doubtful' : 'good';
  const all = [...stops, ...checks];
  const more = all.length - 1;
  return {
    level,
    says:
      all.length === 0
        ? 'go ahead: nothing stands against it'
        : `${all[0]}${more > 0 ? `, and ${more} more` : ''}`,
    after: commits(found, part, deed, at),
  };
}
