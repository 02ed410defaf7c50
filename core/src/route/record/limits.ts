import type { Limits } from '../../record/index.ts';

/** Limits of the numbers of steps. */
export const ROUTE_LIMITS = {
  routeStep: {
    handsMin: { min: 0, max: 100_000 },
    waitMin: { min: 0, max: 100_000 },
    sizeMm: { min: 0, max: 200 },
    dialC: { min: 40, max: 250 },
    holdMin: { max: 1440, over: 0 },
  },
  aid: {
    addsMm: { min: 0, max: 1000 },
  },
} as const satisfies Limits;
