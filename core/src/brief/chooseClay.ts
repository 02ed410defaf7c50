import { mixWindow } from '../bake/time/index.ts';
import type { PartFacts } from '../context/index.ts';
import { CLAYS, type ClayFamily, clayFamily } from '../handbook/index.ts';
import { type Clay, type ClayId, type ClayWish, DEFAULT_CLAY } from '../piece/index.ts';

/** What is asked of a clay; each from the brief, the form or the maker. */
type Need = ClayWish | 'thin' | 'handled' | 'coloured' | 'bulk';

/** How well a clay does: 2 very well, 1 well, 0 neither, −1 badly, −2 not at all. */
type Marks = Readonly<Record<Need, number>>;

function marks(
  thin: number,
  handled: number,
  crisp: number,
  longSoft: number,
  seeThrough: number,
  coloured: number,
  bulk: number,
  masonry: number,
  unbaked: number,
): Marks {
  return {
    thin,
    handled,
    strong: thin,
    crisp,
    'long-soft': longSoft,
    'see-through': seeThrough,
    coloured,
    bulk,
    masonry,
    unbaked,
  };
}

/**
 * What each family is good and bad at (common practice; the order of the marks is thin parts, handling, crisp detail, long
 * soft working, letting light through, many colours, bulk, masonry, no oven).
 */
export const CLAY_TRAITS: Readonly<Partial<Record<ClayFamily, Marks>>> = {
  'all-purpose': marks(-1, -1, 0, 1, -1, 2, 1, 0, -2),
  beginner: marks(-2, -2, -1, 2, -1, 1, 1, -1, -2),
  'strong-flexible': marks(2, 2, 0, 1, -1, 2, 0, 0, -2),
  sculptors: marks(0, 0, 1, 2, 1, -1, 1, 0, -2),
  firm: marks(1, 1, 2, -1, -1, 2, 0, 0, -2),
  translucent: marks(0, 0, 1, 0, 2, -1, -1, -1, -2),
  'stone-effect': marks(-1, -1, -1, 0, -1, -1, 1, 2, -2),
  'air-dry': marks(-2, -2, -1, 1, -1, -1, 2, 1, 2),
  'epoxy-putty': marks(2, 2, 1, -2, -1, -1, -2, 0, 2),
};

const NEED_SAYS: Readonly<Record<Need, string>> = {
  thin: 'thin parts',
  handled: 'being handled',
  strong: 'strength asked for',
  crisp: 'crisp detail',
  'long-soft': 'staying soft for long work',
  'see-through': 'letting light through',
  coloured: 'colours in the clay',
  bulk: 'bulk',
  masonry: 'masonry',
  unbaked: 'no oven',
};

const MARK_SAYS = new Map([
  [2, 'very good for'],
  [1, 'good for'],
  [-1, 'poor for'],
  [-2, 'not for'],
]);

/** Thinner than this a part is thin, mm; more clay than this is bulk, cm³; a finer scale wants crisp detail (common practice). */
const THIN_MM = 4;
const BULK_CM3 = 60;
const FINE_RATIO = 30;
/** Forms that are modelled for long, with features to be kept. */
const MODELLED: readonly string[] = ['person', 'beast', 'bird', 'round', 'crawler'];
/** What the maker asks for outright counts more. */
const WISH_WEIGHT = 2;

function needsOf({ part, piece, shape, shrink, scale }: PartFacts): Map<Need, number> {
  const needs = new Map<Need, number>();
  const { purpose, schools } = piece.brief;
  const size = [0, 1, 2].map((k) => ((shape.box.max[k as 0] ?? 0) - (shape.box.min[k as 0] ?? 0)) / shrink);
  if (Math.min(...size, shape.thickest.diameterMm / shrink) < THIN_MM) needs.set('thin', 1);
  if (purpose === 'handled' || purpose === 'worn') needs.set('handled', 1);
  if (scale.ratio >= FINE_RATIO) needs.set('crisp', 1);
  if (schools.colour === 'coloured') needs.set('coloured', 1);
  if (shape.volumeMm3 / shrink ** 3 / 1000 > BULK_CM3) needs.set('bulk', 1);
  if (MODELLED.includes(part.form.kind)) {
    needs.set('long-soft', 1);
    needs.set('crisp', 1);
  }
  if (part.form.kind === 'panels') needs.set('masonry', 1);
  for (const wish of part.wishes) needs.set(wish, WISH_WEIGHT);
  return needs;
}

/** A clay family weighed for a part. */
export interface ClayChoice {
  readonly family: ClayFamily;
  readonly title: string;
  /** Higher is better; comparable within one part. */
  readonly score: number;
  /** One line for every need, what speaks for it first. */
  readonly reasons: readonly string[];
}

/**
 * Clay families for a part, the fittest first, with reasons. A part that is asked nothing of takes the all-purpose kind.
 */
export function chooseClay(context: PartFacts): ClayChoice[] {
  const needs = needsOf(context);
  const all = CLAYS.flatMap(({ id, title, character }): ClayChoice[] => {
    const traits = CLAY_TRAITS[id];
    if (!traits) return [];
    const each = [...needs].map(([need, weight]) => ({
      need,
      mark: traits[need],
      counts: traits[need] * weight,
    }));
    const reasons = each
      .filter(({ mark }) => mark !== 0)
      .sort((a, b) => b.mark - a.mark)
      .map(({ need, mark }) => `${MARK_SAYS.get(mark) ?? 'fair for'} ${NEED_SAYS[need]}`);
    return [
      {
        family: id,
        title,
        score: each.reduce((sum, { counts }) => sum + counts, 0),
        reasons: reasons.length > 0 ? reasons : [character],
      },
    ];
  });
  return all.sort((a, b) => b.score - a.score);
}

function ofFamily(family: ClayFamily): Clay {
  return { ...DEFAULT_CLAY, id: family as string as ClayId, name: clayFamily(family).title, family };
}

/** What comes of two families kneaded together, one line each. */
export function mixSays(first: ClayFamily, second: ClayFamily): readonly string[] {
  const [a, b] = [ofFamily(first), ofFamily(second)];
  const [one, other] = [mixWindow([a]), mixWindow([b])];
  if (!one || !other)
    return [
      'not to be kneaded together: the one is baked and the other sets by itself; join them when each is hard',
    ];
  const window = mixWindow([a, b]);
  if (!window) return [];
  const traits = [CLAY_TRAITS[first], CLAY_TRAITS[second]];
  const between = (need: Need) => traits.reduce((sum, marksOf) => sum + (marksOf?.[need] ?? 0) / 2, 0);
  return [
    `bakes at ${window.lowC} to ${window.highC} °C, as the ${window.coolest.clay.name.toLowerCase()} wants`,
    `takes ${window.lowMinutes} to ${window.highMinutes} min for each 6 mm, as the ${window.slowest.clay.name.toLowerCase()} wants`,
    ...(window.underheated.length > 0
      ? [
          `the ${window.underheated.map(({ clay }) => clay.name.toLowerCase()).join(' and ')} gets less heat than it likes: weaker`,
        ]
      : []),
    between('thin') > 0
      ? 'stronger when thin than the weaker of the two'
      : 'still weak when thin: wire or support it',
    between('crisp') > 0 ? 'holds detail' : 'softer in detail than firm clay',
    'knead until one colour, or stop while marbled; test a scrap through the oven first',
  ];
}
