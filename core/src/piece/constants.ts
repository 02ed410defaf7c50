import { CORE_KINDS } from '../handbook/index.ts';

/** Stamp of a piece's file. */
export const PIECE_FORMAT = 'every-inch/piece';
/** Version this program writes. */
export const PIECE_VERSION = 2;

export const PURPOSES = ['display', 'handled', 'filmed', 'worn', 'given'] as const;
export type Purpose = (typeof PURPOSES)[number];
export const VIEWPOINTS = ['all-round', 'front', 'above', 'camera'] as const;
export type Viewpoint = (typeof VIEWPOINTS)[number];
export const OUTCOMES = ['good', 'under-baked', 'scorched', 'cracked', 'bulged', 'dented', 'shiny'] as const;
export type Outcome = (typeof OUTCOMES)[number];

/** How two parts go together: the first one sits on, rides, … the other. */
export const FIT_KINDS = [
  'sits-on',
  'rides',
  'passes-under',
  'goes-into',
  'pegged-into',
  'covers',
  'held-by',
  'beside',
] as const;
export type FitKind = (typeof FIT_KINDS)[number];
export const OPENING_SHAPES = ['square', 'arched', 'round'] as const;
export type OpeningShape = (typeof OPENING_SHAPES)[number];
/** What a decision must come before. */
export const CLOSING_STEPS = [
  'wire',
  'clay',
  'first-bake',
  'last-bake',
  'paint',
  'glue',
  'hand-over',
] as const;
export type ClosingStep = (typeof CLOSING_STEPS)[number];
/** What a part may ask of its clay besides what its form and the brief ask. */
export const CLAY_WISHES = ['strong', 'crisp', 'see-through', 'long-soft', 'masonry', 'unbaked'] as const;
export type ClayWish = (typeof CLAY_WISHES)[number];
export const TAKING_KINDS = ['length', 'height', 'angle'] as const;
export type TakingKind = (typeof TAKING_KINDS)[number];
/** A core as the piece’s school has it, none, or a kind settled for a part. */
export const CORE_CHOICES = ['school', 'none', ...CORE_KINDS] as const;
export const INSERT_SHAPES = ['round', 'square'] as const;
export type InsertShape = (typeof INSERT_SHAPES)[number];
/** How an insert sits in its hole. */
export const INSERT_FITS = ['glued', 'free', 'press'] as const;
export type InsertFit = (typeof INSERT_FITS)[number];
/** What the air of the oven does, what a piece stands on in it, and how it cools. */
export const OVEN_AIRS = ['still', 'fan', 'tent'] as const;
export type OvenAir = (typeof OVEN_AIRS)[number];
export const OVEN_UNDERS = ['rack', 'tile', 'pad'] as const;
export type OvenUnder = (typeof OVEN_UNDERS)[number];
export const OVEN_COOLINGS = ['ajar', 'out'] as const;
export type OvenCooling = (typeof OVEN_COOLINGS)[number];

/** Most steps a route may have, and most relations between them. */
export const MOST_STEPS = 5000;
/** What a step of the route is, in the usual order of the work. */
export const STEP_KINDS = [
  'wire',
  'bind',
  'block',
  'core',
  'small',
  'skin',
  'pastel',
  'detail',
  'clean',
  'bake',
  'cool',
  'fix',
  'joint',
  'seal',
  'coat',
  'assemble',
  'other',
] as const;
export type StepKind = (typeof STEP_KINDS)[number];
/** A bake firms what is in it, cures it, or is of its small parts alone, made ahead. */
export const BAKE_WAYS = ['set', 'full', 'ahead'] as const;
export type BakeStepWay = (typeof BAKE_WAYS)[number];
/** How one step bears on another. */
export const RELATION_KINDS = ['buries', 'supports', 'touches', 'held', 'wet', 'marks'] as const;
export type RelationKind = (typeof RELATION_KINDS)[number];
