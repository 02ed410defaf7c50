import { bodyRow } from '../coats/bodies.ts';
import type { Carrier } from '../coats/coats.ts';
import { familyRow } from '../rows/families.ts';
import { type BearingRule, bodyNamed, type Film, isFilm, named, type Scene, top } from './rule.ts';

const PRACTICE = 'common practice';

const CARRIER_SAYS: Readonly<Record<Carrier, string>> = {
  water: 'water',
  alcohol: 'alcohol',
  spirit: 'spirit',
  strong: 'strong solvent',
  none: 'nothing',
};

/** What a coat brings in its thinner goes through what is open, and stops at what is closed to it. */
export function reached({ films, coat, body }: Scene): Film | 'body' | null {
  const brings = coat?.carrier ?? 'none';
  if (brings === 'none' || brings === 'water') {
    const under = films.at(-1);
    return brings === 'water' && under?.coat.lifts.includes('water') ? under : null;
  }
  for (const film of [...films].reverse()) {
    if (film.coat.lifts.includes(brings)) return film;
    if (film.coat.skin === 'closed') return null;
  }
  return body.eatenBy.includes(brings) ? 'body' : null;
}

/** How a film gives way to what its thinner is. */
const LIFTS_SAYS: Readonly<Record<Exclude<Carrier, 'none'>, string>> = {
  water: 'softens again, smears and lifts',
  alcohol: 'softens, smears and comes off on the brush',
  spirit: 'goes soft again and lifts',
  strong: 'wrinkles and crazes',
};

const solvents: BearingRule = {
  id: 'lifts',
  says: 'a coat over one that its thinner takes up',
  why: 'a film softens in what it was thinned with: something closed to it must lie between',
  source: PRACTICE,
  weight: 'check',
  when: 'layer',
  test: (scene) => {
    const found = reached(scene);
    const brings = scene.coat?.carrier;
    if (!found || found === 'body' || !brings || brings === 'none') return null;
    // More of the same is laid wet in wet, and a primer is laid in mists over its own.
    if (found.coat.id === scene.coat?.id) return null;
    return {
      ...named(found),
      sees: `${LIFTS_SAYS[brings]}: ${CARRIER_SAYS[brings]} takes it up`,
      ...(brings === 'strong' && { weight: 'stop' as const }),
    };
  },
};

const eats: BearingRule = {
  id: 'eats',
  says: 'a coat that eats what it is put on',
  why: 'strong solvents and spirits soften clay and plastic, and dissolve foam',
  source: PRACTICE,
  weight: 'check',
  when: 'layer',
  test: (scene) => {
    if (reached(scene) !== 'body') return null;
    const { body } = scene;
    if (body.id === 'foam') return { ...bodyNamed(scene), sees: 'melts away under it', weight: 'stop' };
    return {
      ...bodyNamed(scene),
      sees: body.id === 'clay' ? 'stays tacky, for good: the coat softens the clay' : 'goes soft and crazes',
    };
  },
};

/** A wet, thin coat that is worked and wiped. */
const isWash = ({ layer, coat }: Scene): boolean =>
  coat !== null &&
  coat.carrier === 'water' &&
  (layer?.kind === 'shade' || layer?.kind === 'glaze' || layer?.kind === 'weather') &&
  coat.family !== 'powder';

const washLifts: BearingRule = {
  id: 'wash',
  says: 'a wash over paint that nothing holds',
  why: 'paint on bare, smooth clay holds by its own skin alone: water and the wiping lift it',
  source: PRACTICE,
  weight: 'check',
  when: 'layer',
  test: (scene) => {
    const under = top(scene);
    if (!isWash(scene) || !under || under.coat.id !== 'acrylic') return null;
    const below = scene.films.slice(0, -1).filter(isFilm);
    const isHeld = below.some(
      ({ coat }) => coat.grips || coat.family === 'primer' || coat.family === 'sealer',
    );
    const drinks = bodyRow(scene.surface.body).drinks !== 'no' || scene.surface.body === 'painted';
    return isHeld || drinks ? null : { ...named(under), sees: 'may lift in flakes where the wash is wiped' };
  },
};

const slips: BearingRule = {
  id: 'slips',
  says: 'a coat over what nothing holds on',
  why: 'wax, powder for release and silicone let go of whatever is put over them',
  source: PRACTICE,
  weight: 'stop',
  when: 'layer',
  test: (scene) => {
    const { layer, coat, body } = scene;
    if (!coat || layer?.kind === 'clean' || layer?.kind === 'wipe') return null;
    const under = top(scene);
    if (under?.coat.slips) return { ...named(under), sees: 'beads up and peels: it holds on nothing' };
    return !under && body.isShy ? { ...bodyNamed(scene), sees: 'peels off in one skin' } : null;
  },
};

const slick: BearingRule = {
  id: 'slick',
  says: 'a coat on bare metal, plastic or glass',
  why: 'water-based coats hold on what is smooth and closed only over a primer',
  source: PRACTICE,
  weight: 'check',
  when: 'layer',
  test: (scene) => {
    const { coat, body, films } = scene;
    const isFirst = films.every((film) => !isFilm(film) || film.coat.skin === 'loose');
    return coat && body.isSlick && isFirst && !coat.grips && coat.carrier !== 'none' && isFilm({ coat })
      ? { ...bodyNamed(scene), sees: 'scratches and peels off it' }
      : null;
  },
};

const drinks: BearingRule = {
  id: 'drinks',
  says: 'water on what drinks it',
  why: 'wood and card swell, plaster and cloth draw the colour in: the first coat is to close them',
  source: PRACTICE,
  weight: 'check',
  when: 'layer',
  test: (scene) => {
    const { coat, layer, body, films } = scene;
    if (coat?.carrier !== 'water' || films.some(isFilm) || body.drinks === 'no') return null;
    if (['prime', 'seal', 'stain', 'paste', 'fibre', 'wipe', 'clean'].includes(layer?.kind ?? ''))
      return null;
    return {
      ...bodyNamed(scene),
      sees: body.drinks === 'swells' ? 'swells, warps or raises its grain' : 'draws it in and dries blotched',
    };
  },
};

const rawSealed: BearingRule = {
  id: 'raw',
  says: 'raw clay closed under a coat',
  why: 'what leaves the clay as it cures has to come out: it blisters a closed coat, and the clay under it cures badly',
  source: PRACTICE,
  weight: 'stop',
  when: 'layer',
  test: (scene) => {
    const { coat, layer, body, isCured } = scene;
    if (!coat || isCured || body.id !== 'clay') return null;
    if (
      layer?.kind === 'clean' ||
      coat.skin !== 'closed' ||
      coat.oven === 'glaze' ||
      familyRow(coat.family).dries === 'oven'
    )
      return null;
    return { ...bodyNamed(scene), sees: 'blisters in the oven, and the clay stays weak' };
  },
};

/** Rules of one coat over another. */
export const STUFF_RULES: readonly BearingRule[] = [
  solvents,
  eats,
  washLifts,
  slips,
  slick,
  drinks,
  rawSealed,
];
