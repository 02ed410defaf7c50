import type { Part, RouteStep } from '../piece/index.ts';
import { type ProposeGround, step, stepId } from './proposedSteps.ts';

/** Whether a set is baked by itself before it goes where it belongs. */
export function isLaidAhead({ repeat, state }: Part): boolean {
  return repeat?.ahead === true && (state === 'planned' || state === 'raw');
}

/** A set is made in one step; what lies there already is not made again. */
export function makeSet(part: Part): RouteStep[] {
  if (part.state !== 'planned') return [];
  const title = `Make ${part.count} ${part.name}`;
  return [step(stepId('skin', part.id), 'skin', title, { parts: [part.id] })];
}

function hostOf(part: Part, { partById }: ProposeGround): Part | undefined {
  return part.repeat && part.repeat.kind !== 'counted' ? partById.get(part.parent ?? '') : undefined;
}

function put(part: Part, host: Part, needs: readonly string[]): RouteStep {
  return step(stepId('fix', part.id), 'fix', `Put ${part.name} on ${host.name}`, {
    parts: [host.id],
    thing: part.id,
    needs: [...needs],
  });
}

/** A set of clay is put on what it hangs on while that is raw, itself raw or out of a bake of its own. */
export function putSet(part: Part, ground: ProposeGround, needs: readonly string[] = []): RouteStep[] {
  const host = hostOf(part, ground);
  return host && ground.isClay(host.id) ? [put(part, host, needs)] : [];
}

/** On what is of no clay every set is put at the end, what is baked once it has cooled. */
export function putSetsLate(ground: ProposeGround, cooledOf: (part: Part) => readonly string[]): RouteStep[] {
  return ground.piece.parts.flatMap((part) => {
    const host = hostOf(part, ground);
    return host && !ground.isClay(host.id) ? [put(part, host, cooledOf(part))] : [];
  });
}
