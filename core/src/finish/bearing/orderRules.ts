import { coatRow } from '../coats/coats.ts';
import { standsMm } from '../drying/stands.ts';
import { LAYER_SAYS } from '../layers/orderOf.ts';
import { familyRow } from '../rows/families.ts';
import { type BearingRule, bodyNamed, isFilm, named, type Scene, top } from './rule.ts';

const PRACTICE = 'common practice';

const kindBelow = ({ films }: Scene, ...kinds: readonly string[]) =>
  [...films].reverse().find(({ layer }) => kinds.includes(layer.kind));

const rule = (
  id: string,
  says: string,
  why: string,
  test: BearingRule['test'],
  over: Partial<BearingRule> = {},
): BearingRule => ({ id, says, why, source: PRACTICE, weight: 'check', when: 'layer', test, ...over });

/** Matt over gloss is seen by its kind of layer: a gloss coat under a decal is meant to be dulled. */
const shine = rule('shine', 'matt over gloss', 'gloss goes on last, only where it is wanted', (scene) => {
  if (scene.layer?.kind !== 'matt' && scene.coat?.sheen !== 'matt') return null;
  if (scene.layer?.kind !== 'matt') return null;
  const gloss = kindBelow(scene, 'gloss');
  const isForDecal = kindBelow(scene, 'decal') !== undefined;
  return gloss && gloss.coat.sheen === 'gloss' && !isForDecal
    ? { ...named(gloss), sees: 'the shine is gone' }
    : null;
});

const buried = rule(
  'buried',
  'a base coat over what was shaded',
  'a base coat hides all that is under it',
  (scene) => {
    if (scene.layer?.kind !== 'base') return null;
    const under = kindBelow(scene, 'shade', 'drybrush', 'detail', 'glaze', 'decal');
    return under
      ? {
          ...named(under),
          sees: `the ${under.layer.kind === 'detail' ? 'details are' : 'work is'} painted over`,
        }
      : null;
  },
);

/** Textures that were worked so far, by how wide their strokes are. */
const texturesBefore = ({ surface, at }: Scene) =>
  surface.layers.slice(0, at).filter(({ kind, lengthMm }) => kind === 'texture' && lengthMm !== null);

const strokes = (mm: number) => ({ under: `strokes of ${mm} mm`, underId: 'texture' });

/** Strokes are about half as deep as they are wide (common practice); filled to that, they are gone. */
const FILLED = 0.5;

const fills = rule(
  'fills',
  'thick coats over a fine texture',
  'coats fill strokes that are not much deeper than the coats are thick',
  (scene) => {
    const { layer, surface, at } = scene;
    if (!layer || !scene.coat || scene.coat.fibres) return null;
    const finest = Math.min(...texturesBefore(scene).map(({ lengthMm }) => lengthMm ?? 0));
    if (!Number.isFinite(finest)) return null;
    const from = surface.layers.findIndex(({ kind, lengthMm }) => kind === 'texture' && lengthMm === finest);
    const upTo = (end: number) =>
      surface.layers.slice(from + 1, end).reduce((sum, one) => {
        const coat = one.of === null ? null : coatRow(one.of);
        return coat && !coat.fibres ? sum + standsMm(one, coat, familyRow(coat.family).film.value) : sum;
      }, 0);
    // Told once, at the coat that fills them.
    return upTo(at) < FILLED * finest && upTo(at + 1) >= FILLED * finest
      ? { ...strokes(finest), sees: 'they fill up and are gone' }
      : null;
  },
);

const coarser = rule(
  'coarser',
  'a coarse texture over a finer one',
  'from coarse to fine: a wide tool wipes out the fine strokes under it',
  (scene) => {
    const { layer } = scene;
    if (layer?.kind !== 'texture' || layer.lengthMm === null) return null;
    const wide = layer.lengthMm;
    const finer = texturesBefore(scene).find(({ lengthMm }) => (lengthMm ?? 0) < 0.7 * wide);
    return finer ? { ...strokes(finer.lengthMm ?? 0), sees: 'they are wiped out' } : null;
  },
);

const furred = rule(
  'furred',
  'fibre over worked detail',
  'fibre hides what is under it: the hours go where they are seen, and under light fibre only the colour shows',
  (scene) => {
    if (!scene.coat?.fibres || (scene.layer?.lies ?? null) !== null) return null;
    const { lengthMm } = scene.layer ?? {};
    if ((lengthMm ?? 0) < 1) return null;
    const worked = scene.surface.layers
      .slice(0, scene.at)
      .find(({ kind }) => kind === 'texture' || kind === 'detail' || kind === 'drybrush');
    return worked ? { under: LAYER_SAYS[worked.kind], underId: worked.kind, sees: 'is hidden' } : null;
  },
);

const dulled = rule(
  'dulled',
  'a wash over the dry brush',
  'a wash darkens all that it runs over: what stands out is lifted after it',
  (scene) => {
    if (scene.layer?.kind !== 'shade') return null;
    const under = kindBelow(scene, 'drybrush');
    return under ? { ...named(under), sees: 'the lifted edges go dull and dark again' } : null;
  },
);

const matted = rule(
  'matted',
  'a wet coat over fibre',
  'fibre goes on last: what is wet mats it down, and paint belongs under it',
  (scene) => {
    const { coat } = scene;
    const under = kindBelow(scene, 'fibre');
    if (!under || !coat || coat.fibres || coat.carrier === 'none' || scene.layer?.how === 'spray')
      return null;
    return { ...named(under), sees: 'clumps and lies flat' };
  },
);

const noTooth = rule(
  'tooth',
  'pastel on a closed coat',
  'powder holds in what is matt or raw, and slides off a smooth film',
  (scene) => {
    const under = top(scene);
    const { coat } = scene;
    if (coat?.family !== 'powder' || coat.slips || scene.layer?.kind === 'leaf' || !under) return null;
    return under.coat.skin === 'closed' && under.coat.sheen !== 'matt'
      ? { ...named(under), sees: 'hardly takes: it wipes off again' }
      : null;
  },
);

const silvers = rule(
  'silvers',
  'a decal on a matt coat',
  'air stays under it on what is rough: a gloss coat first, matt after',
  (scene) => {
    const under = top(scene);
    return scene.coat?.id === 'decal' && under && under.coat.sheen === 'matt'
      ? { ...named(under), sees: 'its clear film shows, silvery' }
      : null;
  },
);

const lean = rule(
  'lean',
  'a quick coat over a slow one',
  'what dries hard over what still moves cracks: oils want weeks before water-based coats',
  (scene) => {
    const under = top(scene);
    return scene.coat?.carrier === 'water' && scene.coat.skin === 'closed' && under && under.coat.id === 'oil'
      ? { ...named(under), sees: 'cracks as the oil under it goes on drying' }
      : null;
  },
);

const brittle = rule(
  'brittle',
  'a brittle coat on what gives',
  'the coat has to give as much as what is under it',
  (scene) => {
    const { coat, body } = scene;
    if (coat?.give !== 'brittle' || coat.skin === 'loose') return null;
    const soft = [...scene.films].reverse().find((film) => isFilm(film));
    if (soft?.coat.give === 'flexible' && soft.coat.id !== 'liquid-clay')
      return { ...named(soft), sees: 'cracks when it is bent or pressed' };
    return !soft && body.gives ? { ...bodyNamed(scene), sees: 'cracks when it is bent or pressed' } : null;
  },
);

const tooLate = rule(
  'late',
  'texture in cured clay',
  'tools mark raw clay only: cured clay is carved, or given paste',
  (scene) =>
    scene.layer?.kind === 'texture' && scene.isCured && scene.body.id === 'clay'
      ? { ...bodyNamed(scene), sees: 'the tool leaves no mark' }
      : null,
);

const marks = rule(
  'marks',
  'powder for release on coloured clay',
  'starch bakes in as a pale bloom on colour that is not painted over: brush it off, or use water',
  (scene) => {
    if (!scene.isBake || scene.surface.schools.colour !== 'coloured') return null;
    const powder = scene.films.find(({ coat }) => coat.id === 'starch');
    return powder ? { ...named(powder), sees: 'leaves pale marks on the colour' } : null;
  },
  { when: 'bake' },
);

const deep = rule(
  'deep',
  'a pool of what dries by its water',
  'drying goes with the square of how thick it is (Crank, plane sheet): past about 2 mm it skins over',
  (scene) => {
    const { layer, coat } = scene;
    if (!layer || !coat || familyRow(coat.family).dries !== 'diffusion' || coat.family === 'paste')
      return null;
    return (layer.filmMm ?? 0) > 2
      ? { under: coat.title, underId: coat.id, sees: 'skins over, stays white and never dries' }
      : null;
  },
  { weight: 'stop', source: 'Crank, plane sheet; the 2 mm are common practice' },
);

/** Air wetter than this fogs what dries matt. */
const FOG_PCT = 75;

const fogs = rule(
  'fogs',
  'varnish in damp air',
  'damp air, or too thick a coat, turns a matt or sprayed varnish white',
  (scene) => {
    const { coat, layer, surface } = scene;
    if (!coat || (coat.family !== 'sprayed' && coat.id !== 'matt-varnish')) return null;
    const isThick = layer?.filmMm != null && layer.filmMm > 2.5 * familyRow(coat.family).film.value;
    if (surface.humidityPct <= FOG_PCT && !isThick) return null;
    return {
      under: isThick ? 'too thick a coat' : 'damp air',
      underId: isThick ? 'thick' : 'damp',
      sees: 'dries with a white fog',
    };
  },
);

/** Rules of the order of the work. */
export const ORDER_RULES: readonly BearingRule[] = [
  shine,
  buried,
  fills,
  coarser,
  furred,
  dulled,
  matted,
  noTooth,
  silvers,
  lean,
  brittle,
  tooLate,
  marks,
  deep,
  fogs,
];
