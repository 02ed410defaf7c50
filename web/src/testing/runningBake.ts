import type { RunningBake } from '@every-inch/core/bake';

/** A bake of twenty minutes that began at nine. */
export const RUNNING_BAKE: RunningBake = {
  what: 'Goose',
  part: 'goose',
  pieceId: 'p',
  pieceName: 'P',
  dialC: 130,
  holdMin: 20,
  coolMin: 20,
  thicknessMm: 8,
  warmMin: null,
  regions: null,
  speed: 1,
  followsProbe: false,
  endFollows: false,
  probe: null,
  early: [],
  startedAt: '2026-05-01T09:00:00Z',
  outAt: null,
};
