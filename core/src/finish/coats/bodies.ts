import type { StuffId } from '../../handbook/index.ts';
import type { BodyId } from '../record/choices.ts';
import type { Carrier } from './coats.ts';

/** What a surface is of, as far as that bears on what is put over it. */
export interface Body {
  readonly id: BodyId;
  readonly title: string;
  /** What eats it or softens it. */
  readonly eatenBy: readonly Carrier[];
  /** Water soaks in, so that it swells, warps or dries blotched. */
  readonly drinks: 'no' | 'swells' | 'blotches';
  /** A coat grips only over what grips bare metal, plastic and glass. */
  readonly isSlick: boolean;
  /** Nothing at all holds on it. */
  readonly isShy: boolean;
  readonly gives: boolean;
}

interface Said extends Partial<Omit<Body, 'id' | 'title'>> {}

function body(id: BodyId, title: string, said: Said = {}): Body {
  return { id, title, eatenBy: [], drinks: 'no', isSlick: false, isShy: false, gives: false, ...said };
}

/** What surfaces are of (common practice). */
export const BODIES: readonly Body[] = [
  body('clay', 'polymer clay', { eatenBy: ['strong', 'spirit'] }),
  body('air-dry', 'air-dry clay', { drinks: 'blotches' }),
  body('putty', 'two-part putty'),
  body('resin', 'cast resin', { isSlick: true }),
  body('plaster', 'plaster', { drinks: 'blotches' }),
  body('wood', 'wood', { drinks: 'swells' }),
  body('card', 'card or paper', { drinks: 'swells' }),
  body('cork', 'cork'),
  body('foam', 'foam', { eatenBy: ['strong', 'spirit'] }),
  body('foil', 'foil', { isSlick: true }),
  body('metal', 'metal or wire', { isSlick: true }),
  body('glass', 'glass', { isSlick: true }),
  body('stone', 'stone or sand', { drinks: 'blotches' }),
  body('plastic', 'plastic or print', { eatenBy: ['strong'], isSlick: true }),
  body('rubber', 'silicone rubber', { isShy: true, gives: true }),
  body('cloth', 'cloth or thread', { drinks: 'blotches', gives: true }),
  body('painted', 'earlier paint'),
];

const BY_ID = new Map<string, Body>(BODIES.map((one) => [one.id, one]));

export function bodyRow(id: BodyId): Body {
  const found = BY_ID.get(id);
  if (!found) throw new RangeError(`no body “${id}”`);
  return found;
}

/** What the stuffs of the handbook are as a surface. */
const OF_STUFF: Readonly<Partial<Record<StuffId, BodyId>>> = {
  wire: 'metal',
  foil: 'foil',
  wood: 'wood',
  card: 'card',
  cotton: 'cloth',
  glass: 'glass',
  'baked-clay': 'clay',
  silicone: 'rubber',
  stone: 'stone',
  foam: 'foam',
  'kit-plastic': 'plastic',
  print: 'plastic',
  'acrylic-fibre': 'cloth',
};

/** What a thing of a stuff is as a surface; `metal` for what has no better name. */
export function bodyOfStuff(stuff: StuffId): BodyId {
  return OF_STUFF[stuff] ?? 'metal';
}
