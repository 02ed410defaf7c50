import type { Aid, RouteStep } from './classes.ts';

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
  work: 'sand',
  sizeMm: null,
  agent: null,
  isNew: false,
  own: true,
  done: null,
} satisfies Partial<RouteStep>;

export const DEFAULT_AID = {
  kind: 'foil-former',
  parts: [],
  on: '',
  off: '',
  stuff: null,
  addsMm: 0,
  separator: 'none',
} satisfies Partial<Aid>;
