import type { Limits } from '../../record/index.ts';

/** Limits of the numbers of what was made. */
export const LOG_LIMITS = {
  madeMeasure: {
    madeMm: { over: 0, max: 1e4 },
  },
  stepTook: {
    tookMin: { over: 0, max: 100_000 },
    reckonedMin: { min: 0, max: 100_000 },
  },
  castMeasured: {
    masterMm: { over: 0, max: 1e4 },
    castMm: { over: 0, max: 1e4 },
  },
} as const satisfies Limits;
