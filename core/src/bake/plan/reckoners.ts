import { bulkOfPart, laterThan } from '../../bulk/index.ts';
import { type Given, partReckoner, pieceReckoner, type Reckoner } from '../../context/index.ts';
import type { PartState } from '../../piece/index.ts';
import type { Reckoning } from '../../reckoning/index.ts';
import { type BakeState, bakeStates, type PartInOven, stepsOfPiece } from '../../route/steps/index.ts';
import { BAKE } from '../figures.ts';
import { fitsOven } from '../loads/index.ts';
import { type PartWarming, partWarming } from '../window/index.ts';
import { planBakes } from './planBakes.ts';
import { lastLoadOf, reckonPartMinutes, reckonPlan } from './reckonPlan.ts';

/** A bake that takes a part, and the part as it stands then. */
export interface BakeOfPart {
  readonly bake: BakeState;
  readonly inOven: PartInOven;
}

/** The bakes of every part, in order. */
export function bakesByPart(states: readonly BakeState[]): ReadonlyMap<string, readonly BakeOfPart[]> {
  const found = new Map<string, BakeOfPart[]>();
  for (const bake of states)
    for (const inOven of bake.parts) {
      const list = found.get(inOven.part);
      if (list) list.push({ bake, inOven });
      else found.set(inOven.part, [{ bake, inOven }]);
    }
  return found;
}

/** Every bake of the route, with the state of each part in it. */
export const bakesOfRoute = pieceReckoner(
  'bake.states',
  [],
  (given) => {
    const begun = new Map<string, PartState>(given.context.piece.parts.map(({ id, state }) => [id, state]));
    const states = bakeStates(
      given.piece(stepsOfPiece).route,
      [...given.parts(bulkOfPart).keys()],
      (part) => begun.get(part) ?? 'planned',
    );
    return { figures: [], states, byPart: bakesByPart(states) };
  },
  ({ states }) => states,
);

/** How a part warms through in each of its bakes. */
const warming = partReckoner('bake.warming', [], (given, context) => {
  const { id } = context.part;
  const bulk = given.part(bulkOfPart, id);
  // What goes into no oven is parted first: there is nothing to be worked through yet.
  if (!bulk || !fitsOven(context)) return null;
  const byStep = new Map<string, PartWarming>();
  for (const { bake, inOven } of given.piece(bakesOfRoute).byPart.get(id) ?? []) {
    const warming = partWarming(
      context,
      bulk,
      context.piece.oven,
      inOven.regions,
      laterThan(context, bake.number),
    );
    if (warming) byStep.set(bake.step.id, warming);
  }
  return { figures: [], byStep };
});

/** The same, worked through part by part before any stage asks for all of them at once. */
export const warmingOfPart = { ...warming, leanedOnAt: ['bake', 'bench'] } as const satisfies Reckoner;

/** Every bake with its loads, windows and minutes. */
export const planOfPiece = pieceReckoner(
  'bake.plan',
  [BAKE.dial, BAKE.load],
  (given) => {
    const { contexts, context, find } = given;
    const { states, byPart } = given.piece(bakesOfRoute);
    const bakes = planBakes(states, {
      context,
      contexts,
      bulk: (part) => given.part(bulkOfPart, part),
      find,
      warming: (part, step) => given.part(warmingOfPart, part)?.byStep.get(step) ?? null,
      tented: (part, step) => {
        const [of, bulk] = [contexts.get(part), given.part(bulkOfPart, part)];
        const one = byPart.get(part)?.find(({ bake }) => bake.step.id === step);
        return of && bulk && one
          ? partWarming(
              of,
              bulk,
              { ...context.piece.oven, air: 'tent' },
              one.inOven.regions,
              laterThan(of, one.bake.number),
            )
          : null;
      },
    });
    const nameOf = (part: string) => contexts.get(part)?.part.name ?? part;
    return { figures: reckonPlan(context, bakes, nameOf, find), bakes };
  },
  ({ bakes }) => bakes,
);

/** The minutes of a part in the load that cures it. */
export const minutesOfPart = partReckoner('bake.minutes', [BAKE.minutes], (given, { part }) => {
  const load = lastLoadOf(given.piece(planOfPiece).bakes, part.id);
  const shown = load && given.find(null, `bake.load.${load.id}`);
  return load && shown ? { figures: [reckonPartMinutes(part.id, load, shown)] } : null;
});

/** The minutes of the loads of a bake of the route. */
export function loadFiguresOf(given: Given): (step: string) => readonly Reckoning[] {
  return (step) => {
    const bake = given.piece(planOfPiece).bakes.find((one) => one.step === step);
    if (!bake) return [];
    const ids = bake.aheadMin === null ? bake.loads.map(({ id }) => id) : [`${step}.1`];
    return ids.flatMap((id) => given.find(null, `bake.load.${id}`) ?? []);
  };
}
