import { type Limits, SIZE } from '../../record/index.ts';

/** Limits of the numbers of clays, mixes, cores, regions, layers and inserts. */
export const BULK_LIMITS = {
  packet: {
    lowC: { min: 40, max: 200 },
    highC: { min: 40, max: 200 },
    lowMinutes: { max: 600, over: 0 },
    highMinutes: { max: 600, over: 0 },
  },
  clay: {
    packG: { over: 0, max: 1e6 },
    packPrice: { min: 0, max: 1e6 },
  },
  mixShare: {
    parts: { over: 0, max: 1e4 },
  },
  coreChoice: {
    skinMm: SIZE,
  },
  zoneShare: {
    percent: { min: 0, max: 100 },
  },
  regionChoice: {
    skinMm: SIZE,
    pass: { whole: true, min: 1, max: 99 },
  },
  clayLayer: {
    thicknessMm: SIZE,
    pass: { whole: true, min: 2, max: 99 },
  },
  insert: {
    widthMm: { max: 2000, over: 0 },
    heightMm: { max: 2000, over: 0 },
    depthMm: { max: 2000, over: 0 },
  },
} as const satisfies Limits;
