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
