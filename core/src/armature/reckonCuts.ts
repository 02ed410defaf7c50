import type { PieceContext } from '../context/index.ts';
import { figure, type Reckoning, sourced, type Term, type Verdict } from '../reckoning/index.ts';
import { wireSays } from './figures/ask.ts';
import { BONES } from './figures.ts';
import { type CutFault, type CutPlan, cutPlans } from './plan.ts';
import type { PartBones } from './reckonBones.ts';

/** What is cut for a whole piece. */
export interface CutList {
  readonly plans: readonly CutPlan[];
  readonly faults: readonly CutFault[];
  readonly figures: readonly Reckoning[];
}

/** Wire longer than this comes in a coil, mm (common practice). */
const LONGEST_BAR = 2500;

/** How a length of wire is bought: straight or rolled up. */
export function boughtBy(lengthMm: number): 'bar' | 'coil' {
  return lengthMm > LONGEST_BAR ? 'coil' : 'bar';
}

const many = (count: number, by: 'bar' | 'coil') => `${count} ${by}${count === 1 ? '' : 's'}`;

const metres = (mm: number) => `${(mm / 1000).toFixed(2)} m`;

function counted(symbol: string, name: string, mm: number): Term {
  return {
    symbol,
    name,
    quantity: { value: mm / 1000, unit: 'm' },
    origin: { kind: 'shape', says: 'the cut list' },
  };
}

function verdictOf({ nesting, barMm }: CutPlan): Verdict {
  const { unplaced, isOptimal, boundMm, usedMm, cuts } = nesting;
  if (unplaced.length > 0)
    return {
      level: 'stop',
      wording: 'state',
      says: `${unplaced.length} ${unplaced.length === 1 ? 'length is' : 'lengths are'} longer than any stock`,
      waysOut: [{ says: 'buy longer wire (set its length in the Workshop), or make the part in two' }],
    };
  const by = boughtBy(barMm);
  const bars = cuts.filter(({ stockMm }) => stockMm === barMm).length;
  return {
    level: 'good',
    wording: 'state',
    says: isOptimal
      ? `${bars === 0 ? 'nothing to buy' : `${many(bars, by)} of ${metres(barMm)} to buy, as few as it can be done with`}`
      : `${many(bars, by)} of ${metres(barMm)} to buy; no fewer than ${metres(boundMm)} of ${metres(usedMm)} would do`,
    waysOut: [],
  };
}

function figureOf(context: PieceContext, plan: CutPlan): Reckoning {
  const { metal, diameterMm, pieces, nesting, barMm } = plan;
  const name = wireSays({ metal, diameterMm, strands: 1 });
  const cut = pieces.reduce((sum, { lengthMm }) => sum + lengthMm, 0);
  const stock = context.piece.wireStock
    .filter((one) => one.metal === metal && one.diameterMm === diameterMm)
    .reduce((sum, { lengthMm, count }) => sum + lengthMm * count, 0);
  const bought = nesting.cuts.filter(({ stockMm }) => stockMm === barMm).length * barMm;
  const left = nesting.cuts.reduce((sum, { leftMm }) => sum + leftMm, 0);
  return figure(BONES.cut, {
    at: `${metal}-${diameterMm}`,
    part: null,
    title: `${name}, cut`,
    value: cut / 1000,
    formula: `C = sum of ${pieces.length} lengths; in stock S, from bars of B bought T, left over L`,
    terms: [
      counted('S', 'In stock', stock),
      sourced('cut.bar', context.own).term('B'),
      counted('T', 'Bought', bought),
      counted('L', 'Left over of what is cut into', left),
    ],
    verdict: verdictOf(plan),
  });
}

/** The cut list of a piece: every wire nested on its stock, with what is bought. */
export function reckonCuts(context: PieceContext, bones: ReadonlyMap<string, PartBones>): CutList {
  const pieces = [...bones.values()].flatMap((one) => one.pieces);
  const { plans, faults } = cutPlans(pieces, context.piece.wireStock, context.own);
  return { plans, faults, figures: plans.map((plan) => figureOf(context, plan)) };
}
