/** How a set finds its number: told, in a row along a line, in rows over a face, scattered, or at equal steps round a line. */
export const REPEAT_KINDS = ['counted', 'along', 'over', 'scattered', 'round'] as const;
export type RepeatKind = (typeof REPEAT_KINDS)[number];

/** Ways to make many alike. */
export const WAYS = ['hand', 'cutter', 'stamp', 'press', 'putty', 'poured', 'bought'] as const;
export type Way = (typeof WAYS)[number];

/** A mould pressed open and cut flush, of two halves, poured in a box, or crumpled of foil. */
export const MOULD_KINDS = ['press', 'halves', 'poured', 'foil'] as const;
export type MouldKind = (typeof MOULD_KINDS)[number];

/** How the master lies: what of it faces the opening of the mould. */
export const LAID_BY = ['front', 'top', 'side'] as const;
export type LaidBy = (typeof LAID_BY)[number];

/** What moulds are made of, and what is cast in them. */
export const MOULD_STUFFS = ['putty', 'rubber', 'clay', 'foil'] as const;
export type MouldStuff = (typeof MOULD_STUFFS)[number];
export const CAST_STUFFS = ['clay', 'air-dry', 'resin', 'plaster', 'putty'] as const;
export type CastStuff = (typeof CAST_STUFFS)[number];

/** Clays laid into one another: streaks, a rope of strands, a log with a picture in it, chips, or something crumbled in. */
export const PATTERN_KINDS = ['marble', 'twist', 'cane', 'mottle', 'crumbs'] as const;
export type PatternKind = (typeof PATTERN_KINDS)[number];
/** Which way a rope leans as it rises. */
export const HANDS = ['left', 'right'] as const;
export type Hand = (typeof HANDS)[number];
