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
  'sand',
  'warm',
  'trial',
  'dry',
  'fix',
  'joint',
  'seal',
  'coat',
  'assemble',
  'other',
] as const;
export type StepKind = (typeof STEP_KINDS)[number];
/** What is done to cured clay. */
export const CURED_WORKS = ['sand', 'file', 'carve', 'drill', 'cut', 'snip', 'fill'] as const;
export type CuredWork = (typeof CURED_WORKS)[number];
/** What raw clay is smoothed or cleaned with. */
export const AGENTS = ['alcohol', 'oil', 'softener', 'starch', 'water', 'liquid-clay', 'gloves'] as const;
export type Agent = (typeof AGENTS)[number];
/** What helps for a while and is taken off again. */
export const AID_KINDS = [
  'block',
  'film',
  'clamp',
  'frame',
  'foil-former',
  'card-former',
  'mat',
  'jig',
  'spare-head',
  'baked-part',
  'foot-or-bottle',
] as const;
export type AidKind = (typeof AID_KINDS)[number];
/** What keeps raw clay from sticking to an aid. */
export const SEPARATORS = ['none', 'powder', 'film', 'oil', 'foil'] as const;
export type Separator = (typeof SEPARATORS)[number];
/** A bake firms what is in it, cures it, or is of its small parts alone, made ahead. */
export const BAKE_WAYS = ['set', 'full', 'ahead'] as const;
export type BakeStepWay = (typeof BAKE_WAYS)[number];
/** How one step bears on another. */
export const RELATION_KINDS = ['buries', 'supports', 'touches', 'held', 'wet', 'marks'] as const;
export type RelationKind = (typeof RELATION_KINDS)[number];
