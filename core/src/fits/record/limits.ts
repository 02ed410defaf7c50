import { type Limits, SIZE } from '../../record/index.ts';

/** Limits of the numbers of how parts go together. */
export const FITS_LIMITS = {
  fitOpening: {
    widthMm: SIZE,
    heightMm: SIZE,
  },
  fit: {
    madeMm: { over: 0, max: 1e4 },
  },
} as const satisfies Limits;
