import type { StepKind } from '../../piece/index.ts';

/** What something takes: quick, as is likely, and slow, min. */
export interface Spread {
  readonly quick: number;
  readonly likely: number;
  readonly slow: number;
}

/** What is waited for in something there is only so much of. */
export type Holds = 'nothing' | 'oven' | 'clamp';

/** One step as the schedule sees it. */
export interface Task {
  readonly id: string;
  readonly title: string;
  readonly hands: Spread;
  readonly waits: Spread;
  /** Places of the tasks that must be over, their waiting too, before it begins. */
  readonly after: readonly number[];
  /** What it holds while it is waited for. */
  readonly holds: Holds;
  /** Begun, it is gone through with: not left overnight. */
  readonly isWhole: boolean;
  readonly sprays: boolean;
  /** Kind of the step; null for what was taken on besides. */
  readonly kind: StepKind | null;
  /** What it has in common with others of its like: its kind, its parts. */
  readonly alike: readonly string[];
  /** Not before this moment, minutes since 1970; null for any. */
  readonly notBefore: number | null;
}

/** A spread without any. */
export const exactly = (minutes: number): Spread => ({ quick: minutes, likely: minutes, slow: minutes });
