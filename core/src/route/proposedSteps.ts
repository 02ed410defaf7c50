import type { FinishJob } from '../finish/index.ts';
import type { GroundJob } from '../ground/index.ts';
import type { StuffId } from '../handbook/index.ts';
import { DEFAULT_STEP, type Part, type RouteStep, type StepKind } from '../piece/index.ts';
import type { TimingGround } from './hands.ts';
import { STEP_TITLES } from './kinds.ts';

/** Heat that the clay of a part bears, °C. */
export interface HeatWindow {
  readonly lowC: number;
  readonly highC: number;
}

/** What a part gets for one bake: which regions, and which layers over what is baked, by name. */
export interface ClayPass {
  readonly pass: number;
  readonly regions: readonly string[];
  readonly layers: readonly string[];
  /** Of the part’s clay. */
  readonly share: number;
}

/** What a route is proposed from. */
export interface ProposeGround extends TimingGround {
  /** Whether a part is of clay that can be reckoned. */
  readonly isClay: (part: string) => boolean;
  readonly hasCore: (part: string) => boolean;
  /** Whether its wire ends in a peg that a block can hold. */
  readonly hasPeg: (part: string) => boolean;
  /** The clay of a part by the bake it goes on for, in order. */
  readonly passes: (part: string) => readonly ClayPass[];
  /** Why a stuff does not bear the bakes of a part; null where it does, or the part goes into no oven. */
  readonly burn: (part: string, stuff: StuffId) => string | null;
  /** What is to be done for the ground, each behind what it needs. */
  readonly groundJobs: readonly GroundJob[];
  /** Layers of surfaces, like ones together, each behind what it needs. */
  readonly finishJobs: readonly FinishJob[];
  /** Null for clay that goes into no oven. */
  readonly windowOf: (part: string) => HeatWindow | null;
}

/** An id that is always the same for the same step of the proposal. */
export function stepId(...words: readonly (string | number)[]): string {
  const whole = words.join('-').replace(/[^A-Za-z0-9_-]+/g, '-');
  if (whole.length <= 64) return whole;
  // FNV-1a keeps two long ids apart that begin alike.
  let hash = 0x811c9dc5;
  for (let i = 0; i < whole.length; i += 1) hash = Math.imul(hash ^ whole.charCodeAt(i), 0x01000193) >>> 0;
  return `${whole.slice(0, 55)}-${hash.toString(36)}`;
}

/** A step of the proposal. */
export function step(id: string, kind: StepKind, title: string, over: Partial<RouteStep> = {}): RouteStep {
  return {
    ...DEFAULT_STEP,
    own: false,
    parts: [],
    regions: [],
    needs: [],
    id,
    kind,
    title: title.slice(0, 200),
    ...over,
  };
}

/** A step of one part, named after it. */
export function ofPart(part: Part, kind: StepKind, over: Partial<RouteStep> = {}): RouteStep {
  return step(stepId(kind, part.id), kind, `${part.name}: ${STEP_TITLES[kind]}`, {
    parts: [part.id],
    ...over,
  });
}

/** Parts that can share an oven: each goes to the first group whose windows still meet. */
function byWindow(parts: readonly Part[], ground: ProposeGround): Part[][] {
  const groups: { parts: Part[]; low: number; high: number }[] = [];
  for (const part of parts) {
    const window = ground.windowOf(part.id);
    if (!window) continue;
    const group = groups.find(({ low, high }) => Math.max(low, window.lowC) <= Math.min(high, window.highC));
    if (group) {
      group.parts.push(part);
      group.low = Math.max(group.low, window.lowC);
      group.high = Math.min(group.high, window.highC);
    } else groups.push({ parts: [part], low: window.lowC, high: window.highC });
  }
  return groups.map(({ parts: together }) => together);
}

/** Bakes of some parts, one for each heat, each with its cooling. */
export function bakes(
  key: string,
  title: string,
  parts: readonly Part[],
  way: RouteStep['way'],
  ground: ProposeGround,
): RouteStep[] {
  const groups = byWindow(parts, ground);
  return groups.flatMap((together, i) => {
    const id = stepId('bake', key, ...(i === 0 ? [] : [i + 1]));
    const ids = together.map((part) => part.id);
    const window = ground.windowOf(together[0]?.id ?? '');
    const heat = groups.length > 1 && window ? ` at ${Math.round(window.lowC)} °C` : '';
    return [
      step(id, 'bake', `${title}${heat}`, { parts: ids, way }),
      step(
        stepId('cool', key, ...(i === 0 ? [] : [i + 1])),
        'cool',
        `Cool after ${title.toLowerCase()}${heat}`,
        {
          parts: ids,
          needs: [id],
        },
      ),
    ];
  });
}
