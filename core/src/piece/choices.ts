/** How far a part has come already when a piece begins with it. */
export const PART_STATES = ['planned', 'raw', 'baked', 'painted'] as const;
export type PartState = (typeof PART_STATES)[number];
