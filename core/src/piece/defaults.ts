import { DEFAULT_BRANCHES } from '../armature/record/defaults.ts';
import { DEFAULT_OVEN } from '../bake/record/defaults.ts';
import { DEFAULT_BRIEF } from '../brief/record/defaults.ts';
import { DEFAULT_CLAY, DEFAULT_CORE } from '../bulk/record/defaults.ts';
import { type ClayId, newId, type PieceId } from '../record/index.ts';
import { DEFAULT_BENCH_PLAN } from '../schedule/record/defaults.ts';
import { PIECE_FORMAT, PIECE_VERSION } from './constants.ts';
import type { Part, Piece, Variant } from './document.ts';

export * from '../armature/record/defaults.ts';
export * from '../bake/record/defaults.ts';
export * from '../brief/record/defaults.ts';
export * from '../bulk/record/defaults.ts';
export * from '../finish/record/defaults.ts';
export * from '../fits/record/defaults.ts';
export * from '../ground/record/defaults.ts';
export * from '../log/record/defaults.ts';
export * from '../picture/record/defaults.ts';
export * from '../repeats/record/defaults.ts';
export * from '../route/record/defaults.ts';
export * from '../schedule/record/defaults.ts';

export const DEFAULT_PART = {
  parent: null,
  count: 1,
  sized: 'life',
  state: 'planned',
  stuff: null,
  afterBake: false,
  core: DEFAULT_CORE,
  mix: [],
  wishes: [],
  bounds: [],
  features: [],
  pairs: [],
  regions: [],
  layers: [],
  variants: [],
  repeat: null,
  pattern: null,
  mould: null,
  inserts: [],
  wire: null,
  runs: [],
  branches: DEFAULT_BRANCHES,
  note: '',
} satisfies Partial<Part>;

export const DEFAULT_VARIANT = { name: 'another', count: 1, differs: '' } satisfies Partial<Variant>;

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
    bench: DEFAULT_BENCH_PLAN,
    decisions: [],
    references: [],
    log: [],
    rough: [],
    aids: [],
    board: null,
    backdrop: null,
    timber: [],
    stood: [],
    heaps: [],
    pours: [],
    covers: [],
    eyes: [],
    masonry: [],
    layouts: [],
    zones: [],
    joints: [],
    coatRules: [],
    pots: [],
    paintMixes: [],
    own: {},
    quarantine: [],
  };
}
