import type { Limits } from '../../record/index.ts';

/** Limits of the numbers of steps. */
export const ROUTE_LIMITS = {
  routeStep: {
    handsMin: { min: 0, max: 100_000 },
    waitMin: { min: 0, max: 100_000 },
    dialC: { min: 40, max: 250 },
    holdMin: { max: 1440, over: 0 },
  },
} as const satisfies Limits;
