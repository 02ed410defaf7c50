import type { BulkFacts } from '../../bulk/index.ts';
import type { PartContext } from '../../context/index.ts';
import type { PatternChoice } from '../../piece/index.ts';
import { figure, type Reckoning, sourced, type Term, termFrom, type Verdict } from '../../reckoning/index.ts';
import { PATTERN } from '../figures.ts';

/** One clay of a pattern: what of it is taken, and how it goes in. */
export interface PatternClay {
  readonly name: string;
  readonly percent: number;
  readonly grams: number;
}

/** What is known of a patterned clay besides its figures. */
export interface PatternFacts {
  readonly choice: PatternChoice;
  /** By the shares of the part’s mix, those of the log or the batch that is laid up. */
  readonly clays: readonly PatternClay[];
}

const QUARTER = Math.PI / 4;

function typed(
  part: string,
  field: keyof PatternChoice,
  symbol: string,
  name: string,
  value: number,
  unit: Term['quantity']['unit'],
): Term {
  return {
    symbol,
    name,
    quantity: { value, unit },
    origin: { kind: 'entry', path: ['parts', part, 'pattern', field] },
  };
}

/** Streaks too fine to be told apart; the way out folds it less. */
function judgeStripe(part: string, width: number, leastMm: number, most: number): Verdict | undefined {
  if (width >= leastMm) return undefined;
  return {
    level: 'doubtful',
    wording: 'state',
    says: 'streaks so fine read as one colour',
    waysOut: [
      {
        says: `fold and roll it ${most === 1 ? 'once' : `${most} times`}`,
        change: { path: ['parts', part, 'pattern', 'turns'], value: most },
      },
    ],
  };
}

/** A cane rolled much thinner at one go smears: it is done in steps, resting between. */
function judgeReduce(
  part: string,
  { thickMm, reducedMm }: PatternChoice,
  leastPercent: number,
): Verdict | undefined {
  if (reducedMm > thickMm)
    return {
      level: 'stop',
      wording: 'state',
      says: 'rolled thinner, it cannot get thicker',
      waysOut: [
        {
          says: 'build it up as thick as it ends',
          change: { path: ['parts', part, 'pattern', 'thickMm'], value: reducedMm },
        },
      ],
    };
  const share = (100 * reducedMm) / thickMm;
  if (share >= leastPercent) return undefined;
  return {
    level: 'doubtful',
    wording: 'state',
    says: `to ${share.toFixed(0)} % of its width at one go the picture smears`,
    waysOut: [
      {
        says: `reduce it to about ${Math.sqrt(thickMm * reducedMm).toFixed(0)} mm, let it rest a quarter of an hour, and go on`,
      },
      {
        says: 'build it up thinner',
        change: {
          path: ['parts', part, 'pattern', 'thickMm'],
          value: Math.round((100 * reducedMm) / leastPercent),
        },
      },
    ],
  };
}

function loggedFigures(
  context: PartContext,
  choice: PatternChoice,
  clayCm3: Term,
  bulk: BulkFacts,
): Reckoning[] {
  const { part, own } = context;
  const ends = sourced('pattern.ends', own);
  const [d, r] = [
    typed(part.id, 'thickMm', 'd', 'Across before', choice.thickMm, 'mm'),
    typed(part.id, 'reducedMm', 'r', 'Across afterwards', choice.reducedMm, 'mm'),
  ];
  const good = 1 - ends.value / 100;
  const blank = figure(PATTERN.blank, {
    part: part.id,
    value: (clayCm3.quantity.value * 1000) / good / (QUARTER * choice.thickMm ** 2),
    terms: [clayCm3, ends.term('e'), d],
  });
  const reduced = figure(PATTERN.reduced, {
    part: part.id,
    value: blank.quantity.value * (choice.thickMm / choice.reducedMm) ** 2,
    terms: [termFrom('L', blank), d, r],
    verdict: judgeReduce(part.id, choice, sourced('pattern.reduce', own).value),
  });
  const left = figure(PATTERN.left, {
    part: part.id,
    value: (bulk.mass.quantity.value * ends.value) / (100 - ends.value),
    terms: [termFrom('m', bulk.mass), ends.term('e')],
  });
  const slices = figure(PATTERN.pieces, {
    part: part.id,
    value: Math.floor((reduced.quantity.value * good) / choice.sliceMm + 1e-9),
    terms: [
      termFrom('l', reduced),
      ends.term('e'),
      typed(part.id, 'sliceMm', 's', 'From cut to cut', choice.sliceMm, 'mm'),
    ],
  });
  const turned = figure(PATTERN.lean, {
    part: part.id,
    value: (Math.atan((Math.PI * choice.reducedMm * choice.turns) / 100) * 180) / Math.PI,
    terms: [r, typed(part.id, 'turns', 't', 'Turns in 100 mm', choice.turns, '')],
  });
  return choice.kind === 'twist' ? [blank, reduced, turned, slices, left] : [blank, reduced, slices, left];
}

function stripeFigure(context: PartContext, choice: PatternChoice, clays: number): Reckoning {
  const { part, own } = context;
  const leastMm = sourced('pattern.stripe', own).value;
  const width = choice.thickMm / (clays * 2 ** choice.turns);
  const most = Math.max(0, Math.floor(Math.log2(choice.thickMm / (clays * leastMm)) + 1e-9));
  return figure(PATTERN.stripe, {
    part: part.id,
    value: width,
    terms: [
      typed(part.id, 'thickMm', 'd', 'Across the log', choice.thickMm, 'mm'),
      {
        symbol: 'k',
        name: 'Clays in it',
        quantity: { value: clays, unit: 'count' },
        origin: { kind: 'entry', path: ['parts', part.id, 'mix'] },
      },
      typed(part.id, 'turns', 'f', 'Folded and rolled, times', choice.turns, ''),
    ],
    verdict: judgeStripe(part.id, width, leastMm, most),
  });
}

function chipsFigure(context: PartContext, choice: PatternChoice, clayCm3: Term, percent: number): Reckoning {
  const { part } = context;
  return figure(PATTERN.chips, {
    part: part.id,
    value: Math.round((clayCm3.quantity.value * 1000 * percent) / 100 / choice.pieceMm ** 3),
    terms: [
      clayCm3,
      {
        symbol: 'q',
        name: 'Share of them',
        quantity: { value: percent, unit: '%' },
        origin: { kind: 'entry', path: ['parts', part.id, 'mix'] },
      },
      typed(part.id, 'pieceMm', 'p', 'Each across', choice.pieceMm, 'mm'),
    ],
  });
}

/** The figures of a part whose clays are laid into one another; null where they are mixed to one colour, or it is not of clay. */
export function reckonPattern(
  context: PartContext,
  bulk: BulkFacts | null | undefined,
): { figures: readonly Reckoning[]; facts: PatternFacts } | null {
  const { part, piece } = context;
  const choice = part.pattern;
  if (!choice || !bulk || part.mix.length === 0) return null;
  const parts = part.mix.reduce((sum, one) => sum + one.parts, 0);
  const isLog = choice.kind === 'cane' || choice.kind === 'twist';
  const ends = isLog ? sourced('pattern.ends', context.own).value : 0;
  const grams = bulk.mass.quantity.value / (1 - ends / 100);
  const clays = part.mix.map(
    ({ clay, parts: own }): PatternClay => ({
      name: piece.clays.find(({ id }) => id === clay)?.name ?? clay,
      percent: (100 * own) / parts,
      grams: (grams * own) / parts,
    }),
  );
  // Clay that goes into the part, as large as it is taken: all of them, waste counted in.
  const taken = bulk.solid.quantity.value * part.count * (1 + sourced('bulk.waste', context.own).value / 100);
  const clayCm3: Term = {
    symbol: 'V',
    name: 'Clay to take, all of them, waste counted in',
    quantity: { value: taken, unit: 'cm³' },
    origin: { kind: 'reckoning', id: bulk.mass.id },
  };
  // The clay that there is least of is the one that is chopped or stirred in.
  const least = Math.min(...clays.map(({ percent }) => percent));
  const figures = isLog
    ? loggedFigures(context, choice, clayCm3, bulk)
    : choice.kind === 'marble'
      ? [stripeFigure(context, choice, clays.length)]
      : [chipsFigure(context, choice, clayCm3, least)];
  return { figures, facts: { choice, clays } };
}
