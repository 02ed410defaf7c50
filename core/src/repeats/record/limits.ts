import type { Limits } from '../../record/index.ts';

/** Limits of the numbers of sets, tallies and moulds. */
export const REPEATS_LIMITS = {
  repeatRule: {
    n: { whole: true, min: 1, max: 10_000 },
    atPct: { min: 0, max: 100 },
    pitchMm: { over: 0, max: 1e5 },
    exposureMm: { over: 0, max: 1e5 },
    ownMm: { over: 0, max: 1e6 },
    ownCm2: { over: 0, max: 1e7 },
    perCm2: { over: 0, max: 1000 },
    sharePct: { over: 0, max: 100 },
    letInPct: { min: 0, max: 100 },
    sparePct: { min: 0, max: 500 },
  },
  nudge: {
    place: { whole: true, min: 0, max: 10_000 },
    alongMm: { min: -1e4, max: 1e4 },
    upMm: { min: -1e4, max: 1e4 },
  },
  tally: {
    made: { whole: true, min: 0, max: 1e6 },
    good: { whole: true, min: 0, max: 1e6 },
    used: { whole: true, min: 0, max: 1e6 },
    minutes: { min: 0, max: 1e6 },
  },
  patternChoice: {
    thickMm: { min: 0.5, max: 300 },
    reducedMm: { min: 0.3, max: 300 },
    turns: { min: 0, max: 60 },
    sliceMm: { min: 0.1, max: 1000 },
    pieceMm: { min: 0.1, max: 50 },
  },
  mouldChoice: {
    wallMm: { min: 1, max: 100 },
    generations: { whole: true, min: 1, max: 6 },
    runs: { whole: true, min: 1, max: 10_000 },
  },
} as const satisfies Limits;
