import { beside, colourOf, lightnessOf, overGround, type Spectrum, spectrumOf } from '../../colour/index.ts';
import type { CoatLayer, Settling } from '../../piece/index.ts';
import { type Coat, coatRow } from '../coats/coats.ts';
import { familyRow } from '../rows/families.ts';

/** How the surface lies where it is looked at: what washes settle in, what is flat, what a dry brush catches. */
export const LIES = ['deep', 'flat', 'raised'] as const;
export type Lie = (typeof LIES)[number];
export type Look = Readonly<Record<Lie, string>>;

/** What a look is reckoned with, from the handbook. */
export interface LookRates {
  /** Times the usual thickness of a wash, in what is deep and on what is flat. */
  readonly pools: number;
  readonly thins: number;
  /** Shares that a dry brush covers, 0–1. */
  readonly catches: number;
  readonly grazes: number;
  /** How a coat hides, (K + S)·X, by its family. */
  readonly hides: (family: Coat['family']) => number;
}

/** A wash is four parts of water to one of paint where nothing else is said. */
export const USUAL_WASH = 4;

/** How much of what hides is in one coat, by how it was thinned. */
export function strength({ thin }: Pick<CoatLayer, 'thin'>, { family }: Pick<Coat, 'family'>): number {
  if (thin === 0) return 1;
  return (family === 'thinned' ? 1 + USUAL_WASH : 1) / (1 + thin);
}

/** How thick a coat lies, times the usual, and how much of the surface it covers. */
interface Laid {
  readonly times: number;
  readonly share: number;
}

/**
 * How a layer is laid at a place that lies so.
 *
 * @param deep 0 where the surface is open, 1 in its deepest folds
 * @param raised 0 where it is flat, 1 on its sharpest edges
 */
export function laidOn(
  layer: Pick<CoatLayer, 'kind' | 'lies'>,
  deep: number,
  raised: number,
  rates: LookRates,
): Laid {
  // What lies by itself lies there whole: how much of a place it covers is told by where it lies.
  if (layer.lies !== null) return { times: 1, share: 1 };
  switch (layer.kind) {
    case 'shade':
    case 'weather': {
      const flat = rates.thins * (1 - raised);
      return { times: flat + (rates.pools - flat) * deep, share: 1 };
    }
    case 'drybrush':
      return { times: 1, share: (rates.grazes + (rates.catches - rates.grazes) * raised) * (1 - deep) };
    case 'detail':
    case 'decal':
      return { times: 1, share: 0 };
    default:
      return { times: 1, share: 1 };
  }
}

/** One layer over a ground. */
export function laidOver(
  layer: CoatLayer,
  ground: Spectrum,
  { times, share }: Laid,
  rates: LookRates,
): Spectrum {
  if (layer.of === null || layer.colour === null || share <= 0) return ground;
  const coat = coatRow(layer.of);
  const own = spectrumOf(layer.colour);
  const thick = rates.hides(coat.family) * layer.coats * times * strength(layer, coat);
  // Fibre and leaf hide what is under them, whatever their glue does.
  const isOver = coat.fibres || layer.kind === 'leaf' || familyRow(coat.family).dries === 'oven';
  const film = isOver ? own : overGround(own, ground, thick);
  return share >= 1 ? film : beside(film, ground, share);
}

const DEEP: Readonly<Record<Lie, readonly [deep: number, raised: number]>> = {
  deep: [1, 0],
  flat: [0, 0],
  raised: [0, 1],
};

/** Where what lies by itself is seen: in folds, on edges, or wherever it lies. */
const SETTLES_AT: Readonly<Record<Settling, readonly Lie[]>> = {
  sky: LIES,
  shelter: ['deep'],
  fold: ['deep'],
  edge: ['raised'],
  foot: LIES,
  run: LIES,
};

/**
 * How a surface looks after each of its layers, where it is deep, flat and raised.
 *
 * @param body colour of what it is of
 * @returns the bare surface first, then one a layer
 */
export function looksOf(body: string, layers: readonly CoatLayer[], rates: LookRates): readonly Look[] {
  let now: Readonly<Record<Lie, Spectrum>> = {
    deep: spectrumOf(body),
    flat: spectrumOf(body),
    raised: spectrumOf(body),
  };
  const asLook = () => ({ deep: colourOf(now.deep), flat: colourOf(now.flat), raised: colourOf(now.raised) });
  const looks: Look[] = [asLook()];
  for (const layer of layers) {
    const at = (lie: Lie) =>
      layer.lies === null || SETTLES_AT[layer.lies].includes(lie)
        ? laidOver(layer, now[lie], laidOn(layer, ...DEEP[lie], rates), rates)
        : now[lie];
    now = { deep: at('deep'), flat: at('flat'), raised: at('raised') };
    looks.push(asLook());
  }
  return looks;
}

/** How far a shade or a dry brush is seen over what it goes over: lighter or darker than what is flat, in L*. */
export interface Contrast {
  readonly layer: CoatLayer;
  /** Place of the layer. */
  readonly at: number;
  readonly flat: string;
  readonly seen: string;
  readonly apart: number;
}

/** What is seen of each wash and dry brush. */
export function contrastsOf(layers: readonly CoatLayer[], looks: readonly Look[]): readonly Contrast[] {
  return layers.flatMap((layer, at): Contrast[] => {
    const after = looks[at + 1];
    if (!after || layer.colour === null || (layer.kind !== 'shade' && layer.kind !== 'drybrush')) return [];
    const seen = layer.kind === 'shade' ? after.deep : after.raised;
    return [
      { layer, at, flat: after.flat, seen, apart: Math.abs(lightnessOf(seen) - lightnessOf(after.flat)) },
    ];
  });
}
