import { type Limits, SIZE } from '../../record/index.ts';

/** Limits of the numbers of pictures that are measured. */
export const PICTURE_LIMITS = {
  spot: {
    x: { max: 1e6, min: -1e6 },
    y: { max: 1e6, min: -1e6 },
  },
  knownLength: {
    lengthMm: SIZE,
  },
  knownRectangle: {
    widthMm: SIZE,
    heightMm: SIZE,
  },
  reference: {
    widthPx: { whole: true, max: 20_000, min: 1 },
    heightPx: { whole: true, max: 20_000, min: 1 },
    shownRatio: { min: 0.1, max: 1e5 },
  },
} as const satisfies Limits;
