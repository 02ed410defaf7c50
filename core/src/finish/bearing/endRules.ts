import { bearsOven } from '../../bake/index.ts';
import { familyRow } from '../rows/families.ts';
import {
  type BearingRule,
  bodyNamed,
  type Film,
  isFilm,
  named,
  type Scene,
  type Told,
  top,
  topName,
} from './rule.ts';

const PRACTICE = 'common practice';

const worse = (a: Told | null, b: Told | null) =>
  a?.weight === 'stop' || !b ? a : b.weight === 'stop' || !a ? b : a;

function burnt({ coat }: Film, { surface }: Scene): Told | null {
  if (coat.oven === null)
    return { under: coat.title, underId: coat.id, sees: 'does not bear the oven', weight: 'stop' };
  const { level, says } = bearsOven(coat.oven, surface.peakC, surface.schools.superglue === 'knowingly');
  return level === 'good'
    ? null
    : { under: coat.title, underId: coat.id, sees: says, weight: level === 'stop' ? 'stop' : 'check' };
}

const burns: BearingRule = {
  id: 'burns',
  says: 'into the oven with what does not bear it',
  why: 'what was put on before goes through every later bake',
  source: PRACTICE,
  weight: 'stop',
  when: 'bake',
  test: (scene) =>
    scene.films
      // Alcohol from cleaning has its own wait in the route.
      .filter((film) => isFilm(film))
      .map((film) => burnt(film, scene))
      .reduce(worse, null),
};

const bubbles: BearingRule = {
  id: 'bubbles',
  says: 'water into the oven',
  why: 'water that is still in a thick coat, or shut in under liquid clay, boils',
  source: PRACTICE,
  weight: 'check',
  when: 'bake',
  test: ({ films }) => {
    const wet = films.find(
      (film, i) =>
        film.coat.carrier === 'water' &&
        isFilm(film) &&
        (film.coat.family === 'paste' || films[i + 1]?.coat.id === 'liquid-clay'),
    );
    return wet ? { ...named(wet), sees: 'blisters: dry it through first' } : null;
  },
};

const uncured: BearingRule = {
  id: 'uncured',
  says: 'liquid clay that goes into no oven',
  why: 'liquid clay cures by heat alone',
  source: PRACTICE,
  weight: 'stop',
  when: 'end',
  test: ({ films, surface }) => {
    const lastBake = surface.layers.map(({ kind }) => kind).lastIndexOf('bake');
    const isBakedLater = surface.later.some(({ does }) => does === 'bake');
    const raw = films.find(({ coat, at }) => familyRow(coat.family).dries === 'oven' && at > lastBake);
    return raw && !isBakedLater ? { ...named(raw), sees: 'stays wet for ever' } : null;
  },
};

const rubs: BearingRule = {
  id: 'rubs',
  says: 'powder with nothing over it',
  why: 'pastel, pigment and leaf come off on the fingers until a varnish or a glaze holds them',
  source: PRACTICE,
  weight: 'check',
  when: 'end',
  test: (scene) => {
    const last = top(scene);
    if (last?.coat.skin !== 'loose' || last.coat.fibres || last.coat.slips) return null;
    // What was baked in holds better than what lies on it.
    const isBakedIn = last.onRaw && scene.isCured;
    if (isBakedIn && !scene.surface.meets.includes('hands')) return null;
    return {
      ...named(last),
      sees: isBakedIn ? 'wears off where it is held' : 'rubs off',
      ...(scene.surface.meets.includes('hands') && !isBakedIn && { weight: 'stop' as const }),
    };
  },
};

const handled: BearingRule = {
  id: 'handled',
  says: 'bare paint in the hand',
  why: 'paint that is held wears through to what is under it',
  source: PRACTICE,
  weight: 'check',
  when: 'end',
  test: (scene) => {
    const last = top(scene);
    return scene.surface.meets.includes('hands') &&
      last &&
      last.coat.skin === 'open' &&
      !last.coat.bears.includes('hands')
      ? { ...named(last), sees: 'wears off where it is held' }
      : null;
  },
};

/** The uppermost film that bears something, with nothing over it that does not but for what is closed. */
const shelter = ({ films }: Scene, meets: 'water' | 'sun' | 'frost') =>
  [...films].reverse().find(({ coat }) => coat.skin === 'closed' && coat.bears.includes(meets));

const wet: BearingRule = {
  id: 'wet',
  says: 'into water with what it takes up',
  why: 'glue, paste and gouache soften in water; other paint swells and lifts unless a varnish closes it',
  source: PRACTICE,
  weight: 'check',
  when: 'end',
  test: (scene) => {
    const { surface, films, body } = scene;
    if (!surface.meets.includes('water') && !surface.later.some(({ does }) => does === 'water')) return null;
    const cover = shelter(scene, 'water');
    const open = films.filter((film) => isFilm(film) && (!cover || film.at > cover.at));
    const soft = open.find(({ coat }) => coat.lifts.includes('water'));
    if (soft) return { ...named(soft), sees: 'softens and comes off in water', weight: 'stop' };
    const weak = open.find(({ coat }) => !coat.bears.includes('water') && coat.carrier === 'water');
    if (weak) return { ...named(weak), sees: 'swells and lifts in water' };
    return !cover && films.length === 0 && body.drinks !== 'no'
      ? { ...bodyNamed(scene), sees: 'drinks the water, swells or softens' }
      : null;
  },
};

const fades: BearingRule = {
  id: 'fades',
  says: 'dye in the sun',
  why: 'dyes and some pigments bleach; a varnish that keeps light out slows it and does not stop it',
  source: PRACTICE,
  weight: 'check',
  when: 'end',
  test: ({ surface, films }) => {
    if (!surface.meets.includes('sun')) return null;
    const weak = films.find(({ coat }) =>
      ['gouache', 'alcohol-ink', 'stain', 'pastel', 'decal', 'epoxy-resin', 'uv-resin'].includes(coat.id),
    );
    return weak
      ? {
          ...named(weak),
          sees:
            weak.coat.skin === 'closed' && weak.coat.sheen === 'gloss' && weak.coat.id !== 'decal'
              ? 'goes yellow'
              : 'bleaches',
        }
      : null;
  },
};

const frost: BearingRule = {
  id: 'frost',
  says: 'water that freezes in it',
  why: 'what has drunk water bursts as it freezes',
  source: PRACTICE,
  weight: 'check',
  when: 'end',
  test: (scene) => {
    if (!scene.surface.meets.includes('frost')) return null;
    if (shelter(scene, 'frost')) return null;
    return scene.body.drinks !== 'no' || scene.films.length > 0
      ? { ...topName(scene), sees: 'flakes off after a few frosts' }
      : null;
  },
};

const after: BearingRule = {
  id: 'after',
  says: 'a later step over a finish that does not bear it',
  why: 'what is poured, glued or sprayed near it later reaches this surface as well',
  source: PRACTICE,
  weight: 'check',
  when: 'later',
  test: (scene) => {
    const { later, films } = scene;
    const last = top(scene);
    if (!later || !last) return null;
    switch (later.does) {
      case 'superglue':
        return scene.surface.meets.includes('hands') ||
          last.coat.sheen === 'gloss' ||
          last.coat.sheen === 'satin'
          ? { ...named(last), sees: 'a white bloom from the fumes: little glue, and air about it' }
          : null;
      case 'resin':
        return last.coat.skin !== 'closed'
          ? { ...named(last), sees: 'goes dark, and gives off bubbles under the resin: seal it first' }
          : null;
      case 'solvent': {
        const soft = films.findLast(({ coat }) => coat.lifts.includes('strong'));
        return soft ? { ...named(soft), sees: 'wrinkles' } : null;
      }
      case 'bake':
        return films
          .filter((film) => isFilm(film))
          .map((film) => burnt(film, scene))
          .reduce(worse, null);
      case 'water':
        return null;
    }
  },
};

/** Rules of the oven, of what comes later, and of how it is kept. */
export const END_RULES: readonly BearingRule[] = [
  burns,
  bubbles,
  uncured,
  rubs,
  handled,
  wet,
  fades,
  frost,
  after,
];
