import { type Limits, SIZE } from '../../record/index.ts';

/** Limits of the numbers of what is measured and found. */
export const SIZE_LIMITS = {
  bounds: {
    lowMm: SIZE,
    highMm: SIZE,
  },
  pair: {
    leftMm: SIZE,
    rightMm: SIZE,
  },
  foundThing: {
    acrossMm: { over: 0, max: 1e5 },
  },
} as const satisfies Limits;
