import type { RouteStep } from './classes.ts';

export const DEFAULT_STEP = {
  kind: 'other',
  parts: [],
  regions: [],
  handsMin: null,
  waitMin: null,
  leaves: null,
  thing: '',
  needs: [],
  way: 'full',
  dialC: null,
  holdMin: null,
  own: true,
  done: null,
} satisfies Partial<RouteStep>;
