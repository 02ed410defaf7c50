import type { Limits } from '../../record/index.ts';

/** Limits of the numbers of steps. */
export const ROUTE_LIMITS = {
  routeStep: {
    handsMin: { min: 0, max: 100_000 },
    waitMin: { min: 0, max: 100_000 },
  },
} as const satisfies Limits;
