import type { RouteStep, StepKind } from '../../piece/index.ts';
import type { PlannedStep } from '../reckonSchedule.ts';

/** What the maker has just now. */
export interface Moment {
  /** Minutes there are; null for as many as it takes. */
  readonly minutes: number | null;
  /** Clay or paint on the hands, clean hands, or either. */
  readonly hands: 'any' | 'dirty' | 'clean';
}

/** A step that can be begun now. */
export interface CanDo {
  readonly step: PlannedStep;
  /** It is on the critical chain, or has less than a day to spare. */
  readonly presses: boolean;
  /** Its minutes are more than there are: it can be begun and gone on with. */
  readonly isLonger: boolean;
}

/** Work with clay on the hands (common practice). */
const DIRTY: readonly StepKind[] = ['core', 'small', 'skin', 'detail', 'clean', 'other'];
/** Work for clean and dry hands: what is bent, baked, glued, painted. */
const CLEAN: readonly StepKind[] = [
  'wire',
  'bind',
  'bake',
  'dry',
  'pastel',
  'fix',
  'joint',
  'seal',
  'coat',
  'assemble',
  'trial',
  'warm',
];
/** Begun, these cannot be left in the middle. */
const WHOLE: readonly StepKind[] = ['bake', 'dry', 'fix', 'joint', 'seal', 'warm'];
const DAY = 1440;

/** Whether a kind of step is for hands as they are. */
export function isFor(kind: StepKind, hands: Moment['hands']): boolean {
  if (hands === 'any') return true;
  return (hands === 'dirty' ? DIRTY : CLEAN).includes(kind);
}

/**
 * What can be begun now: nothing has to be over before it any more. What presses comes first, then what is next by the plan;
 * what does not go into the minutes there are is left out where it cannot be stopped half way.
 */
export function canDo(
  steps: readonly PlannedStep[],
  route: readonly RouteStep[],
  now: number,
  { minutes, hands }: Moment,
): CanDo[] {
  const kinds = new Map(route.map(({ id, kind }) => [id, kind]));
  return steps
    .flatMap((step): CanDo[] => {
      const kind = kinds.get(step.id) ?? 'other';
      const isLonger = minutes !== null && step.handsMin > minutes;
      if (!step.isReady || !isFor(kind, hands) || (isLonger && WHOLE.includes(kind))) return [];
      return [{ step, presses: step.heldBy !== null || step.latest - now < DAY, isLonger }];
    })
    .sort((a, b) => Number(b.presses) - Number(a.presses) || a.step.start - b.step.start);
}
