/** Stamp of a piece's file. */
export const PIECE_FORMAT = 'every-inch/piece';
/** Version this program writes. */
export const PIECE_VERSION = 1;

export const PURPOSES = ['display', 'handled', 'filmed', 'worn', 'given'] as const;
export type Purpose = (typeof PURPOSES)[number];
export const VIEWPOINTS = ['all-round', 'front', 'above', 'camera'] as const;
export type Viewpoint = (typeof VIEWPOINTS)[number];
export const OUTCOMES = ['good', 'under-baked', 'scorched', 'cracked'] as const;
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
export const CLAY_WISHES = ['strong', 'crisp', 'see-through', 'long-soft', 'unbaked'] as const;
export type ClayWish = (typeof CLAY_WISHES)[number];
export const TAKING_KINDS = ['length', 'height', 'angle'] as const;
export type TakingKind = (typeof TAKING_KINDS)[number];
