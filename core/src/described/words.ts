import type { StuffId } from '../handbook/index.ts';
import type { PartState } from '../piece/index.ts';

/** What a part is of: a stuff of its own, the maker’s clay, or clay over a core. */
export type Material = { readonly kind: 'clay' } | { readonly kind: 'stuff'; readonly stuff: StuffId };

const stuff = (id: StuffId): Material => ({ kind: 'stuff', stuff: id });

/** Words for what things are made of; those that are themselves the thing stay in its name. */
export const MATERIALS: Readonly<Record<string, Material>> = {
  clay: { kind: 'clay' },
  foil: stuff('foil'),
  wire: stuff('wire'),
  brass: stuff('wire'),
  metal: stuff('wire'),
  steel: stuff('wire'),
  aluminium: stuff('wire'),
  screw: stuff('wire'),
  nail: stuff('wire'),
  bracket: stuff('wire'),
  wood: stuff('wood'),
  wooden: stuff('wood'),
  ply: stuff('wood'),
  balsa: stuff('wood'),
  skewer: stuff('wood'),
  dowel: stuff('wood'),
  matchstick: stuff('wood'),
  toothpick: stuff('wood'),
  cork: stuff('wood'),
  card: stuff('card'),
  cardboard: stuff('card'),
  paper: stuff('card'),
  glass: stuff('glass'),
  marble: stuff('glass'),
  jar: stuff('glass'),
  stone: stuff('stone'),
  pebble: stuff('stone'),
  foam: stuff('foam'),
  plastic: stuff('kit-plastic'),
  printed: stuff('print'),
  lamp: stuff('lamp'),
  led: stuff('lamp'),
  bulb: stuff('lamp'),
  battery: stuff('cell'),
  cell: stuff('cell'),
  magnet: stuff('magnet'),
  wool: stuff('cotton'),
  cotton: stuff('cotton'),
  thread: stuff('cotton'),
  string: stuff('cotton'),
  silicone: stuff('silicone'),
};

/** Words for how far a thing has come. */
export const STATES: Readonly<Record<string, PartState>> = {
  raw: 'raw',
  unbaked: 'raw',
  baked: 'baked',
  cured: 'baked',
  fired: 'baked',
  painted: 'painted',
  finished: 'painted',
};

/** Words for how many there are. */
export const COUNTS: Readonly<Record<string, number>> = {
  one: 1,
  two: 2,
  pair: 2,
  three: 3,
  four: 4,
  five: 5,
  six: 6,
  seven: 7,
  eight: 8,
  nine: 9,
  ten: 10,
  dozen: 12,
};

/** What a length beside a word is of. */
export type Role = 'high' | 'long' | 'wide' | 'deep' | 'thick';
export const ROLES: Readonly<Record<string, Role>> = {
  high: 'high',
  tall: 'high',
  long: 'long',
  length: 'long',
  wide: 'wide',
  broad: 'wide',
  deep: 'deep',
  thick: 'thick',
  across: 'thick',
  diameter: 'thick',
  dia: 'thick',
  round: 'thick',
};

/** Plain bodies that makers call by many names. */
export type Plain = 'ball' | 'rod' | 'cylinder' | 'cone' | 'block' | 'sheet' | 'ring';
export const PLAINS: Readonly<Record<string, Plain>> = {
  ball: 'ball',
  sphere: 'ball',
  bead: 'ball',
  pea: 'ball',
  marble: 'ball',
  blob: 'ball',
  sausage: 'rod',
  snake: 'rod',
  roll: 'rod',
  rod: 'rod',
  stick: 'rod',
  skewer: 'rod',
  dowel: 'rod',
  matchstick: 'rod',
  toothpick: 'rod',
  wire: 'rod',
  leg: 'rod',
  arm: 'rod',
  limb: 'rod',
  screw: 'rod',
  nail: 'rod',
  bar: 'rod',
  strand: 'rod',
  thread: 'rod',
  string: 'rod',
  cylinder: 'cylinder',
  tube: 'cylinder',
  pipe: 'cylinder',
  plug: 'cylinder',
  disc: 'cylinder',
  disk: 'cylinder',
  lamp: 'cylinder',
  led: 'cylinder',
  bulb: 'cylinder',
  battery: 'cylinder',
  cell: 'cylinder',
  magnet: 'cylinder',
  base: 'cylinder',
  bottle: 'cylinder',
  jar: 'cylinder',
  cork: 'cylinder',
  cone: 'cone',
  block: 'block',
  cube: 'block',
  box: 'block',
  slab: 'sheet',
  sheet: 'sheet',
  strip: 'sheet',
  tile: 'sheet',
  ring: 'ring',
  hoop: 'ring',
};

/** One of several: `legs` is a `leg`; words that end so by themselves stay. */
export function singular(word: string): string {
  if (word.length < 4 || !word.endsWith('s') || /(ss|us|is)$/.test(word)) return word;
  if (word.endsWith('ies')) return `${word.slice(0, -3)}y`;
  return /(ches|shes|xes|ses|oes)$/.test(word) ? word.slice(0, -2) : word.slice(0, -1);
}
