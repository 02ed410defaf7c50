import type { PartContext } from '../context/index.ts';
import type { Part, RepeatRule, Way } from '../piece/index.ts';
import {
  figure,
  type Reckoning,
  type Sourced,
  sourced,
  type Term,
  termFrom,
  type Verdict,
} from '../reckoning/index.ts';
import { REPEATS } from './figures.ts';
import { type CountedSet, countSet, type UncountedSet } from './sets/countSet.ts';
import { type Batches, batchesOfSet } from './ways/batches.ts';
import {
  byHand,
  type LearnedRate,
  minutesFor,
  NOTHING_LEARNED,
  paysFrom,
  timesOfFirst,
  type WayRates,
  waysOf,
} from './ways/ways.ts';

/** What is known of a set besides its figures. */
export interface SetFacts {
  readonly part: string;
  readonly set: CountedSet | UncountedSet;
  readonly ways: readonly WayRates[];
  /** Numbers from which each way takes less time than by hand; null for never. */
  readonly paysFrom: Readonly<Record<string, number | null>>;
  readonly learned: LearnedRate;
  /** How they are taken through the steps; null for a set that cannot be worked out. */
  readonly batches: Batches | null;
}

function shapeTerm(
  symbol: string,
  name: string,
  value: number,
  unit: Term['quantity']['unit'],
  says: string,
): Term {
  return { symbol, name, quantity: { value, unit }, origin: { kind: 'shape', says } };
}

/** Why a set cannot be worked out; told by number it stays as many as it was. */
function judge(set: UncountedSet, part: Part, rule: RepeatRule): Verdict {
  return {
    level: 'stop',
    wording: 'state',
    says: set.says,
    waysOut: [
      {
        says: `count it yourself: ${part.count}`,
        change: {
          path: ['parts', part.id, 'repeat'],
          value: { ...rule, kind: 'counted', n: part.count, sparePct: 0 },
        },
      },
    ],
  };
}

/** The needed ones with their working, by the way they are counted. */
function reckonNeeded(
  context: PartContext,
  set: CountedSet,
  extent: Reckoning | null,
  copies: number,
): Reckoning {
  const { part } = context;
  const rule = part.repeat;
  const entry = (field: string) => ({ kind: 'entry', path: ['parts', part.id, 'repeat', field] }) as const;
  const k = shapeTerm('k', 'Copies of what they go on', copies, 'count', 'the part it hangs on');
  const pitch: Term = {
    symbol: 'p',
    name: rule?.kind === 'along' && set.row ? 'From one to the next, as wished' : 'From one to the next',
    quantity: { value: set.pitchMm, unit: 'mm' },
    origin:
      rule?.pitchMm === null ? { kind: 'shape', says: 'side by side: its own width' } : entry('pitchMm'),
  };
  const values = { part: part.id, value: set.needed };
  switch (rule?.kind) {
    case 'over': {
      const e: Term = {
        symbol: 'e',
        name: 'Left to be seen of each row',
        quantity: { value: set.exposureMm, unit: 'mm' },
        origin:
          rule.exposureMm === null
            ? sourced('repeats.exposure', context.own).term('e').origin
            : entry('exposureMm'),
      };
      if (!set.laid)
        return figure(REPEATS.needed, {
          ...values,
          formula: 'n = ⌈a ÷ (p × e)⌉ × k',
          terms: [...(extent ? [termFrom('a', extent)] : []), pitch, e, k],
        });
      const cut = set.laid.filter(({ isCut }) => isCut).length;
      return figure(REPEATS.needed, {
        ...values,
        formula: 'n = cells of p × e that lie on the face × k',
        terms: [pitch, e, k],
        note: `${set.laid.length} laid${set.doubled > 0 ? `, the first row of ${set.doubled} twice` : ''}; ${cut} of them are cut at an edge or an opening`,
      });
    }
    case 'scattered':
      return figure(REPEATS.needed, {
        ...values,
        formula: 'n = ⌈d × a⌉ × k',
        terms: [
          {
            symbol: 'd',
            name: 'On each cm²',
            quantity: { value: rule.perCm2, unit: '' },
            origin: entry('perCm2'),
          },
          ...(extent
            ? [shapeTerm('a', 'Face, cm²', extent.quantity.value, '', 'the face they go over')]
            : []),
          k,
        ],
      });
    case 'along': {
      const wished = rule.pitchMm === null ? set.one.widthMm : rule.pitchMm / context.shrink;
      const p = { ...pitch, quantity: { value: wished, unit: 'mm' as const } };
      const l = extent ? [termFrom('l', extent)] : [];
      const isClosed = set.place?.kind === 'line' && set.place.isClosed && rule.sharePct === 100;
      return isClosed
        ? figure(REPEATS.needed, {
            ...values,
            formula: 'n = round(l ÷ p) × k',
            terms: [...l, p, k],
            note: `to close, they stand ${set.pitchMm.toFixed(2)} mm apart`,
          })
        : figure(REPEATS.needed, {
            ...values,
            formula: 'n = (⌊(l − w) ÷ p⌋ + 1) × k',
            terms: [
              ...l,
              shapeTerm('w', 'One of them takes', Math.min(set.one.widthMm, wished), 'mm', 'its own width'),
              p,
              k,
            ],
            note: `they stand ${set.pitchMm.toFixed(2)} mm apart${(set.row?.leftMm ?? 0) > 0.05 ? `, ${set.row?.leftMm.toFixed(1)} mm are left at the end` : ''}`,
          });
    }
    default:
      return figure(REPEATS.needed, {
        ...values,
        terms: [
          { symbol: 'N', name: 'Told', quantity: { value: rule?.n ?? 1, unit: 'count' }, origin: entry('n') },
          k,
        ],
      });
  }
}

function reckonExtent({ part }: PartContext, set: CountedSet): Reckoning | null {
  const rule = part.repeat;
  if (!rule || !set.place || rule.kind === 'counted') return null;
  const share: Term = {
    symbol: 'q',
    name: 'Only so much of it',
    quantity: { value: rule.sharePct, unit: '' },
    origin: { kind: 'entry', path: ['parts', part.id, 'repeat', 'sharePct'] },
  };
  if (set.place.kind === 'line')
    return figure(REPEATS.length, {
      part: part.id,
      value: set.extent,
      terms: [
        shapeTerm('L', set.place.says, set.place.lengthMm, 'mm', 'the part it goes on, at scale'),
        share,
      ],
    });
  return figure(REPEATS.area, {
    part: part.id,
    value: set.extent / 100,
    terms: [
      shapeTerm('A', set.place.says, set.place.areaMm2 / 100, 'cm²', 'the part it goes on, at scale'),
      share,
    ],
  });
}

function firstSays(context: PartContext, { way }: WayRates): string {
  if (way !== 'hand') return 'it is not made';
  const { shapeMin, surfaceCm2, features } = byHand(context);
  const shaped = shapeMin > 0 ? `shaped in ${shapeMin} min, ` : '';
  return `${shaped}${surfaceCm2.toFixed(1)} cm² of surface, ${features} features`;
}

/** Minutes to make a set the chosen way, with the maker’s own pace. */
function reckonMinutes(context: PartContext, rates: WayRates, rate: LearnedRate, make: Reckoning): Reckoning {
  const { part, own } = context;
  const n = make.quantity.value;
  const times = timesOfFirst(rates, n);
  const learnedSays =
    rate.pieces === 0
      ? 'nothing tallied yet'
      : `${rate.pieces} tallied in ${rate.ownMin.toFixed(0)} min, ${rate.expectedMin.toFixed(0)} were reckoned`;
  const share = sourced('repeats.learning', own);
  return figure(REPEATS.minutes, {
    part: part.id,
    value: minutesFor(rates, n, rate.factor),
    terms: [
      rates.setupRow
        ? sourced(rates.setupRow, own).term('u')
        : shapeTerm('u', `To set up, ${rates.says}`, 0, 'min', 'nothing is set up for it'),
      shapeTerm('f', 'Your pace against the handbook’s', rate.factor, '', learnedSays),
      rates.eachRow
        ? sourced(rates.eachRow, own).term('t')
        : shapeTerm('t', 'The first of them', rates.eachMin, 'min', firstSays(context, rates)),
      shapeTerm(
        'n',
        rates.learning === 1 ? 'To make' : 'To make, by practice',
        times,
        '',
        rates.learning === 1 ? `${n} of them` : `${n}, each doubling at ${share.value} %`,
      ),
    ],
  });
}

function reckonPlacing({ part, own }: PartContext, set: CountedSet, needed: Reckoning): Reckoning | null {
  if (!part.repeat || part.repeat.kind === 'counted') return null;
  const rate: Sourced = sourced('repeats.place', own);
  return figure(REPEATS.place, {
    part: part.id,
    value: rate.value * set.needed,
    terms: [rate.term('t'), termFrom('n', needed)],
  });
}

/** What is left to make, at the rate it goes; null before a first one is tallied. */
function reckonLeft({ part }: PartContext, make: Reckoning): Reckoning | null {
  const { made = 0, good = 0, minutes = 0 } = part.repeat?.tally ?? {};
  if (good === 0 || minutes === 0) return null;
  const path = ['parts', part.id, 'repeat', 'tally'];
  const left = Math.max(0, make.quantity.value - good);
  return figure(REPEATS.left, {
    part: part.id,
    value: (minutes / good) * left,
    formula: 'T = r × (m − g)',
    terms: [
      {
        symbol: 'r',
        name: 'For one that is good',
        quantity: { value: minutes / good, unit: 'min' },
        origin: { kind: 'entry', path: [...path, 'minutes'] },
      },
      left > 0 ? termFrom('m', make) : shapeTerm('m', 'To make', good, 'count', 'all are made'),
      {
        symbol: 'g',
        name: 'Good so far',
        quantity: { value: good, unit: 'count' },
        origin: { kind: 'entry', path: [...path, 'good'] },
      },
    ],
    note: `${made} made, ${made - good} of them not good`,
  });
}

/** Everything reckoned of one set. */
export function reckonSet(
  context: PartContext,
  host: PartContext | undefined,
  paces: ReadonlyMap<Way, LearnedRate>,
): { figures: Reckoning[]; facts: SetFacts } | null {
  const { part, own } = context;
  const rule = part.repeat;
  if (!rule) return null;
  const set = countSet(context, rule, host);
  const rate = paces.get(rule.way ?? 'hand') ?? NOTHING_LEARNED;
  const ways = waysOf(context);
  const hand = ways.find(({ way }) => way === 'hand');
  const pays = Object.fromEntries(
    ways.map((one) => [
      one.way,
      hand && one.way !== 'hand' && one.wont === null ? paysFrom(one, hand) : null,
    ]),
  );
  const batches = 'says' in set ? null : batchesOfSet(set.make, context.piece.brief.seenFrom, own);
  const facts: SetFacts = { part: part.id, set, ways, paysFrom: pays, learned: rate, batches };
  if ('says' in set) {
    const counted = figure(REPEATS.make, {
      part: part.id,
      value: part.count,
      formula: 'm = n',
      terms: [
        {
          symbol: 'n',
          name: 'Counted before',
          quantity: { value: part.count, unit: 'count' },
          origin: { kind: 'entry', path: ['parts', part.id, 'count'] },
        },
      ],
      verdict: judge(set, part, rule),
    });
    return { figures: [counted], facts };
  }
  const extent = reckonExtent(context, set);
  const needed = reckonNeeded(context, set, extent, host?.part.count ?? 1);
  const spares = sourced('repeats.spares', own);
  const make = figure(REPEATS.make, {
    part: part.id,
    value: set.make,
    terms: [
      termFrom('n', needed),
      rule.sparePct === null
        ? { ...spares.term('s'), quantity: { value: spares.value, unit: '' } }
        : {
            symbol: 's',
            name: 'To spare, %',
            quantity: { value: rule.sparePct, unit: '' },
            origin: { kind: 'entry', path: ['parts', part.id, 'repeat', 'sparePct'] },
          },
    ],
  });
  const way = ways.find((one) => one.way === (rule.way ?? 'hand')) ?? hand;
  const minutes = way ? [reckonMinutes(context, way, rate, make)] : [];
  const rest = [reckonPlacing(context, set, needed), reckonLeft(context, make)].flatMap((one) => one ?? []);
  return { figures: [...(extent ? [extent] : []), needed, make, ...minutes, ...rest], facts };
}
