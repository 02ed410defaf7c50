import type { LayerKind } from '../record/choices.ts';
import type { CoatLayer } from '../record/classes.ts';

/** What is done in a layer, in words. */
export const LAYER_SAYS: Readonly<Record<LayerKind, string>> = {
  texture: 'texture',
  clean: 'clean the raw clay',
  pastel: 'pastel',
  slip: 'liquid clay',
  bake: 'bake',
  wipe: 'wash the grease off',
  prime: 'prime',
  seal: 'seal',
  base: 'base coat',
  stain: 'stain',
  leaf: 'leaf',
  shade: 'shade with a wash',
  drybrush: 'dry brush',
  glaze: 'glaze',
  detail: 'details',
  decal: 'decal',
  matt: 'matt',
  gloss: 'gloss',
  paste: 'paste or crust',
  fibre: 'fibre',
  weather: 'dust and weather',
};

/** Notes up to so long are a name for what settles. */
const NAME_LONG = 24;

/** A layer in words: what settles by its own name where it was given a short one. */
export function layerSays({ kind, lies, note }: Pick<CoatLayer, 'kind' | 'lies' | 'note'>): string {
  return lies !== null && note !== '' && note.length <= NAME_LONG ? note : LAYER_SAYS[kind];
}

/** What a layer may be made with, the usual first; null for work of a tool or the oven. */
export const LAYER_COATS = {
  texture: [null],
  clean: ['alcohol', 'starch', 'soap', null],
  pastel: ['pastel', 'mica', 'pigment'],
  slip: ['liquid-clay', 'oven-glaze'],
  bake: [null],
  wipe: ['soap', 'alcohol', null],
  prime: ['primer', 'spray-primer', 'shellac'],
  seal: ['sealer', 'shellac', 'matt-varnish', 'satin-varnish', 'matt-spray', 'pva'],
  base: ['acrylic', 'enamel', 'oil', 'gouache'],
  stain: ['stain', 'alcohol-ink'],
  leaf: ['leaf', 'mica'],
  shade: ['wash', 'enamel-wash', 'gouache', 'stain', 'alcohol-ink'],
  drybrush: ['acrylic', 'enamel', 'oil', 'mica'],
  glaze: ['acrylic-glaze', 'wash', 'oil', 'oven-glaze'],
  detail: ['acrylic', 'enamel', 'gouache', 'oil'],
  decal: ['decal'],
  matt: ['matt-varnish', 'matt-spray'],
  gloss: ['gloss-varnish', 'satin-varnish', 'gloss-spray', 'uv-resin', 'epoxy-resin', 'wax'],
  paste: ['texture-paste', 'icing', 'snow-paste', 'pva'],
  fibre: ['fur', 'wool', 'flock', 'grass', 'moss'],
  weather: [
    'pigment',
    'wash',
    'enamel-wash',
    'snow-paste',
    'dry-snow',
    'moss',
    'acrylic-glaze',
    'texture-paste',
    'acrylic',
    'gloss-varnish',
    'uv-resin',
  ],
} as const;

/** Layers that colour what they go over. */
export const COLOURS: readonly LayerKind[] = [
  'pastel',
  'slip',
  'prime',
  'base',
  'stain',
  'leaf',
  'shade',
  'drybrush',
  'glaze',
  'detail',
  'decal',
  'paste',
  'fibre',
  'weather',
];
