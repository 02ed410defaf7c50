import { type Limits, PLACE, SIZE, SIZE_OR_NONE, TURN } from '../../record/index.ts';

/** Limits of the numbers of the ground; lengths are miniature mm, those of masonry in life. */
export const GROUND_LIMITS = {
  board: {
    widthMm: SIZE,
    depthMm: SIZE,
    sides: { whole: true, min: 3, max: 24 },
    thicknessMm: { over: 0, max: 1000 },
    studs: { whole: true, min: 0, max: 12 },
  },
  stood: { xMm: PLACE, yMm: PLACE, turnDeg: TURN },
  heap: {
    heightMm: SIZE,
    slopeDeg: { min: 5, max: 90 },
    skinMm: SIZE_OR_NONE,
    sheetMm: { over: 0, max: 1000 },
    stockWideMm: SIZE,
    stockHighMm: SIZE,
  },
  ribbon: { ribbonMm: { min: 0, max: 2000 } },
  boardJoin: { turnDeg: TURN, besideMm: PLACE },
  tone: { parts: { over: 0, max: 1000 } },
  pour: {
    deepMm: { over: 0, max: 2000 },
    lowMm: SIZE_OR_NONE,
    bankDeg: { min: 5, max: 90 },
  },
  tint: {
    testMl: { over: 0, max: 10_000 },
    testGoneMm: { over: 0, max: 2000 },
    goneMm: { over: 0, max: 2000 },
  },
  cover: { deepMm: { over: 0, max: 500 } },
  eye: {
    fromDeg: TURN,
    heightMm: SIZE,
    awayMm: SIZE,
  },
  masonry: {
    unitLengthMm: SIZE,
    unitHeightMm: SIZE,
    jointMm: SIZE_OR_NONE,
    seed: { whole: true, min: 1, max: 9999 },
    wornMm: { min: 0, max: 100 },
    quoinMm: SIZE_OR_NONE,
  },
  backdrop: {
    sensorMm: { over: 0, max: 200 },
    sensorHighMm: { over: 0, max: 200 },
    focalMm: { over: 0, max: 2000 },
    awayMm: { over: 0, max: 1e5 },
    behindMm: { min: 0, max: 1e5 },
    fNumber: { over: 0, max: 128 },
    marginPct: { min: 0, max: 300 },
    sheetMm: { over: 0, max: 1e5 },
    fromDeg: TURN,
  },
  timber: {
    lengthMm: SIZE,
    heightMm: SIZE,
    stepMm: SIZE,
    rails: { whole: true, min: 0, max: 20 },
    palesMm: SIZE_OR_NONE,
    thickMm: SIZE,
    stockMm: SIZE,
    kerfMm: { min: 0, max: 20 },
  },
  masonryOpening: { middleMm: SIZE_OR_NONE, sillMm: SIZE_OR_NONE, widthMm: SIZE, heightMm: SIZE },
} as const satisfies Limits;

/** The longest that lists of the ground get. */
export const GROUND_MOST = { corners: 500, joins: 12, tones: 12, layouts: 50 } as const;
