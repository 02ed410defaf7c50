import { type CoatId, type CoatLayer, DEFAULT_COAT_LAYER, type Settling } from '../../piece/index.ts';

/** Matter that comes to lie on a thing by itself, as it is usually made in the miniature. */
export interface Matter {
  readonly id: string;
  readonly says: string;
  readonly of: CoatId;
  readonly colour: string;
  readonly lies: Settling;
  /** At true size, mm: how deep it lies, or how long it stands; null for what only stains. */
  readonly deepMm: number | null;
}

/** What settles (common practice; colours for the eye alone, how deep it lies from memory). */
export const MATTERS: readonly Matter[] = [
  { id: 'snow', says: 'snow', of: 'dry-snow', colour: '#f1f4f7', lies: 'sky', deepMm: 30 },
  { id: 'dust', says: 'dust', of: 'pigment', colour: '#b7a78c', lies: 'sky', deepMm: null },
  { id: 'ash', says: 'ash', of: 'pigment', colour: '#8f8c88', lies: 'sky', deepMm: null },
  { id: 'moss', says: 'moss', of: 'moss', colour: '#66743a', lies: 'shelter', deepMm: 15 },
  { id: 'soot', says: 'soot', of: 'pigment', colour: '#2b2724', lies: 'fold', deepMm: null },
  { id: 'rust', says: 'rust that runs', of: 'enamel-wash', colour: '#8a4b25', lies: 'run', deepMm: null },
  {
    id: 'drips',
    says: 'water that runs and drips',
    of: 'wash',
    colour: '#3d3a33',
    lies: 'run',
    deepMm: null,
  },
  { id: 'gore', says: 'gore', of: 'acrylic-glaze', colour: '#5e1512', lies: 'run', deepMm: null },
  { id: 'mud', says: 'mud at the foot', of: 'texture-paste', colour: '#6d5a42', lies: 'foot', deepMm: 5 },
  { id: 'wear', says: 'worn edges', of: 'acrylic', colour: '#b9b4aa', lies: 'edge', deepMm: null },
];

/** Thinner than this nothing can be laid, miniature mm. */
const LEAST_MM = 0.2;

/** Moss stands so high where the scale is open, mm. */
const USUAL_MOSS_MM = 1;

/**
 * A layer of some matter, as deep as it lies at the scale of the piece.
 *
 * @param ratio null while the scale is open: it lies as deep as such stuff is usually laid
 */
export function layerOfMatter(
  { id, of, colour, lies, deepMm, says }: Matter,
  ratio: number | null,
): CoatLayer {
  const deep =
    deepMm === null || ratio === null ? null : Math.max(LEAST_MM, Math.round((10 * deepMm) / ratio) / 10);
  return {
    ...DEFAULT_COAT_LAYER,
    id,
    kind: 'weather',
    of,
    colour,
    lies,
    how: of === 'pigment' || of === 'dry-snow' ? 'dab' : 'brush',
    filmMm: of === 'moss' ? null : deep,
    lengthMm: of === 'moss' ? (deep ?? USUAL_MOSS_MM) : null,
    note: says,
  };
}
