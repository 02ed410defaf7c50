export const OUTCOMES = ['good', 'under-baked', 'scorched', 'cracked', 'bulged', 'dented', 'shiny'] as const;
export type Outcome = (typeof OUTCOMES)[number];
/** What the air of the oven does, what a piece stands on in it, and how it cools. */
export const OVEN_AIRS = ['still', 'fan', 'tent'] as const;
export type OvenAir = (typeof OVEN_AIRS)[number];
export const OVEN_UNDERS = ['rack', 'tile', 'pad'] as const;
export type OvenUnder = (typeof OVEN_UNDERS)[number];
export const OVEN_COOLINGS = ['ajar', 'out'] as const;
export type OvenCooling = (typeof OVEN_COOLINGS)[number];
