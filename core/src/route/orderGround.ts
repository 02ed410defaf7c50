import type { Route, RouteStep } from '../piece/index.ts';
import type { Burn, OrderGround } from './constraints.ts';
import { seenOf } from './grades.ts';
import type { ProposeGround } from './proposedSteps.ts';

/** Parts whose clay goes into no oven. */
function unbakedParts({ piece, isClay, windowOf }: ProposeGround): ReadonlySet<string> {
  return new Set(piece.parts.filter(({ id }) => isClay(id) && !windowOf(id)).map(({ id }) => id as string));
}

/** The change of the piece that has what a step puts on put on after the bakes. */
function putLater(step: RouteStep, ground: ProposeGround): Burn['later'] {
  const { piece, partById } = ground;
  // In a route of the maker’s own a step is moved.
  if (piece.route !== null || step.thing === '') return null;
  const host = partById.get(step.parts[0] ?? '');
  const insert = host?.inserts.find(({ id }) => id === step.thing);
  if (host && insert)
    return {
      says: `let ${insert.name} in after the bake, round a dummy of card till then`,
      change: {
        path: ['parts', host.id, 'inserts'],
        value: host.inserts.map((one) => (one === insert ? { ...one, afterBake: true } : one)),
      },
    };
  const thing = partById.get(step.thing);
  return thing
    ? {
        says: `put ${thing.name} on after the bake`,
        change: { path: ['parts', thing.id, 'afterBake'], value: true },
      }
    : null;
}

/** What of the piece the order of its steps leans on: clay that is not baked, things that the oven would spoil. */
export function orderGround({ steps }: Route, ground: ProposeGround): OrderGround {
  const { partById, burn } = ground;
  const burns = new Map<string, Burn>();
  for (const step of steps) {
    if (step.thing === '' && step.leaves === null) continue;
    for (const part of step.parts) {
      const insert = partById.get(part)?.inserts.find(({ id }) => id === step.thing);
      const stuff = step.leaves ?? insert?.stuff ?? partById.get(step.thing)?.stuff ?? null;
      const says = stuff === null ? null : burn(part, stuff);
      if (says !== null) burns.set(step.id, { says, later: putLater(step, ground) });
    }
  }
  const cured = ground.piece.parts.filter(({ state }) => state === 'baked' || state === 'painted');
  return {
    unbaked: unbakedParts(ground),
    cured: new Set(cured.map(({ id }) => id)),
    burns,
    seen: (rule, stuff) => seenOf(ground.piece, rule, stuff),
  };
}
