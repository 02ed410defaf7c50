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
