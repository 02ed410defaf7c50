import type { CoatLayer, CoatRule, Decal, Joint, PaintMix, PaintPot, Zone } from './classes.ts';

export const DEFAULT_COAT_LAYER = {
  kind: 'base',
  of: null,
  colour: null,
  coats: 1,
  how: 'brush',
  thin: 0,
  filmMm: null,
  lengthMm: null,
  lies: null,
  grain: null,
  decal: null,
  note: '',
} satisfies Partial<CoatLayer>;

export const DEFAULT_DECAL = { words: '', wideMm: 20, highMm: 10, checks: 0 } satisfies Decal;

export const DEFAULT_ZONE = {
  name: 'surface',
  part: null,
  ground: '',
  regions: [],
  side: null,
  lowPct: 0,
  highPct: 100,
  spots: [],
  sharePct: 100,
  areaCm2: null,
  of: null,
  colour: null,
  sheen: 'matt',
  meets: [],
  isOwn: false,
  layers: [],
} satisfies Partial<Zone>;

export const DEFAULT_COAT_RULE = { grade: 'check', says: '' } satisfies Partial<CoatRule>;

export const DEFAULT_POT = { name: 'paint', of: 'acrylic', colour: '#808080' } satisfies Partial<PaintPot>;

export const DEFAULT_MIX = {
  name: 'mix',
  colour: '#808080',
  parts: [],
  made: null,
  version: 1,
  note: '',
} satisfies Partial<PaintMix>;

export const DEFAULT_JOINT = {
  way: null,
  gapMm: null,
  areaMm2: null,
  comesApart: false,
  pins: 0,
  pinMm: 1,
  pinDeepMm: 5,
} satisfies Partial<Joint>;
