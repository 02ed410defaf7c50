import type { CoatLayer, CoatRule } from '../../piece/index.ts';
import { bodyRow } from '../coats/bodies.ts';
import { coatRow } from '../coats/coats.ts';
import { END_RULES } from './endRules.ts';
import { STUFF_RULES } from './layerRules.ts';
import { ORDER_RULES } from './orderRules.ts';
import type { BearingRule, Film, Scene, Surface, Told } from './rule.ts';
import { type Seen, type Weight, weighed } from './seen.ts';

/** Every rule of what bears what. */
export const BEARING_RULES: readonly BearingRule[] = [...STUFF_RULES, ...ORDER_RULES, ...END_RULES];

/** Results of these rules are kept in the log under this and their names. */
export const RESULT_OF = 'finish.';

/** What a maker did who went against a rule, by the name that its result is kept under; null for another’s. */
export function bearingSays(result: string): string | null {
  return BEARING_RULES.find(({ id }) => `${RESULT_OF}${id}` === result)?.says ?? null;
}

const when = (moment: BearingRule['when']) => BEARING_RULES.filter((rule) => rule.when === moment);
const [ON_LAYER, ON_BAKE, ON_LATER, ON_END] = [when('layer'), when('bake'), when('later'), when('end')];

/** What the maker knows: own rules of one stuff over another, and how a rule turned out. */
export interface Known {
  readonly rules: readonly Pick<CoatRule, 'under' | 'over' | 'grade' | 'says'>[];
  readonly seen: (rule: string) => Seen;
}

export const KNOWS_NOTHING: Known = { rules: [], seen: () => ({ good: 0, bad: 0 }) };

/** One thing that may not hold. */
export interface Finding extends Told {
  readonly rule: string;
  readonly weight: Weight;
  /** What is put on, or what comes: in words. */
  readonly over: string;
  /** Its place among the layers; the number of layers for what comes after them. */
  readonly at: number;
  readonly why: string;
  readonly source: string;
  readonly seen: Seen;
}

function asFilm(layer: CoatLayer, at: number, onRaw: boolean): Film | null {
  if (layer.of === null) return null;
  const coat = coatRow(layer.of);
  return { coat, layer, at, onRaw };
}

class Walk {
  readonly found: Finding[] = [];
  readonly #surface: Surface;
  readonly #known: Known;
  #films: readonly Film[] = [];
  #isCured: boolean;

  constructor(surface: Surface, known: Known) {
    this.#surface = surface;
    this.#known = known;
    // A surface of raw clay whose own layers hold no bake is finished after the bakes of its part.
    this.#isCured = !surface.isRaw || surface.layers.every(({ kind }) => kind !== 'bake');
  }

  #scene(over: Partial<Scene>): Scene {
    return {
      surface: this.#surface,
      body: bodyRow(this.#surface.body),
      films: this.#films,
      isCured: this.#isCured,
      layer: null,
      coat: null,
      at: this.#surface.layers.length,
      later: null,
      isBake: false,
      ...over,
    };
  }

  #ask(rules: readonly BearingRule[], scene: Scene, over: string): void {
    const own = this.#ownOf(scene);
    if (own?.grade === 'silent') return;
    if (own) {
      const under = scene.films.at(-1)?.coat.title ?? scene.body.title;
      this.found.push({
        rule: `own:${own.under}:${own.over}`,
        weight: own.grade,
        under,
        underId: own.under,
        over,
        at: scene.at,
        sees: own.says === '' ? 'does not hold, by your own rule' : own.says,
        why: 'your own rule',
        source: 'your own',
        seen: { good: 0, bad: 0 },
      });
      return;
    }
    for (const rule of rules) {
      const told = rule.test(scene);
      if (!told) continue;
      const seen = this.#known.seen(rule.id);
      const weight = weighed(told.weight ?? rule.weight, seen);
      if (weight === 'silent') continue;
      this.found.push({
        ...told,
        rule: rule.id,
        weight,
        over,
        at: scene.at,
        why: rule.why,
        source: rule.source,
        seen,
      });
    }
  }

  #ownOf({ films, body, coat }: Scene): Known['rules'][number] | undefined {
    if (!coat || this.#known.rules.length === 0) return undefined;
    const under = films.at(-1)?.coat.id ?? body.id;
    return this.#known.rules.find((rule) => rule.over === coat.id && rule.under === under);
  }

  #layer(layer: CoatLayer, at: number): void {
    if (layer.kind === 'bake') {
      this.#ask(ON_BAKE, this.#scene({ layer, at, isBake: true }), 'the bake');
      this.#isCured = true;
      return;
    }
    const film = asFilm(layer, at, !this.#isCured);
    this.#ask(ON_LAYER, this.#scene({ layer, coat: film?.coat ?? null, at }), film?.coat.title ?? layer.kind);
    if (layer.kind === 'wipe') {
      // What was loose and slippery is washed away.
      this.#films = this.#films.filter(({ coat }) => !coat.slips);
      return;
    }
    if (film && film.coat.id !== 'alcohol' && film.coat.id !== 'soap') this.#films = [...this.#films, film];
  }

  run(): readonly Finding[] {
    for (const [at, layer] of this.#surface.layers.entries()) this.#layer(layer, at);
    this.#ask(ON_END, this.#scene({}), 'how it is kept');
    for (const later of this.#surface.later) this.#ask(ON_LATER, this.#scene({ later }), later.says);
    return this.found;
  }
}

/**
 * Everything that may not hold on a surface: each of its layers over what is under it, the oven, all that comes later, and
 * how it is kept; in the order in which it happens.
 *
 * @example judge({ body: 'foam', isRaw: false, layers: [a coat of spray primer], … })[0]?.weight // 'stop': foam melts
 */
export function judge(surface: Surface, known: Known = KNOWS_NOTHING): readonly Finding[] {
  return new Walk(surface, known).run();
}

/** Stops before checks, each in the order in which they happen. */
export function firstFailure(findings: readonly Finding[]): Finding | null {
  return findings.find(({ weight }) => weight === 'stop') ?? findings[0] ?? null;
}
