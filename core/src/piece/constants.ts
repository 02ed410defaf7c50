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
