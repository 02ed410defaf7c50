import type { Clay, ClayLayer, CoreChoice, Insert, RegionChoice } from './classes.ts';

export const DEFAULT_CORE: CoreChoice = { kind: 'school', skinMm: null, packed: 'balled' };
export const DEFAULT_REGION = {
  cored: true,
  skinMm: null,
  mix: [],
  pass: 1,
  zones: [],
} satisfies Partial<RegionChoice>;
export const DEFAULT_LAYER = {
  name: 'second clay',
  regions: [],
  thicknessMm: 2,
  mix: [],
  pass: 2,
} satisfies Partial<ClayLayer>;
export const DEFAULT_INSERT = {
  shape: 'round',
  widthMm: 10,
  heightMm: 10,
  depthMm: 5,
  measured: 'thing',
  fit: 'glued',
  removable: false,
  stuff: null,
  afterBake: false,
} satisfies Partial<Insert>;
export const DEFAULT_CLAY = {
  family: 'all-purpose',
  colour: '#e3bca9',
  packG: null,
  packPrice: null,
  packet: null,
} satisfies Partial<Clay>;
