import type { Limits } from '../../record/index.ts';

/** Limits of the numbers of the brief, of what was added and of what is counted. */
export const BRIEF_LIMITS = {
  brief: {
    hoursPerDay: { min: 0, max: 24 },
    budget: { min: 0, max: 1e9 },
  },
  addition: {
    hours: { min: 0, max: 10_000 },
    cost: { min: 0, max: 1e9 },
    waitDays: { min: 0, max: 1000 },
  },
  feature: {
    wanted: { whole: true, min: 1, max: 10_000 },
    made: { whole: true, min: 0, max: 10_000 },
    acrossMm: { max: 10_000, over: 0 },
  },
} as const satisfies Limits;
