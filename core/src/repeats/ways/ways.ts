import type { PartContext } from '../../context/index.ts';
import type { Piece, Way } from '../../piece/index.ts';
import { sourced } from '../../reckoning/index.ts';
import { practised } from '../../route/hands.ts';

/** One way of making many alike, as it stands for one part. */
export interface WayRates {
  readonly way: Way;
  readonly says: string;
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

/** What the mould of a part takes of its stuff, g; for its price. */
function mouldGrams({ shape, shrink }: PartContext, wallMm: number): number {
  const [w = 0, h = 0, d = 0] = [0, 1, 2].map(
    (k) => ((shape.box.max[k] ?? 0) - (shape.box.min[k] ?? 0)) / shrink,
  );
  const envelope = (w + 2 * wallMm) * (h + 2 * wallMm) * (d + wallMm);
  return (Math.max(0, envelope - shape.volumeMm3 / shrink ** 3) / 1000) * 1.1;
}

const FLAT_ONLY =
  'only what is flat can be cut from a sheet: press it, or draw it as an outline with a thickness';

/** Every way to make a part, by its own surface and size; rates are the maker’s own where there are any. */
export function waysOf(context: PartContext): readonly WayRates[] {
  const { own } = context;
  const of = (row: string) => sourced(row, own).value;
  const learning = of('repeats.learning') / 100;
  const flat = isFlat(context) ? null : FLAT_ONLY;
  const wall = of('mould.wall');
  const rates: Readonly<Record<Way, Omit<WayRates, 'way' | 'says' | 'alike' | 'detail'>>> = {
    hand: {
      setupMin: 0,
      eachMin: byHand(context).value,
      setupCost: 0,
      eachCost: 0,
      waitMin: 0,
      learning,
      leastMin: byHand(context).leastMin,
      wont: null,
    },
    cutter: {
      setupMin: of('repeats.cutter-setup'),
      eachMin: of('repeats.cutter'),
      setupCost: of('repeats.cutter-price'),
      eachCost: 0,
      waitMin: 0,
      learning: 1,
      leastMin: 0,
      wont: flat,
    },
    stamp: {
      setupMin: of('repeats.stamp-setup'),
      eachMin: of('repeats.stamp'),
      setupCost: 0,
      eachCost: 0,
      waitMin: of('bake.set-hold'),
      learning: 1,
      leastMin: 0,
      wont: flat,
    },
    press: {
      setupMin: of('repeats.press-setup'),
      eachMin: of('repeats.press'),
      setupCost: (mouldGrams(context, wall) / 100) * of('repeats.putty-price'),
      eachCost: 0,
      waitMin: of('mould.putty-sets'),
      learning: 1,
      leastMin: 0,
      wont: null,
    },
    putty: {
      setupMin: of('repeats.halves-setup'),
      eachMin: of('repeats.halves'),
      setupCost: (2 * mouldGrams(context, wall) * of('repeats.putty-price')) / 100,
      eachCost: 0,
      waitMin: 2 * of('mould.putty-sets'),
      learning: 1,
      leastMin: 0,
      wont: null,
    },
    poured: {
      setupMin: of('repeats.poured-setup'),
      eachMin: of('repeats.poured'),
      setupCost: (mouldGrams(context, of('mould.box-side')) / 100) * of('repeats.rubber-price'),
      eachCost: 0,
      waitMin: of('mould.rubber-sets'),
      learning: 1,
      leastMin: 0,
      wont: null,
    },
    bought: {
      setupMin: of('repeats.bought-setup'),
      eachMin: 0,
      setupCost: 0,
      eachCost: of('repeats.bought-price'),
      waitMin: 0,
      learning: 1,
      leastMin: 0,
      wont: null,
    },
  };
  return (Object.keys(rates) as Way[]).map((way) => {
    const [says, alike, detail] = WORDS[way];
    return { way, says, alike, detail, ...rates[way] };
  });
}

/**
 * What n of them take, in times of the first: each doubling takes a share of what it took (Wright 1936), and none less than the
 * least.
 */
export function timesOfFirst({ eachMin, learning, leastMin }: WayRates, n: number): number {
  if (learning === 1 || eachMin <= leastMin) return n;
  // From this one on practice brings no more.
  const power = Math.log2(learning);
  const last = Math.min(n, Math.floor((leastMin / eachMin) ** (1 / power)));
  return practised(last, learning) + ((n - last) * leastMin) / eachMin;
}

/** Minutes at the bench for n of them, the setting up counted in. */
export function minutesFor(rates: WayRates, n: number): number {
  return n === 0 ? 0 : rates.setupMin + rates.eachMin * timesOfFirst(rates, n);
}

/** Money for n of them, the clay aside. */
export function costFor({ setupCost, eachCost }: WayRates, n: number): number {
  return n === 0 ? 0 : setupCost + eachCost * n;
}

/** Numbers beyond this are not looked at for when a way pays. */
const MOST_LOOKED = 5000;

/** The number from which a way takes no more minutes than another; null where it never does. */
export function paysFrom(way: WayRates, against: WayRates): number | null {
  for (let n = 1; n <= MOST_LOOKED; n += 1) if (minutesFor(way, n) <= minutesFor(against, n)) return n;
  return null;
}

/** Own minutes weigh as much as the handbook’s when there are as many of them, min. */
export const HANDBOOK_WEIGHS_MIN = 10;

/** How the maker’s own minutes of a way stand to the handbook’s, by all tallies of the piece. */
export interface LearnedRate {
  /** Own minutes ÷ those of the handbook, drawn towards 1 by how few there are. */
  readonly factor: number;
  readonly ownMin: number;
  readonly expectedMin: number;
  readonly pieces: number;
}

/** The rate of a way as the maker’s tallies have taught it. */
export function learned(
  way: Way | null,
  piece: Pick<Piece, 'parts'>,
  contexts: ReadonlyMap<string, PartContext>,
): LearnedRate {
  let [ownMin, expectedMin, pieces] = [0, 0, 0];
  for (const { id, repeat } of piece.parts) {
    if (!repeat || (repeat.way ?? 'hand') !== (way ?? 'hand')) continue;
    const { made, minutes } = repeat.tally;
    const context = contexts.get(id);
    const rates = context && waysOf(context).find((one) => one.way === (repeat.way ?? 'hand'));
    if (!rates || made === 0 || minutes === 0) continue;
    ownMin += minutes;
    expectedMin += minutesFor({ ...rates, setupMin: 0 }, made);
    pieces += made;
  }
  return {
    factor: (HANDBOOK_WEIGHS_MIN + ownMin) / (HANDBOOK_WEIGHS_MIN + expectedMin),
    ownMin,
    expectedMin,
    pieces,
  };
}
