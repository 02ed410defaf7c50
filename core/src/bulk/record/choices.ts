import { CORE_KINDS } from '../rows/cores.ts';

/** What a part may ask of its clay besides what its form and the brief ask. */
export const CLAY_WISHES = ['strong', 'crisp', 'see-through', 'long-soft', 'masonry', 'unbaked'] as const;
export type ClayWish = (typeof CLAY_WISHES)[number];
/** A core as the piece’s school has it, none, or a kind settled for a part. */
export const CORE_CHOICES = ['school', 'none', ...CORE_KINDS] as const;
export const INSERT_SHAPES = ['round', 'square'] as const;
export type InsertShape = (typeof INSERT_SHAPES)[number];
/** How an insert sits in its hole. */
export const INSERT_FITS = ['glued', 'free', 'press'] as const;
export type InsertFit = (typeof INSERT_FITS)[number];
