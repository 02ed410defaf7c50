import type { Route, RouteStep } from '../piece/index.ts';
import { stepsByPart } from './constraints.ts';
import { withoutAlso } from './editRoute.ts';
import { addsClay } from './kinds.ts';

/** Two steps by their places, the earlier first. */
type Pair = readonly [number, number];

const isBake = (step: RouteStep | undefined): step is RouteStep =>
  step?.kind === 'bake' && step.way !== 'ahead';

/** Whether a step leaves something on a part that a bake has not seen: clay, a thing, a joint, a glue. */
function bringsNew({ kind, thing, leaves }: RouteStep): boolean {
  return addsClay(kind) || kind === 'joint' || kind === 'warm' || thing !== '' || leaves !== null;
}

/** Bakes still to come for which nothing is new on any of their parts since the bake before, each with that bake. */
export function idleBakes(steps: readonly RouteStep[]): Pair[] {
  const before = new Map<number, number>();
  const hasNew = new Set<number>();
  // What is done to the whole piece stands with every part that is named.
  const hasParts = steps.some(({ parts }) => parts.length > 0);
  for (const [part, places] of stepsByPart(steps)) {
    if (part === '' && hasParts) continue;
    let last = -1;
    let isNew = true;
    for (const at of places) {
      const step = steps[at];
      if (isBake(step)) {
        if (last < 0 || isNew) hasNew.add(at);
        else before.set(at, Math.max(last, before.get(at) ?? -1));
        [last, isNew] = [at, false];
      } else if (step && bringsNew(step)) isNew = true;
    }
  }
  return [...before]
    .flatMap(([at, last]): Pair[] => (hasNew.has(at) || steps[at]?.done !== null ? [] : [[last, at]]))
    .sort((a, b) => a[1] - b[1]);
}

/** A route with two bakes made one: the later where it cures what the earlier only firmed, else the earlier. */
export function folded(
  route: Route,
  before: number,
  bake: number,
): { readonly route: Route; readonly kept: string } {
  const { steps, relations } = route;
  const [first, second] = [steps[before], steps[bake]];
  if (!first || !second) return { route, kept: '' };
  const inSecond = new Set<string>(second.parts);
  const isWithin =
    second.parts.length === 0 || (first.parts.length > 0 && first.parts.every((id) => inSecond.has(id)));
  const [out, kept] = first.way === 'set' && isWithin ? [first, second] : [second, first];
  const coolOf = (id: string) => steps.find((step) => step.kind === 'cool' && step.needs.includes(id));
  const [coolOut, coolKept] = [coolOf(out.id), coolOf(kept.id)];
  const instead = new Map<string, string>([[out.id, kept.id]]);
  if (coolOut) instead.set(coolOut.id, coolKept?.id ?? kept.id);
  const to = (id: string) => instead.get(id) ?? id;
  const way = first.way === 'full' || second.way === 'full' ? 'full' : kept.way;
  return {
    kept: kept.title,
    route: {
      without: withoutAlso(route, out, ...(coolOut ? [coolOut] : [])),
      steps: steps
        .filter((step) => step !== out && step !== coolOut)
        .map((step) => ({
          ...step,
          ...(step === kept && way !== kept.way ? { way, own: true } : {}),
          needs: [...new Set(step.needs.map(to))].filter((id) => id !== step.id),
        })),
      relations: relations
        .map((one) => ({ ...one, first: to(one.first), second: to(one.second) }))
        .filter((one) => one.first !== one.second),
    },
  };
}

/** Joints of the same parts and things put on that are on already, each with the step that did it. */
export function madeTwice(steps: readonly RouteStep[]): Pair[] {
  const first = new Map<string, number>();
  return steps.flatMap((step, at): Pair[] => {
    const { kind, parts, thing, needs } = step;
    const what =
      kind === 'joint' && parts.length > 1
        ? `joint ${[...parts].sort().join(' ')}`
        : kind === 'fix' && thing !== ''
          ? `fix ${thing} ${[...parts].sort().join(' ')}`
          : null;
    if (what === null) return [];
    const before = first.get(what);
    if (before === undefined) {
      first.set(what, at);
      return [];
    }
    // Two sittings of one work: the second waits for the first.
    return needs.includes(steps[before]?.id ?? '') ? [] : [[before, at]];
  });
}
