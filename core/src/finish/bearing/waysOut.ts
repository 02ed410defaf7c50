import type { CoatId, CoatLayer, LayerKind } from '../../piece/index.ts';
import { DEFAULT_COAT_LAYER } from '../../piece/index.ts';
import { type Coat, coatRow } from '../coats/coats.ts';
import { LAYER_COATS, LAYER_SAYS, layerSays } from '../layers/orderOf.ts';
import { familyRow } from '../rows/families.ts';
import { type Finding, judge, KNOWS_NOTHING, type Known } from './judge.ts';
import type { Surface } from './rule.ts';
import { WEIGHTS } from './seen.ts';

/** Layers in which a finding is gone, and what that costs. */
export interface Way {
  readonly says: string;
  readonly layers: readonly CoatLayer[];
  /** How much longer all of it takes, hands and waiting, h; less than nothing where it is quicker. */
  readonly hours: number;
}

/** Most ways that are offered. */
const MOST_WAYS = 3;
/** Coats that may be put between two others. */
const BETWEEN: readonly (readonly [LayerKind, CoatId])[] = [
  ['seal', 'sealer'],
  ['prime', 'primer'],
  ['seal', 'shellac'],
  ['matt', 'matt-varnish'],
  ['gloss', 'gloss-varnish'],
];
/** Coats that may close it all. */
const LAST: readonly (readonly [LayerKind, CoatId])[] = [
  ['matt', 'matt-varnish'],
  ['gloss', 'satin-varnish'],
  ['gloss', 'gloss-varnish'],
  ['matt', 'matt-spray'],
];
/** Hands for one more coat on a small surface, min. */
const HANDS_MIN = 10;

function newIdIn(layers: readonly CoatLayer[], stem: string): string {
  const ids = new Set(layers.map(({ id }) => id));
  let n = 2;
  let id = stem;
  while (ids.has(id)) id = `${stem}-${n++}`;
  return id;
}

function hoursOf(layers: readonly CoatLayer[]): number {
  const minutes = layers.reduce((sum, { of, coats }) => {
    if (of === null) return sum;
    return sum + coats * (HANDS_MIN + familyRow(coatRow(of).family).dry.value);
  }, 0);
  return minutes / 60;
}

type Candidate = Omit<Way, 'hours'>;

function put(layers: readonly CoatLayer[], at: number, kind: LayerKind, of: CoatId): readonly CoatLayer[] {
  const made: CoatLayer = { ...DEFAULT_COAT_LAYER, id: newIdIn(layers, kind), kind, of };
  return [...layers.slice(0, at), made, ...layers.slice(at)];
}

function swapped(layers: readonly CoatLayer[], at: number, of: CoatId): readonly CoatLayer[] {
  return layers.map((one, i) => (i === at ? { ...one, of } : one));
}

function moved(layers: readonly CoatLayer[], from: number, to: number): readonly CoatLayer[] {
  const left = layers.filter((_, i) => i !== from);
  const one = layers[from];
  return one ? [...left.slice(0, to), one, ...left.slice(to)] : layers;
}

/** What settles is given up for its like alone: snow for snow, a stain for a stain. */
function matterOf({ fibres, family }: Coat): 'fibre' | 'heap' | 'film' {
  if (fibres) return 'fibre';
  return family === 'paste' || family === 'heaped' ? 'heap' : 'film';
}

/** Another stuff for a layer. */
function others(layers: readonly CoatLayer[], at: number): Candidate[] {
  const layer = layers[at];
  if (!layer || layer.of === null) return [];
  const like = matterOf(coatRow(layer.of));
  return LAYER_COATS[layer.kind]
    .filter((of): of is NonNullable<typeof of> => of !== null && of !== layer.of)
    .filter((of) => layer.lies === null || matterOf(coatRow(of)) === like)
    .map((of) => ({
      says: `take ${coatRow(of).title} for the ${layerSays(layer)}`,
      layers: swapped(layers, at, of),
    }));
}

function* candidates({ at, underId }: Finding, { layers }: Surface): Generator<Candidate> {
  const layer = layers[at];
  const isEnd = at >= layers.length;
  for (const [kind, of] of isEnd ? LAST : BETWEEN)
    yield {
      says: `${coatRow(of).title}${isEnd ? ' over all' : ' first'}`,
      layers: put(layers, at, kind, of),
    };
  // The coat that gives way is put over a primer, or made with something else.
  const under = layers.findLastIndex((one, i) => i < at && one.of === underId);
  if (under >= 0) {
    yield {
      says: `primer under the ${LAYER_SAYS[layers[under]?.kind ?? 'base']}`,
      layers: put(layers, under, 'prime', 'primer'),
    };
    for (const one of others(layers, under)) yield one;
    for (let to = at; to <= layers.length; to += 1)
      if (to > under + 1)
        yield {
          says: `the ${LAYER_SAYS[layers[under]?.kind ?? 'base']} ${to === layers.length ? 'last' : 'later'}`,
          layers: moved(layers, under, to - 1),
        };
  }
  if (!layer) return;
  for (const one of others(layers, at)) yield one;
  for (let to = 0; to < layers.length; to += 1)
    if (to !== at)
      yield {
        says: `the ${layerSays(layer)} ${to < at ? 'earlier' : 'later'}`,
        layers: moved(layers, at, to),
      };
  const usual = layer.of === null ? null : familyRow(coatRow(layer.of).family).film.value;
  if (layer.filmMm !== null && usual !== null && layer.filmMm > usual) {
    const coats = Math.min(40, Math.ceil((layer.coats * layer.filmMm) / usual));
    yield {
      says: `${coats} thin coats`,
      layers: layers.map((one, i) => (i === at ? { ...one, filmMm: null, coats } : one)),
    };
  }
  if (layer.kind !== 'bake')
    yield { says: `leave the ${layerSays(layer)} out`, layers: layers.filter((_, i) => i !== at) };
}

const costOf = (findings: readonly Finding[]) =>
  findings.reduce((sum, { weight }) => sum + (WEIGHTS.indexOf(weight) === 2 ? 100 : 1), 0);

/** What is given up by a way, h: leaving work out costs what it was for. */
const LEFT_OUT_H = 6;

/**
 * Ways out of a finding, the least work first: another coat between, another stuff, another order. Each was judged again:
 * the finding is gone in it and nothing else came in its place.
 */
export function waysOut(finding: Finding, surface: Surface, known: Known = KNOWS_NOTHING): readonly Way[] {
  const before = costOf(judge(surface, known));
  const hours = hoursOf(surface.layers);
  const found: { readonly way: Way; readonly rank: number }[] = [];
  const said = new Set<string>();
  for (const { says, layers } of candidates(finding, surface)) {
    if (said.has(says)) continue;
    const left = judge({ ...surface, layers }, known);
    const isGone = !left.some(
      ({ rule, underId, over }) =>
        rule === finding.rule && underId === finding.underId && over === finding.over,
    );
    if (!isGone || costOf(left) >= before) continue;
    said.add(says);
    const more = hoursOf(layers) - hours;
    const isLess = layers.length < surface.layers.length;
    found.push({
      way: { says, layers, hours: more },
      rank: (isLess ? LEFT_OUT_H : Math.max(0, more)) + 50 * costOf(left),
    });
  }
  return found
    .sort((a, b) => a.rank - b.rank)
    .slice(0, MOST_WAYS)
    .map(({ way }) => way);
}
