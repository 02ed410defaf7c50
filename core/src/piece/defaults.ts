import { PIECE_FORMAT, PIECE_VERSION } from './constants.ts';
import type {
  Addition,
  BakeSettings,
  BranchPlan,
  Brief,
  Clay,
  CoreChoice,
  Decision,
  Feature,
  Fit,
  Insert,
  LogEntry,
  Part,
  Piece,
  Reference,
  RegionChoice,
  RouteStep,
  RunChoice,
  Schools,
} from './document.ts';
import { type ClayId, newId, type PieceId } from './ids.ts';

export const DEFAULT_SCHOOLS: Schools = {
  colour: 'painted',
  bakes: 'sections',
  heat: 'set',
  core: 'foil',
  superglue: 'never',
};
export const DEFAULT_CORE: CoreChoice = { kind: 'school', skinMm: null, packed: 'balled' };
export const DEFAULT_BRIEF: Brief = {
  purpose: 'display',
  due: null,
  hoursPerDay: null,
  budget: null,
  currency: '€',
  handledBy: '',
  seenFrom: 'all-round',
  note: '',
  schools: DEFAULT_SCHOOLS,
};
export const DEFAULT_OVEN: BakeSettings = {
  dialC: null,
  holdMin: null,
  air: 'still',
  under: 'tile',
  preheated: true,
  cooling: 'ajar',
  places: [],
};
export const DEFAULT_BRANCHES: BranchPlan = { folded: false, roots: true, twigs: 0, twigWire: null };
export const DEFAULT_RUN = {
  out: false,
  wire: null,
  layMm: null,
  startMm: null,
  endMm: null,
  drawn: [],
} satisfies Partial<RunChoice>;
export const DEFAULT_REGION = {
  cored: true,
  skinMm: null,
  mix: [],
  pass: 1,
  zones: [],
} satisfies Partial<RegionChoice>;
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
export const DEFAULT_FEATURE = {
  wanted: 1,
  made: 0,
  ahead: false,
  facial: false,
} satisfies Partial<Feature>;
export const DEFAULT_PART = {
  parent: null,
  count: 1,
  sized: 'life',
  stuff: null,
  afterBake: false,
  core: DEFAULT_CORE,
  mix: [],
  wishes: [],
  bounds: [],
  features: [],
  pairs: [],
  regions: [],
  inserts: [],
  wire: null,
  runs: [],
  branches: DEFAULT_BRANCHES,
  note: '',
} satisfies Partial<Part>;
export const DEFAULT_ADDITION = {
  hours: 1,
  cost: 0,
  waitDays: 0,
  accepted: false,
} satisfies Partial<Addition>;
export const DEFAULT_FIT = { opening: null, madeMm: null } satisfies Partial<Fit>;
export const DEFAULT_DECISION = {
  answer: '',
  before: 'first-bake',
  parts: [],
  settled: null,
  settledAs: '',
} satisfies Partial<Decision>;
export const DEFAULT_REFERENCE = {
  caption: '',
  source: '',
  part: null,
  shownRatio: 1,
  known: null,
  square: null,
  takings: [],
} satisfies Partial<Reference>;
export const DEFAULT_ENTRY = {
  part: null,
  measure: null,
  bake: null,
  note: '',
  lesson: '',
  pictures: [],
} satisfies Partial<LogEntry>;
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
  own: true,
  done: null,
} satisfies Partial<RouteStep>;
export const DEFAULT_CLAY = {
  family: 'all-purpose',
  colour: '#e3bca9',
  packG: null,
  packPrice: null,
  packet: null,
} satisfies Partial<Clay>;

/** An empty piece at 1:12 with one clay to hand. */
export function newPiece(name: string, created: string, random: () => number = Math.random): Piece {
  return {
    format: PIECE_FORMAT,
    version: PIECE_VERSION,
    id: newId<PieceId>(name, random),
    name,
    created,
    scale: { kind: 'ratio', ratio: 12 },
    brief: DEFAULT_BRIEF,
    clays: [{ ...DEFAULT_CLAY, id: newId<ClayId>('clay', random), name: 'All-purpose soft clay' }],
    parts: [],
    found: [],
    additions: [],
    fits: [],
    wireStock: [],
    wireSold: 'metric',
    drills: [],
    oven: DEFAULT_OVEN,
    route: null,
    decisions: [],
    references: [],
    log: [],
    own: {},
    quarantine: [],
  };
}
