/** How a base is cut: a round or oval, a square or rectangle, a polygon of equal sides, or as it is drawn. */
export const BOARD_OUTLINES = ['round', 'square', 'polygon', 'drawn'] as const;
export type BoardOutline = (typeof BOARD_OUTLINES)[number];

/** What a base is cut from. */
export const BOARD_STUFFS = ['ply', 'fibreboard', 'solid-wood', 'cork', 'foam', 'card', 'clay'] as const;
export type BoardStuff = (typeof BOARD_STUFFS)[number];

/** What a rise of the ground is built up from. */
export const HEAP_STUFFS = ['foam', 'card', 'cork', 'foil', 'plaster', 'paste'] as const;
export type HeapStuff = (typeof HEAP_STUFFS)[number];

/** What lies over a rise of the ground. */
export const SKIN_STUFFS = ['none', 'plaster', 'fibre-plaster', 'paste'] as const;
export type SkinStuff = (typeof SKIN_STUFFS)[number];

/** What a hollow is filled with. */
export const POUR_STUFFS = ['resin', 'glue', 'gel', 'sealer'] as const;
export type PourStuff = (typeof POUR_STUFFS)[number];

/** How units lie on one another, or beside one another on a floor. */
export const BONDS = [
  'stretcher',
  'header',
  'english',
  'flemish',
  'stack',
  'planks',
  'checker',
  'basket',
  'herringbone',
  'rubble',
  'ashlar',
  'cobbles',
  'crazy',
] as const;
export type Bond = (typeof BONDS)[number];

/** What is built from sticks: posts with rails and pales, a flight of steps, a gate, a rack, a bench, a frame or a grid. */
export const TIMBER_KINDS = ['fence', 'steps', 'railing', 'gate', 'rack', 'bench', 'frame', 'grid'] as const;
export type TimberKind = (typeof TIMBER_KINDS)[number];

/** What sticks are of: wood is glued, wire is soldered. */
export const TIMBER_STUFFS = ['wood', 'wire'] as const;
export type TimberStuff = (typeof TIMBER_STUFFS)[number];

/** What carries courses over an opening: a half circle of wedges, or one long stone. */
export const OPENING_HEADS = ['arch', 'lintel'] as const;
export type OpeningHead = (typeof OPENING_HEADS)[number];

/** What ground is covered with: stuff that is poured or strewn, or fibres that stand. */
export const COVER_STUFFS = ['earth', 'sand', 'stones', 'turf', 'grass', 'litter', 'snow', 'moss'] as const;
export type CoverStuff = (typeof COVER_STUFFS)[number];

/** How the crown of a tree is filled; `none` for a bare one. */
export const FOLIAGES = ['none', 'twig', 'moss', 'fibre', 'leaf', 'tuft'] as const;
export type Foliage = (typeof FOLIAGES)[number];
