import type { Limits } from '../../record/index.ts';

/** Limits of the numbers of the hours at the bench. */
export const SCHEDULE_LIMITS = {
  benchPlan: {
    startsAt: { min: 0, max: 23.75 },
    dueAt: { min: 0, max: 24 },
    ovenFrom: { min: 0, max: 24 },
    ovenTo: { min: 0, max: 24 },
    sprayFrom: { min: 0, max: 24 },
    sprayTo: { min: 0, max: 24 },
    ovens: { whole: true, min: 1, max: 8 },
    hands: { whole: true, min: 1, max: 8 },
    clamps: { whole: true, min: 1, max: 100 },
  },
  weekHours: {
    hours: { min: 0, max: 24 },
  },
  order: {
    daysOnWay: { min: 0, max: 365 },
  },
} as const satisfies Limits;
