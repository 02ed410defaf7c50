import type { BodyId, CoatLayer, Meets, Schools } from '../../piece/index.ts';
import type { Body } from '../coats/bodies.ts';
import type { Coat } from '../coats/coats.ts';
import type { Weight } from './seen.ts';

/** A coat that lies on a surface. */
export interface Film {
  readonly coat: Coat;
  readonly layer: CoatLayer;
  /** Its place in the list of layers. */
  readonly at: number;
  /** Whether it was put on while the clay was raw. */
  readonly onRaw: boolean;
}

/** What happens to a surface once its layers are on. */
export interface LaterStep {
  readonly id: string;
  /** In words, after “then”. */
  readonly says: string;
  /** Up to where it reaches above the foot of the part, miniature mm; absent where it reaches all of it. */
  readonly toMm?: number;
  readonly does: 'bake' | 'water' | 'resin' | 'superglue' | 'solvent';
}

/** A surface as it is judged. */
export interface Surface {
  readonly body: BodyId;
  /** Clay that no oven has been over yet. */
  readonly isRaw: boolean;
  readonly layers: readonly CoatLayer[];
  readonly meets: readonly Meets[];
  readonly later: readonly LaterStep[];
  readonly schools: Pick<Schools, 'colour' | 'superglue'>;
  /** Hottest that its clay gets, °C. */
  readonly peakC: number;
  readonly humidityPct: number;
}

/** A surface with what lies on it when a layer is put on, or a later step comes. */
export interface Scene {
  readonly surface: Surface;
  readonly body: Body;
  /** From the body up. */
  readonly films: readonly Film[];
  readonly isCured: boolean;
  /** What is put on, with its coat; null where a tool or the oven is at work, or all is on. */
  readonly layer: CoatLayer | null;
  readonly coat: Coat | null;
  readonly at: number;
  /** What happens to it; null while its layers are put on. */
  readonly later: LaterStep | null;
  /** The oven is at work. */
  readonly isBake: boolean;
}

/** What a rule finds: what is under, and what will be seen. */
export interface Told {
  /** The name of what gives way. */
  readonly under: string;
  readonly underId: string;
  readonly sees: string;
  /** Where this one weighs other than its rule. */
  readonly weight?: Weight;
}

/** One rule of what bears what. */
export interface BearingRule {
  readonly id: string;
  /** What a maker does who goes against it. */
  readonly says: string;
  readonly why: string;
  /** Where it is from. */
  readonly source: string;
  readonly weight: Weight;
  /** Whether it is asked of layers as they are put on, of the oven, of later steps, or of the finished surface. */
  readonly when: 'layer' | 'bake' | 'later' | 'end';
  readonly test: (scene: Scene) => Told | null;
}

export const top = ({ films }: Scene): Film | undefined => films.at(-1);

/** What lies uppermost, by name: a film, or the body. */
export function topName(scene: Scene): Pick<Told, 'under' | 'underId'> {
  const film = top(scene);
  return film
    ? { under: film.coat.title, underId: film.coat.id }
    : { under: scene.body.title, underId: scene.body.id };
}

export const named = ({ coat }: Film): Pick<Told, 'under' | 'underId'> => ({
  under: coat.title,
  underId: coat.id,
});

export const bodyNamed = ({ body }: Scene): Pick<Told, 'under' | 'underId'> => ({
  under: body.title,
  underId: body.id,
});

/** Whether a film is a coat of some thickness, and not only a rub or a wipe. */
export const isFilm = ({ coat }: Pick<Film, 'coat'>): boolean => coat.id !== 'soap' && coat.id !== 'alcohol';
