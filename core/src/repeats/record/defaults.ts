import type { MouldChoice, PatternChoice, RepeatRule, Tally } from './classes.ts';

export const DEFAULT_TALLY: Tally = { made: 0, good: 0, used: 0, minutes: 0 };

export const DEFAULT_REPEAT: RepeatRule = {
  kind: 'counted',
  on: 'own',
  atPct: 50,
  n: 10,
  ownMm: 100,
  ownCm2: 25,
  pitchMm: null,
  exposureMm: null,
  staggered: true,
  doubleFirst: true,
  bothEnds: true,
  perCm2: 4,
  sharePct: 100,
  sparePct: null,
  letInPct: 0,
  ahead: false,
  way: null,
  nudged: [],
  tally: DEFAULT_TALLY,
};

export const DEFAULT_MOULD: MouldChoice = {
  kind: 'press',
  of: 'putty',
  casts: 'clay',
  pull: 'front',
  wallMm: null,
  generations: 1,
  bakedIn: false,
  runs: 6,
};

export const DEFAULT_PATTERN: PatternChoice = {
  kind: 'marble',
  thickMm: 20,
  reducedMm: 10,
  turns: 4,
  hand: 'right',
  sliceMm: 3,
  pieceMm: 2,
};
