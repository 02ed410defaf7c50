import { type Limits, PLACE } from '../../record/index.ts';

/** Limits of the numbers of wires. */
export const ARMATURE_LIMITS = {
  wireChoice: {
    diameterMm: { min: 0.1, max: 12 },
    strands: { whole: true, min: 1, max: 7 },
  },
  wireStock: {
    diameterMm: { min: 0.1, max: 12 },
    lengthMm: { max: 1_000_000, over: 0 },
    count: { whole: true, min: 0, max: 10_000 },
  },
  wirePlace: {
    xMm: PLACE,
    yMm: PLACE,
    zMm: PLACE,
  },
  runChoice: {
    layMm: { max: 1000, over: 0 },
    startMm: { min: 0, max: 1000 },
    endMm: { min: 0, max: 1000 },
  },
  branchPlan: {
    twigs: { whole: true, min: 0, max: 12 },
  },
} as const satisfies Limits;
