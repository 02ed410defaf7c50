export const PURPOSES = ['display', 'handled', 'filmed', 'worn', 'given'] as const;
export type Purpose = (typeof PURPOSES)[number];
export const VIEWPOINTS = ['all-round', 'front', 'above', 'camera'] as const;
export type Viewpoint = (typeof VIEWPOINTS)[number];
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
/** What a feature is, for what a hand can make of it. */
export const FEATURE_HOWS = ['line', 'dot', 'strand', 'hole', 'stamp', 'relief', 'letter', 'gap'] as const;
export type FeatureHow = (typeof FEATURE_HOWS)[number];
