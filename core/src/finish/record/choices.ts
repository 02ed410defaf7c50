/** The sides of a surface: every place of it belongs to the one that it faces most. */
export const ZONE_SIDES = ['front', 'back', 'left', 'right', 'top', 'under'] as const;
export type ZoneSide = (typeof ZONE_SIDES)[number];

/** What a surface is of before anything is put on it. */
export const BODY_IDS = [
  'clay',
  'air-dry',
  'putty',
  'resin',
  'plaster',
  'wood',
  'card',
  'cork',
  'foam',
  'foil',
  'metal',
  'glass',
  'stone',
  'plastic',
  'rubber',
  'cloth',
  'painted',
] as const;
export type BodyId = (typeof BODY_IDS)[number];

/** What is put on a surface, by generic name. */
export const COAT_IDS = [
  'pastel',
  'mica',
  'liquid-clay',
  'oven-glaze',
  'soap',
  'alcohol',
  'starch',
  'primer',
  'spray-primer',
  'sealer',
  'shellac',
  'acrylic',
  'wash',
  'acrylic-glaze',
  'gouache',
  'alcohol-ink',
  'stain',
  'enamel',
  'enamel-wash',
  'oil',
  'leaf',
  'decal',
  'matt-varnish',
  'satin-varnish',
  'gloss-varnish',
  'matt-spray',
  'gloss-spray',
  'uv-resin',
  'epoxy-resin',
  'wax',
  'texture-paste',
  'icing',
  'snow-paste',
  'pigment',
  'flock',
  'fur',
  'wool',
  'grass',
  'dry-snow',
  'moss',
  'pva',
  'superglue',
  'contact-glue',
  'epoxy-glue',
  'hot-glue',
] as const;
export type CoatId = (typeof COAT_IDS)[number];

/** What is done to a surface, in the usual order of the work. */
export const LAYER_KINDS = [
  'texture',
  'clean',
  'pastel',
  'slip',
  'bake',
  'wipe',
  'prime',
  'seal',
  'base',
  'stain',
  'leaf',
  'shade',
  'drybrush',
  'glaze',
  'detail',
  'decal',
  'matt',
  'gloss',
  'paste',
  'fibre',
  'weather',
] as const;
export type LayerKind = (typeof LAYER_KINDS)[number];

/** How a coat is put on. */
export const COAT_HOWS = ['brush', 'spray', 'dab'] as const;
export type CoatHow = (typeof COAT_HOWS)[number];

/** Where matter that is put on comes to lie by itself: what falls from above, in shelter, in folds, on edges, at the foot, where water runs off. */
export const SETTLINGS = ['sky', 'shelter', 'fold', 'edge', 'foot', 'run'] as const;
export type Settling = (typeof SETTLINGS)[number];

/** Which way a tool is drawn, a brush is pulled, or fibres lie. */
export const GRAINS = ['down', 'up', 'back', 'round', 'out', 'cross'] as const;
export type Grain = (typeof GRAINS)[number];

/** How a surface shines at last. */
export const SHEENS = ['matt', 'satin', 'gloss'] as const;
export type Sheen = (typeof SHEENS)[number];

/** What a finished surface meets with. */
export const MEETS = ['hands', 'water', 'sun', 'frost'] as const;
export type Meets = (typeof MEETS)[number];

/** How much a rule weighs, as the maker’s own rules say it. */
export const RULE_GRADES = ['silent', 'check', 'stop'] as const;

/** What joins two things. */
export const JOINT_WAYS = [
  'press',
  'liquid-clay',
  'pva',
  'superglue',
  'contact-glue',
  'epoxy-glue',
  'hot-glue',
  'magnets',
  'tube',
  'slot',
] as const;
export type JointWay = (typeof JOINT_WAYS)[number];
