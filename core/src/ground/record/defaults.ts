import type {
  Backdrop,
  Board,
  Cover,
  Eye,
  Heap,
  Layout,
  Masonry,
  MasonryOpening,
  Pour,
  Stood,
  Timber,
  Tint,
} from './classes.ts';

export const DEFAULT_BOARD: Board = {
  outline: 'round',
  widthMm: 200,
  depthMm: 200,
  sides: 6,
  points: [],
  stuff: 'ply',
  thicknessMm: 9,
  studs: 0,
  joins: [],
};

export const DEFAULT_STOOD = {
  xMm: 0,
  yMm: 0,
  turnDeg: 0,
  foliage: 'none',
  group: '',
} satisfies Partial<Stood>;

export const DEFAULT_HEAP = {
  name: 'rise',
  heightMm: 20,
  slopeDeg: 45,
  of: 'foam',
  sheetMm: 10,
  stockWideMm: 600,
  stockHighMm: 400,
  ribbonMm: 0,
  skin: 'plaster',
  skinMm: 3,
} satisfies Partial<Heap>;

export const DEFAULT_POUR = {
  name: 'pond',
  deepMm: 8,
  lowMm: 1,
  bankDeg: 45,
  ribbonMm: 0,
  of: 'resin',
  tint: null,
} satisfies Partial<Pour>;

export const DEFAULT_COVER = {
  name: 'cover',
  of: 'earth',
  deepMm: 2,
  ribbonMm: 0,
  tones: [],
} satisfies Partial<Cover>;

export const DEFAULT_EYE = { name: 'eye', fromDeg: 0, heightMm: 300, awayMm: 600 } satisfies Partial<Eye>;

/** A brick of 215 × 65 mm with joints of 10 mm. */
export const DEFAULT_BACKDROP: Backdrop = {
  sensorMm: 36,
  sensorHighMm: 24,
  focalMm: 50,
  awayMm: 800,
  behindMm: 400,
  fNumber: 8,
  marginPct: 15,
  sheetMm: 420,
  fromDeg: 0,
};

/** A drop in a cup of 30 ml, in which a mark is gone at 25 mm. */
export const DEFAULT_TINT: Tint = { testMl: 30, testGoneMm: 25, goneMm: 8 };

export const DEFAULT_MASONRY = {
  bond: 'stretcher',
  unitLengthMm: 215,
  unitHeightMm: 65,
  jointMm: 10,
  openings: [],
  seed: 1,
  wornMm: 0,
  quoinMm: 0,
} satisfies Partial<Masonry>;

export const DEFAULT_OPENING = {
  head: 'arch',
  middleMm: 600,
  sillMm: 0,
  widthMm: 600,
  heightMm: 800,
} satisfies Partial<MasonryOpening>;

export const DEFAULT_TIMBER = {
  name: 'fence',
  kind: 'fence',
  lengthMm: 3600,
  heightMm: 1200,
  stepMm: 1800,
  rails: 2,
  palesMm: 150,
  thickMm: 60,
  stockMm: 300,
  kerfMm: 0.5,
  stuff: 'wood',
} satisfies Partial<Timber>;

export const DEFAULT_LAYOUT = {
  name: 'layout',
  board: null,
  stood: [],
  heaps: [],
  pours: [],
  covers: [],
} satisfies Partial<Layout>;
