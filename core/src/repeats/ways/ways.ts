import type { PartContext } from '../../context/index.ts';
import {
  DEFAULT_MOULD,
  type MouldChoice,
  type MouldKind,
  type MouldStuff,
  type Part,
  type Piece,
  type Way,
} from '../../piece/index.ts';
import { sourced } from '../../reckoning/index.ts';
import { masterAlong, mouldNeed, PULL_OF } from '../mould/boxes.ts';

/** One way of making many alike, as it stands for one part. */
export interface WayRates {
  readonly way: Way;
  readonly says: string;
  /** The handbook’s rows of the next two; null where they follow from the part, or there is none. */
  readonly setupRow: string | null;
  readonly eachRow: string | null;
  /** Minutes before the first of them, and for one. */
  readonly setupMin: number;
  readonly eachMin: number;
  /** Money before the first, and for one besides its clay. */
  readonly setupCost: number;
  readonly eachCost: number;
  /** Waited for before the first, min. */
  readonly waitMin: number;
  /** Share of its minutes that each doubling takes; 1 for none. */
  readonly learning: number;
  /** No practice brings one under this, min. */
  readonly leastMin: number;
  readonly alike: string;
  readonly detail: string;
  /** Why it cannot be made so; null where it can. */
  readonly wont: string | null;
}

const WORDS: Readonly<Record<Way, readonly [says: string, alike: string, detail: string]>> = {
  hand: ['by hand', 'no two alike', 'as fine as the hand'],
  cutter: ['with a cutter', 'outlines alike', 'edges clean, faces plain'],
  stamp: ['stamped', 'faces alike', 'as fine as the stamp, shallow'],
  press: ['pressed in an open mould', 'alike, thickness by hand', 'keeps a fingerprint; back is flat'],
  putty: ['in two halves of putty', 'alike all round', 'keeps a fingerprint; a seam to clean'],
  poured: ['in a poured mould', 'alike to the hair', 'keeps all there is; bubbles'],
  bought: ['bought', 'alike', 'what there is'],
};

/** Flat enough to be cut from a sheet: an outline with a thickness, no thicker than half of what it is across. */
function isFlat({ part, shape }: PartContext): boolean {
  const { form } = part;
  if (form.kind === 'extruded') return true;
  const extents = [0, 1, 2]
    .map((k) => (shape.box.max[k] ?? 0) - (shape.box.min[k] ?? 0))
    .sort((a, b) => a - b);
  return (form.kind === 'block' || form.kind === 'cylinder') && (extents[0] ?? 0) <= 0.5 * (extents[1] ?? 0);
}

/** Forms that are rolled, cut or pressed in one go; any other is shaped first. */
const PLAIN_FORMS = ['ball', 'rod', 'block', 'cylinder', 'extruded', 'wedge', 'tube'];

/** Minutes of one by hand, with the rows they come from. */
export interface ByHand {
  readonly value: number;
  readonly surfaceCm2: number;
  readonly leastMin: number;
  readonly shapeMin: number;
  readonly features: number;
}

/**
 * Minutes of the first one made by hand: shaped where it is no plain form, its surface laid and smoothed, its features pressed
 * on, and never less than a pellet takes.
 */
export function byHand({ part, shape, shrink, own }: PartContext): ByHand {
  const of = (row: string) => sourced(row, own).value;
  const surfaceCm2 = shape.areaMm2 / shrink ** 2 / 100;
  const features = part.features.reduce((sum, { wanted }) => sum + wanted, 0);
  const shapeMin = PLAIN_FORMS.includes(part.form.kind) ? 0 : of('route.small');
  const leastMin = of('repeats.least');
  const surface = (of('route.skin') + of('route.clean')) * surfaceCm2;
  const value = Math.max(leastMin, shapeMin + surface + of('route.feature') * features);
  return { value, surfaceCm2, leastMin, shapeMin, features };
}

const FLAT_ONLY =
  'only what is flat can be cut from a sheet: press it, or draw it as an outline with a thickness';

/** The mould that a way is made with, as the part has it where it is of that kind. */
function mouldOf(part: Part, kind: MouldKind, of: MouldStuff): MouldChoice {
  return part.mould?.kind === kind ? part.mould : { ...DEFAULT_MOULD, kind, of };
}

/** What the stuff of a mould costs; of a master that no box goes round it is not told. */
function mouldCost(context: PartContext, choice: MouldChoice): number {
  const price = sourced(choice.of === 'rubber' ? 'repeats.rubber-price' : 'repeats.putty-price', context.own);
  const need = mouldNeed(masterAlong(context, PULL_OF[choice.pull]), choice, context.own);
  return (need.grams / 100) * price.value;
}

/** What of a way is told in rows of the handbook, and what follows from the part. */
interface WayPlan {
  readonly setup?: string;
  readonly each?: string;
  readonly wait?: readonly [row: string, times: number];
  readonly setupCost?: number;
  readonly eachCost?: number;
  readonly wont?: string | null;
}

/** Every way to make a part, by its own surface and size; rates are the maker’s own where there are any. */
export function waysOf(context: PartContext): readonly WayRates[] {
  const { own, part } = context;
  const of = (row: string) => sourced(row, own).value;
  const wont = isFlat(context) ? null : FLAT_ONLY;
  const plans: Readonly<Record<Way, WayPlan>> = {
    hand: {},
    cutter: {
      setup: 'repeats.cutter-setup',
      each: 'repeats.cutter',
      setupCost: of('repeats.cutter-price'),
      wont,
    },
    stamp: { setup: 'repeats.stamp-setup', each: 'repeats.stamp', wait: ['bake.set-hold', 1], wont },
    press: {
      setup: 'repeats.press-setup',
      each: 'repeats.press',
      wait: ['mould.putty-sets', 1],
      setupCost: mouldCost(context, mouldOf(part, 'press', 'putty')),
    },
    putty: {
      setup: 'repeats.halves-setup',
      each: 'repeats.halves',
      wait: ['mould.putty-sets', 2],
      setupCost: mouldCost(context, mouldOf(part, 'halves', 'putty')),
    },
    poured: {
      setup: 'repeats.poured-setup',
      each: 'repeats.poured',
      wait: ['mould.rubber-sets', 1],
      setupCost: mouldCost(context, mouldOf(part, 'poured', 'rubber')),
    },
    bought: { setup: 'repeats.bought-setup', eachCost: of('repeats.bought-price') },
  };
  const hand = byHand(context);
  return (Object.keys(plans) as Way[]).map((way): WayRates => {
    const [says, alike, detail] = WORDS[way];
    const { setup = null, each = null, wait, setupCost = 0, eachCost = 0, wont: why = null } = plans[way];
    const isHand = way === 'hand';
    return {
      ...{ way, says, alike, detail, setupCost, eachCost, wont: why },
      setupRow: setup,
      eachRow: each,
      setupMin: setup === null ? 0 : of(setup),
      eachMin: isHand ? hand.value : each === null ? 0 : of(each),
      waitMin: wait ? of(wait[0]) * wait[1] : 0,
      learning: isHand ? of('repeats.learning') / 100 : 1,
      leastMin: isHand ? hand.leastMin : 0,
    };
  });
}

/** Minutes of the nth: each doubling takes a share of what it took (Wright 1936), and none less than the least. */
function unitMin({ eachMin, learning, leastMin }: WayRates, n: number): number {
  return learning === 1 ? eachMin : Math.max(Math.min(leastMin, eachMin), eachMin * n ** Math.log2(learning));
}

/** What n of them take, in times of the first. */
export function timesOfFirst(rates: WayRates, n: number): number {
  if (rates.learning === 1 || rates.eachMin === 0) return n;
  let sum = 0;
  for (let k = 1; k <= n; k += 1) sum += unitMin(rates, k);
  return sum / rates.eachMin;
}

/**
 * Minutes at the bench for n of them, the setting up counted in.
 *
 * @param pace the maker’s own against the handbook’s, of the making alone
 */
export function minutesFor(rates: WayRates, n: number, pace = 1): number {
  return n === 0 ? 0 : rates.setupMin + pace * rates.eachMin * timesOfFirst(rates, n);
}

/** Money for n of them, the clay aside. */
export function costFor({ setupCost, eachCost }: WayRates, n: number): number {
  return n === 0 ? 0 : setupCost + eachCost * n;
}

/** Numbers beyond this are not looked at for when a way pays. */
const MOST_LOOKED = 5000;

/** The number from which a way takes no more minutes than another; null where it never does. */
export function paysFrom(way: WayRates, against: WayRates): number | null {
  let [own, other] = [way.setupMin, against.setupMin];
  for (let n = 1; n <= MOST_LOOKED; n += 1) {
    own += unitMin(way, n);
    other += unitMin(against, n);
    if (own <= other) return n;
  }
  return null;
}

/** Own minutes weigh as much as the handbook’s when there are as many of them, min. */
const HANDBOOK_WEIGHS_MIN = 10;

/** How the maker’s own minutes of a way stand to the handbook’s, by all tallies of the piece. */
export interface LearnedRate {
  /** Own minutes ÷ those of the handbook, drawn towards 1 by how few there are. */
  readonly factor: number;
  readonly ownMin: number;
  readonly expectedMin: number;
  readonly pieces: number;
}

/** The pace of what was never tallied. */
export const NOTHING_LEARNED: LearnedRate = { factor: 1, ownMin: 0, expectedMin: 0, pieces: 0 };

/** The maker’s pace of every way that was tallied, by all sets of the piece. */
export function learned(
  { parts }: Pick<Piece, 'parts'>,
  contexts: ReadonlyMap<string, PartContext>,
): ReadonlyMap<Way, LearnedRate> {
  const sums = new Map<Way, Omit<LearnedRate, 'factor'>>();
  for (const { id, repeat } of parts) {
    const { made = 0, minutes = 0 } = repeat?.tally ?? {};
    const context = contexts.get(id);
    const way = repeat?.way ?? 'hand';
    const rates = made > 0 && minutes > 0 && context ? waysOf(context).find((one) => one.way === way) : null;
    if (!rates) continue;
    const { ownMin, expectedMin, pieces } = sums.get(way) ?? NOTHING_LEARNED;
    sums.set(way, {
      ownMin: ownMin + minutes,
      expectedMin: expectedMin + minutesFor({ ...rates, setupMin: 0 }, made),
      pieces: pieces + made,
    });
  }
  return new Map(
    [...sums].map(([way, sum]) => [
      way,
      { ...sum, factor: (HANDBOOK_WEIGHS_MIN + sum.ownMin) / (HANDBOOK_WEIGHS_MIN + sum.expectedMin) },
    ]),
  );
}
