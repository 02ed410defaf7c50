import type { PartState, Route, RouteStep } from '../piece/index.ts';

/** One part as it stands when it goes into the oven. */
export interface PartInOven {
  readonly part: string;
  /** Regions that have their clay by then; null for all of them, empty for none. */
  readonly regions: readonly string[] | null;
  /** Regions whose clay has been through no bake yet; null for all of them. */
  readonly raw: readonly string[] | null;
  /** Steps that have put a thing on or in, or left a stuff on it. */
  readonly on: readonly RouteStep[];
  /** Whether it has been fixed in a block. */
  readonly isPegged: boolean;
}

/** One bake of the route with everything that goes into it. */
export interface BakeState {
  readonly step: RouteStep;
  /** Place in the list of steps. */
  readonly at: number;
  /** Counted from 1 over all bakes of the route. */
  readonly number: number;
  readonly parts: readonly PartInOven[];
}

interface Growing {
  /** Null once a step put clay on all of it. */
  regions: Set<string> | null;
  raw: Set<string> | null;
  on: RouteStep[];
  isPegged: boolean;
}

/** A part before the first step: of what lies there already, all is there, and raw only what is not baked. */
function begins(state: PartState): Growing {
  const regions = state === 'planned' ? new Set<string>() : null;
  return { regions, raw: state === 'raw' ? null : new Set(), on: [], isPegged: false };
}

function addTo(set: Set<string> | null, regions: readonly string[]): Set<string> | null {
  if (set === null || regions.length === 0) return null;
  for (const region of regions) set.add(region);
  return set;
}

/**
 * Every bake of a route with the state of each part in it: what clay it has, what of that is raw, what hangs on it. A bake
 * that names no part takes all parts of clay; one of small parts made ahead takes no part at all.
 *
 * @param clay parts that are of clay
 * @param begun how far each had come when the piece began
 */
export function bakeStates(
  { steps }: Route,
  clay: readonly string[],
  begun: (part: string) => PartState = () => 'planned',
): BakeState[] {
  const states = new Map<string, Growing>(clay.map((part) => [part, begins(begun(part))]));
  const found: BakeState[] = [];
  steps.forEach((step, at) => {
    const parts: readonly string[] = step.parts.length > 0 ? step.parts : clay;
    if (step.kind === 'bake') {
      const inIt = step.way === 'ahead' ? [] : parts;
      found.push({
        step,
        at,
        number: found.length + 1,
        parts: inIt.flatMap((part): PartInOven[] => {
          const state = states.get(part);
          if (!state) return [];
          const { regions, raw, on, isPegged } = state;
          return [{ part, regions: regions && [...regions], raw: raw && [...raw], on: [...on], isPegged }];
        }),
      });
      for (const part of inIt) {
        const state = states.get(part);
        if (state) state.raw = new Set();
      }
      return;
    }
    for (const part of parts) {
      const state = states.get(part);
      if (!state) continue;
      if (step.kind === 'skin') {
        state.regions = addTo(state.regions, step.regions);
        state.raw = addTo(state.raw, step.regions);
      }
      if (step.kind === 'block') state.isPegged = true;
      if (step.thing !== '' || step.leaves !== null) state.on.push(step);
    }
  });
  return found;
}
