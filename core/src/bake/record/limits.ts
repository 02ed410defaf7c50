import { type Limits, SIZE } from '../../record/index.ts';

/** Limits of the numbers of bakes and how the oven is run. */
export const BAKE_LIMITS = {
  bakeRecord: {
    temperatureC: { min: 30, max: 300 },
    minutes: { max: 1440, over: 0 },
    thicknessMm: SIZE,
  },
  bakeSettings: {
    dialC: { min: 40, max: 250 },
    holdMin: { max: 1440, over: 0 },
  },
  ovenPlace: {
    xMm: { min: -2000, max: 2000 },
    yMm: { min: -2000, max: 2000 },
  },
} as const satisfies Limits;
