import type { Limits } from '../../record/index.ts';

/** Limits of the numbers of a finish; lengths are miniature mm. */
export const FINISH_LIMITS = {
  zone: {
    lowPct: { min: 0, max: 100 },
    highPct: { min: 0, max: 100 },
    sharePct: { over: 0, max: 100 },
    areaCm2: { over: 0, max: 1e6 },
  },
  zoneSpot: {
    xMm: { min: -1e6, max: 1e6 },
    yMm: { min: -1e6, max: 1e6 },
    zMm: { min: -1e6, max: 1e6 },
    radiusMm: { over: 0, max: 1e5 },
  },
  coatLayer: {
    coats: { whole: true, min: 1, max: 40 },
    thin: { min: 0, max: 20 },
    filmMm: { over: 0, max: 50 },
    lengthMm: { over: 0, max: 500 },
  },
  decal: {
    wideMm: { over: 0, max: 400 },
    highMm: { over: 0, max: 400 },
    checks: { whole: true, min: 0, max: 200 },
  },
  potPart: { parts: { over: 0, max: 1000 } },
  paintMix: { version: { whole: true, min: 1, max: 999 } },
  joint: {
    gapMm: { min: 0, max: 20 },
    areaMm2: { over: 0, max: 1e6 },
    pins: { whole: true, min: 0, max: 20 },
    pinMm: { over: 0, max: 20 },
    pinDeepMm: { over: 0, max: 200 },
  },
} as const satisfies Limits;

/** Most entries of the lists of a finish. */
export const FINISH_MOST = {
  zones: 1000,
  layers: 60,
  spots: 2000,
  rules: 200,
  joints: 1000,
  pots: 500,
  potParts: 12,
  mixes: 500,
} as const;
