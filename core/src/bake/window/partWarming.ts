import { LRUCache } from 'lru-cache';
import type { BulkFacts } from '../../bulk/index.ts';
import type { PartContext } from '../../context/index.ts';
import type { Shape } from '../../form/index.ts';
import type { BakeSettings } from '../../piece/index.ts';
import { type BakeAsk, bakeAsk, bakeGrid, bodyOn, type Fineness, regionsOf } from '../heat/index.ts';
import { airRise } from './oven.ts';
import { type Warming, warmThrough } from './warming.ts';

/** How a part warms through, and the regions that are last and first. */
export interface PartWarming {
  readonly warming: Warming;
  /** Region of the coldest clay, and of the warmest; empty for a form of one. */
  readonly coldest: string;
  readonly warmest: string;
}

/** A first look: three cells across the clay over a core, seven across the thickest of a solid form. */
const FIRST_LOOK: Fineness = { skin: 3, solid: 7, most: 25_000 };
/** What is thinner is nearly as warm inside as outside (Biot number under 0.1 in still air), and is looked at with fewer, mm. */
const THIN_MM = 2.5;
const THIN_LOOK: Fineness = { ...FIRST_LOOK, solid: 4 };

const known = new WeakMap<Shape, LRUCache<string, PartWarming>>();
const MOST_KNOWN = 24;

/**
 * How a part warms in the maker’s oven, whatever its heat, with the clay that is on it by then. Worked through on its solid once and
 * kept for as long as the solid is.
 *
 * @param regions that have their clay by then; null for all
 * @param later clay of the surface that goes on after this bake
 * @returns null where nothing is baked
 */
export function partWarming(
  context: PartContext,
  bulk: BulkFacts,
  { air, under, preheated }: Pick<BakeSettings, 'air' | 'under' | 'preheated'>,
  regions: readonly string[] | null,
  later: BakeAsk['later'] = {},
): PartWarming | null {
  if (regions?.length === 0) return null;
  const way = { air, under, preheated, cooling: 'ajar', dialC: 0, holdMin: null } as const;
  const isThin = bulk.thickest.quantity.value < THIN_MM;
  const ask = bakeAsk(context, bulk, way, 1, isThin ? THIN_LOOK : FIRST_LOOK);
  if (!ask) return null;
  const { shape, own } = context;
  const rise = airRise(preheated, own);
  const { oven: _oven, rules: _rules, marginShare: _margin, ...body } = ask;
  const key = JSON.stringify([body, regions, later, rise]);
  const ofShape = known.get(shape) ?? new LRUCache<string, PartWarming>({ max: MOST_KNOWN });
  known.set(shape, ofShape);
  const before = ofShape.get(key);
  if (before) return before;
  const whole = bakeGrid(shape, ask);
  const warming = warmThrough(bodyOn(regionsOf(whole, shape, { ...ask, regions, later }), ask), rise);
  const nameOf = (cell: number) =>
    shape.regions.length > 1 ? (shape.regions[(whole.grid.owner?.[cell] ?? 1) - 1] ?? '') : '';
  const found = { warming, coldest: nameOf(warming.coldestCell), warmest: nameOf(warming.warmestCell) };
  ofShape.set(key, found);
  return found;
}
