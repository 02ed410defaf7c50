import type { PieceContext } from '../context/index.ts';
import { figure, type Reckoning, sourced, type Term, termFrom, type Verdict } from '../reckoning/index.ts';
import type { ClayUse } from './clayUses.ts';
import { BULK } from './figures.ts';
import { packsFor } from './packs.ts';

/** Clay one part takes of each kind. */
export interface PartNeed {
  /** All of it, for all copies, waste counted in, g. */
  readonly mass: Reckoning;
  readonly uses: readonly ClayUse[];
}

type PieceClay = PieceContext['piece']['clays'][number];

/** Mass of one clay in a part: its share of what the part takes. */
function massOfClay({ mass, uses }: PartNeed, clay: PieceClay): number {
  const grams = (list: readonly ClayUse[]) =>
    list.reduce((sum, use) => sum + use.volumeMm3 * use.densityGCm3, 0);
  const all = grams(uses);
  return all > 0 ? (mass.quantity.value * grams(uses.filter((use) => use.clay.id === clay.id))) / all : 0;
}

function reckonMass(clay: PieceClay, needs: readonly PartNeed[]): Reckoning {
  const taking = needs.filter(({ uses }) => uses.some((use) => use.clay.id === clay.id));
  const symbols = taking.map((_, i) => `m${SUBSCRIPTS[i] ?? ''}`);
  // Beyond nine parts the sum is named, and each part’s figure still opens by itself.
  const terms: Term[] =
    taking.length > SUBSCRIPTS.length
      ? []
      : taking.map((need, i) => ({
          ...termFrom(symbols[i] ?? 'm', need.mass),
          quantity: { value: massOfClay(need, clay), unit: 'g' },
        }));
  return figure(BULK.mass, {
    at: clay.id,
    part: null,
    title: clay.name,
    value: taking.reduce((sum, need) => sum + massOfClay(need, clay), 0),
    formula: terms.length > 0 ? `g = ${symbols.join(' + ')}` : `g = sum over ${taking.length} parts`,
    terms,
    note: 'Waste is counted in.',
  });
}
const SUBSCRIPTS = ['₁', '₂', '₃', '₄', '₅', '₆', '₇', '₈', '₉'];

function packTerm(context: PieceContext, clay: PieceClay): { grams: number; term: Term } {
  if (clay.packG === null) {
    const row = sourced('clay.pack', context.own);
    return { grams: row.value, term: row.term('p') };
  }
  return {
    grams: clay.packG,
    term: {
      symbol: 'p',
      name: 'Clay in a pack',
      quantity: { value: clay.packG, unit: 'g' },
      origin: { kind: 'entry', path: ['clays', clay.id, 'packG'] },
    },
  };
}

function reckonPacks(context: PieceContext, clay: PieceClay, mass: Reckoning): Reckoning[] {
  const pack = packTerm(context, clay);
  const { packs, leftG } = packsFor(mass.quantity.value, pack.grams);
  const base = { part: null } as const;
  const count = figure(BULK.packs, {
    at: clay.id,
    ...base,
    title: `${clay.name}: packs`,
    value: packs,
    terms: [termFrom('g', mass), pack.term],
  });
  const left = figure(BULK.left, {
    at: clay.id,
    ...base,
    title: `${clay.name}: left over`,
    value: leftG,
    terms: [termFrom('n', count), pack.term, termFrom('g', mass)],
  });
  if (clay.packPrice === null) return [count, left];
  const cost = figure(BULK.costOf, {
    at: clay.id,
    ...base,
    title: `${clay.name}: cost`,
    value: packs * clay.packPrice,
    terms: [
      termFrom('n', count),
      {
        symbol: 'q',
        name: 'Price of a pack',
        quantity: { value: clay.packPrice, unit: 'money' },
        origin: { kind: 'entry', path: ['clays', clay.id, 'packPrice'] },
      },
    ],
  });
  return [count, left, cost];
}

/** The cost against the budget; what has no price yet is not taken for free. */
function judgeBudget(over: number, unpriced: readonly string[]): Verdict {
  const margin = { value: -over, unit: 'money' } as const;
  if (over > 0)
    return {
      level: 'stop',
      wording: 'state',
      says: `${over.toFixed(2)} over the budget`,
      margin,
      waysOut: [{ says: 'use what is left of open packs' }, { says: 'put cores into the thick parts' }],
    };
  if (unpriced.length > 0)
    return {
      level: 'doubtful',
      wording: 'state',
      says: `within the budget so far: ${unpriced.join(', ')} ${unpriced.length === 1 ? 'has' : 'have'} no price yet`,
      margin,
      waysOut: [{ says: 'enter what a pack of it costs, at Bulk' }],
    };
  return { level: 'good', wording: 'state', says: 'within the budget', margin, waysOut: [] };
}

/** The cost of all clays in use that have a price. */
function reckonCost(
  context: PieceContext,
  costs: readonly Reckoning[],
  unpriced: readonly string[],
): Reckoning[] {
  if (costs.length === 0) return [];
  const { budget } = context.piece.brief;
  const value = costs.reduce((sum, { quantity }) => sum + quantity.value, 0);
  const symbols = costs.map((_, i) => `c${SUBSCRIPTS[i] ?? i}`);
  const over = budget === null ? 0 : value - budget;
  return [
    figure(BULK.cost, {
      part: null,
      value,
      formula: `c = ${symbols.join(' + ')}`,
      terms: costs.map((cost, i) => termFrom(symbols[i] ?? 'c', cost)),
      note: unpriced.length === 0 ? undefined : `Without ${unpriced.join(', ')}: no price entered.`,
      verdict: budget === null ? undefined : judgeBudget(over, unpriced),
    }),
  ];
}

/** Mass, packs, left-over and cost of every clay in use, and of all together. */
export function reckonClays(context: PieceContext, needs: readonly PartNeed[]): Reckoning[] {
  const used = context.piece.clays.filter((clay) =>
    needs.some(({ uses }) => uses.some((use) => use.clay.id === clay.id)),
  );
  const figures = used.flatMap((clay) => {
    const mass = reckonMass(clay, needs);
    return [mass, ...reckonPacks(context, clay, mass)];
  });
  const costs = figures.filter(({ key }) => key.startsWith('bulk.cost.'));
  const unpriced = used.filter(({ packPrice }) => packPrice === null).map(({ name }) => name);
  return [...figures, ...reckonCost(context, costs, unpriced)];
}
