import { curedInMould, type MouldCure } from '../../bake/index.ts';
import type { PartContext } from '../../context/index.ts';
import type { MouldChoice } from '../../piece/index.ts';
import { figure, type Reckoning, sourced, type Term, termFrom, type Verdict } from '../../reckoning/index.ts';
import { MOULD } from '../figures.ts';
import { type MasterSize, type MouldNeed, masterAlong, mouldNeed, PULL_OF } from './boxes.ts';
import { HANDBOOK_CASTS, type LearnedShrink, learnedShrink } from './casts.ts';
import { type Release, releaseFor } from './release.ts';
import { type Rocks, rocksOf } from './rocks.ts';
import { type ShrinkChain, shrinkChain } from './shrink.ts';

/** What is known of a mould besides its figures. */
export interface MouldFacts {
  readonly choice: MouldChoice;
  readonly master: MasterSize;
  readonly need: MouldNeed;
  readonly chain: ShrinkChain;
  /** What measured casts of the log tell; null while there are none. */
  readonly measured: LearnedShrink | null;
  readonly release: Release;
  /** What rocks out of it take; null for anything but foil. */
  readonly rocks: Rocks | null;
  readonly life: number;
  readonly placesMin: number;
  readonly setsMin: number;
  /** What clay is cured at in its mould, against its packet. */
  readonly cure: MouldCure;
  /** Thickness of the board that boxes are made of, mm. */
  readonly boardMm: number;
}

const PRICE: Readonly<Record<MouldChoice['of'], string | null>> = {
  putty: 'repeats.putty-price',
  rubber: 'repeats.rubber-price',
  clay: null,
  foil: null,
};

function shapeTerm(
  symbol: string,
  name: string,
  value: number,
  unit: Term['quantity']['unit'],
  says: string,
): Term {
  return { symbol, name, quantity: { value, unit }, origin: { kind: 'shape', says } };
}

function castsWanted(part: string, value: number, name: string): Term {
  return {
    symbol: 'n',
    name,
    quantity: { value, unit: 'count' },
    origin: { kind: 'entry', path: ['parts', part, 'mould', 'runs'] },
  };
}

function logged(symbol: string, name: string, value: number, unit: Term['quantity']['unit']): Term {
  return { symbol, name, quantity: { value, unit }, origin: { kind: 'entry', path: ['log'] } };
}

/** A release that does not let go is a stop; the ways out are another cast or another mould. */
function judgeRelease(
  { says, level }: Release,
  part: string,
  { of, casts }: MouldChoice,
): Verdict | undefined {
  if (level === 'good') return undefined;
  const path = (field: string) => ['parts', part, 'mould', field];
  return {
    level,
    wording: 'state',
    says,
    waysOut: [
      ...(casts === 'clay'
        ? []
        : [{ says: 'cast polymer clay', change: { path: path('casts'), value: 'clay' } }]),
      ...(of === 'clay'
        ? [{ says: 'make it of mould putty', change: { path: path('of'), value: 'putty' } }]
        : []),
    ],
  };
}

function reckonOversize(
  context: PartContext,
  { steps, oversize, low, high }: ShrinkChain,
  release: Release,
  choice: MouldChoice,
  measured: LearnedShrink | null,
): Reckoning {
  const { part, own } = context;
  const product = steps.map((_, i) => `(1 − s${i + 1} ÷ 100)`).join(' × ');
  const terms = steps.map(({ says, percent, row }, i): Term => {
    const term = sourced(row, own).term(`s${i + 1}`);
    return { ...term, name: `${term.name}: ${says}`, quantity: { value: percent, unit: '' } };
  });
  const verdict = judgeRelease(release, part.id, choice);
  if (!measured)
    return figure(MOULD.oversize, {
      part: part.id,
      value: oversize,
      low: 1 / high,
      high: 1 / low,
      formula: `o = 1 ÷ (${product})`,
      terms,
      verdict,
    });
  const { generations } = choice;
  const { n, larger } = measured;
  const weigh = (byHandbook: number, byCasts: number) =>
    (byHandbook ** HANDBOOK_CASTS * byCasts ** (generations * n)) ** (1 / (HANDBOOK_CASTS + n));
  return figure(MOULD.oversize, {
    part: part.id,
    value: weigh(oversize, larger),
    low: weigh(1 / high, measured.low),
    high: weigh(1 / low, measured.high),
    formula: `o = (1 ÷ (${product}) × g^(k × n))^(1 ÷ (1 + n))`,
    terms: [
      ...terms,
      logged('g', 'Master ÷ cast, the geometric mean of those measured', larger, ''),
      logged('n', 'Casts measured; the handbook counts as one', n, 'count'),
      {
        symbol: 'k',
        name: 'Moulds in a row',
        quantity: { value: generations, unit: 'count' },
        origin: { kind: 'entry', path: ['parts', part.id, 'mould', 'generations'] },
      },
    ],
    verdict,
  });
}

/** The figures of the mould of a part; null where it has none. */
export function reckonMould(context: PartContext): { figures: Reckoning[]; facts: MouldFacts } | null {
  const { part, own, piece } = context;
  const choice = part.mould;
  if (!choice) return null;
  const master = masterAlong(context, PULL_OF[choice.pull]);
  const need = mouldNeed(master, choice, own);
  const chain = shrinkChain(choice, own);
  const measured = learnedShrink(piece.log, choice);
  const release = releaseFor(choice.of, choice.casts, piece.brief.schools.colour === 'coloured');
  const isRubber = choice.of === 'rubber';
  const clock = isRubber ? 'rubber' : 'putty';
  const rocks =
    choice.of === 'foil' ? rocksOf(master, choice.runs, sourced('mould.crumbs', own).value) : null;
  const facts: MouldFacts = {
    choice,
    rocks,
    master,
    need,
    chain,
    measured,
    release,
    life: sourced(`mould.life-${choice.of}`, own).value,
    placesMin: sourced(`mould.${clock}-places`, own).value,
    setsMin: sourced(`mould.${clock}-sets`, own).value,
    cure: curedInMould(part, piece, own),
    boardMm: sourced('mould.board', own).value,
  };
  const oversize = reckonOversize(context, chain, release, choice, measured);
  if (rocks)
    return {
      figures: [
        oversize,
        figure(MOULD.rocks, {
          part: part.id,
          value: rocks.clayMm3 / 1000,
          terms: [
            castsWanted(part.id, choice.runs, 'Rocks wanted'),
            shapeTerm('v', 'One of them', master.volumeMm3 / 1000, 'cm³', 'its solid, at scale'),
            sourced('mould.crumbs', own).term('c'),
          ],
        }),
      ],
      facts,
    };
  if (choice.of === 'clay') return { figures: [oversize], facts };
  const [a, b, c] = need.outerMm;
  const stuff = figure(MOULD.stuff, {
    part: part.id,
    value: need.grams,
    terms: [
      shapeTerm('a', 'Across, walls counted in', a, 'mm', 'the master and twice the wall'),
      shapeTerm('b', 'Along, walls counted in', b, 'mm', 'the master and twice the wall'),
      shapeTerm('c', 'High', c, 'mm', 'the master and what is under it'),
      shapeTerm('V', 'Master', master.volumeMm3 / 1000, 'cm³', 'its solid, at scale'),
      sourced('stuff.silicone.density', own).term('ρ'),
    ],
  });
  const half = figure(MOULD.half, {
    part: part.id,
    value: need.half.grams,
    terms: [termFrom('m', stuff)],
    note: `a ball of ${need.half.ballMm.toFixed(1)} mm each`,
  });
  const row = PRICE[choice.of];
  if (row === null) return { figures: [oversize, stuff, half], facts };
  const price = sourced(row, own);
  const used = Math.min(choice.runs, facts.life);
  const each = figure(MOULD.castCost, {
    part: part.id,
    value: ((need.grams / 100) * price.value) / used,
    terms: [
      { ...termFrom('m', stuff), quantity: { value: need.grams, unit: '' } },
      price.term('p'),
      castsWanted(part.id, used, choice.runs > facts.life ? 'Casts that one mould bears' : 'Casts wanted'),
    ],
    note:
      choice.runs > facts.life
        ? `${Math.ceil(choice.runs / facts.life)} moulds for ${choice.runs} casts`
        : undefined,
  });
  return { figures: [oversize, stuff, half, each], facts };
}
