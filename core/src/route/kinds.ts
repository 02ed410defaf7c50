import type { RelationKind, RouteStep, StepKind } from '../piece/index.ts';

/** What each kind of step is called. */
export const STEP_TITLES: Readonly<Record<StepKind, string>> = {
  wire: 'cut and bend the wire',
  bind: 'bind the wires',
  block: 'fix it in a block',
  core: 'core',
  small: 'small parts, baked ahead',
  skin: 'clay',
  pastel: 'pastel on the raw clay',
  detail: 'detail',
  clean: 'clean and smooth',
  bake: 'bake',
  cool: 'cool with the door ajar',
  sand: 'work on the cured clay',
  warm: 'bend it warm',
  trial: 'try it on a swatch',
  dry: 'dry it warm, in a low oven',
  fix: 'put on',
  joint: 'join',
  seal: 'seal',
  coat: 'paint',
  assemble: 'put in its place',
  other: 'other step',
};

/** How one step bears on another, read between the two. */
export const RELATION_SAYS: Readonly<Record<RelationKind, string>> = {
  buries: 'buries',
  supports: 'supports',
  touches: 'touches',
  held: 'is held by the hand during',
  wet: 'must still be wet for',
  marks: 'marks what is covered by',
};

/** Steps that put raw clay on a part: a bake must come after them. */
export function addsClay(kind: StepKind): boolean {
  return kind === 'skin' || kind === 'detail' || kind === 'pastel';
}

/** Whether a step is one of layers: what holds on what is judged on its surfaces, and not by its place alone. */
export function isOfLayers({ id }: Pick<RouteStep, 'id'>): boolean {
  return id.startsWith('finish-');
}
