import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  COAT_IDS,
  type CoatId,
  type CoatLayer,
  DEFAULT_COAT_LAYER,
  LAYER_KINDS,
  type LayerKind,
} from '../../piece/index.ts';
import { proposeLayers } from '../layers/propose.ts';
import { BODY_IDS, type BodyId, MEETS, SHEENS } from '../record/choices.ts';
import { BEARING_RULES, firstFailure, judge } from './judge.ts';
import type { Surface } from './rule.ts';
import { weighed } from './seen.ts';
import { waysOut } from './waysOut.ts';

const layer = (kind: LayerKind, of: CoatId | null, over: Partial<CoatLayer> = {}): CoatLayer => ({
  ...DEFAULT_COAT_LAYER,
  id: `${kind}-${of}`,
  kind,
  of,
  ...over,
});

const on = (body: BodyId, layers: readonly CoatLayer[], over: Partial<Surface> = {}): Surface => ({
  body,
  isRaw: false,
  layers,
  meets: [],
  later: [],
  schools: { colour: 'painted', superglue: 'never' },
  peakC: 135,
  humidityPct: 50,
  ...over,
});

const told = (surface: Surface) => judge(surface).map(({ rule, weight }) => `${rule}: ${weight}`);
const BAKE = layer('bake', null);

/** Facts of the trade, each common practice. */
describe('what bears what', () => {
  it('a wash wiped off bare baked clay is silent; over unprimed paint it is to be checked', () => {
    expect(told(on('clay', [layer('shade', 'wash')]))).toEqual([]);
    const over = on('clay', [layer('base', 'acrylic'), layer('shade', 'wash')]);
    expect(told(over)).toEqual(['wash: check']);
    expect(judge(over)[0]).toMatchObject({ under: 'acrylic paint', over: 'thin wash of acrylic', at: 1 });
  });

  it('and a sealer between, or a primer under the paint, ends that', () => {
    expect(
      told(on('clay', [layer('base', 'acrylic'), layer('seal', 'sealer'), layer('shade', 'wash')])),
    ).toEqual([]);
    expect(
      told(on('clay', [layer('prime', 'primer'), layer('base', 'acrylic'), layer('shade', 'wash')])),
    ).toEqual([]);
  });

  it.each<[string, Surface, string]>([
    ['superglue dissolves foam', on('foam', [layer('seal', 'superglue')]), 'eats: stop'],
    ['so does a spray', on('foam', [layer('prime', 'spray-primer')]), 'eats: stop'],
    ['some sprays leave clay tacky', on('clay', [layer('prime', 'spray-primer')]), 'eats: check'],
    ['enamel stays tacky on clay', on('clay', [layer('base', 'enamel')]), 'eats: check'],
    [
      'lacquer over enamel wrinkles',
      on('wood', [layer('prime', 'primer'), layer('base', 'enamel'), layer('matt', 'matt-spray')]),
      'lifts: stop',
    ],
    [
      'a wash of enamel takes enamel up',
      on('wood', [layer('prime', 'primer'), layer('base', 'enamel'), layer('shade', 'enamel-wash')]),
      'lifts: check',
    ],
    [
      'dye in alcohol takes acrylic up',
      on('clay', [layer('base', 'acrylic'), layer('shade', 'alcohol-ink')]),
      'lifts: check',
    ],
    ['paint peels off bare foil', on('foil', [layer('base', 'acrylic')]), 'slick: check'],
    ['nothing holds on silicone', on('rubber', [layer('base', 'acrylic')]), 'slips: stop'],
    ['nothing holds on wax', on('clay', [layer('gloss', 'wax'), layer('detail', 'acrylic')]), 'slips: stop'],
    ['card warps under paint', on('card', [layer('base', 'acrylic')]), 'drinks: check'],
    [
      'matt varnish dulls gloss',
      on('clay', [layer('gloss', 'gloss-varnish'), layer('matt', 'matt-varnish')]),
      'shine: check',
    ],
    [
      'a base coat hides the shade',
      on('clay', [layer('shade', 'wash'), layer('base', 'acrylic')]),
      'buried: check',
    ],
    ['paint mats fibre', on('clay', [layer('fibre', 'fur'), layer('base', 'acrylic')]), 'matted: check'],
    [
      'pastel does not take on varnish',
      on('clay', [layer('gloss', 'gloss-varnish'), layer('pastel', 'pastel'), layer('matt', 'matt-varnish')]),
      'tooth: check',
    ],
    [
      'a decal silvers on matt',
      on('clay', [layer('matt', 'matt-varnish'), layer('decal', 'decal')]),
      'silvers: check',
    ],
    ['bare pastel rubs off', on('clay', [layer('pastel', 'pastel')]), 'rubs: check'],
    [
      'and is not to be handled at all',
      on('clay', [layer('pastel', 'pastel')], { meets: ['hands'] }),
      'rubs: stop',
    ],
    ['liquid clay must be baked', on('clay', [layer('slip', 'liquid-clay')]), 'uncured: stop'],
    ['white glue softens in water', on('clay', [layer('paste', 'pva')], { meets: ['water'] }), 'wet: stop'],
    ['a pool of sealer never dries', on('clay', [layer('seal', 'sealer', { filmMm: 3 })]), 'deep: stop'],
    [
      'matt varnish fogs in damp air',
      on('clay', [layer('matt', 'matt-varnish')], { humidityPct: 85 }),
      'fogs: check',
    ],
    [
      'superglue blooms white on gloss near it',
      on('clay', [layer('gloss', 'gloss-varnish')], {
        later: [{ id: 'j', says: 'superglue', does: 'superglue' }],
      }),
      'after: check',
    ],
    [
      'resin darkens unsealed paint',
      on('wood', [layer('seal', 'sealer'), layer('base', 'acrylic')], {
        later: [{ id: 'p', says: 'the pour', does: 'resin' }],
      }),
      'after: check',
    ],
  ])('%s', (_, surface, wanted) => {
    expect(told(surface)).toContain(wanted);
  });

  it.each<[string, readonly CoatLayer[], string]>([
    ['acrylic fibre shrivels', [layer('fibre', 'fur'), BAKE], 'burns: stop'],
    ['superglue fumes', [layer('seal', 'superglue'), BAKE], 'burns: stop'],
    ['varnish is to be closed over cured clay only', [layer('gloss', 'gloss-varnish'), BAKE], 'raw: stop'],
    ['paste blisters', [layer('paste', 'texture-paste'), BAKE], 'burns: stop'],
  ])('in the oven, %s', (_, layers, wanted) => {
    expect(told(on('clay', layers, { isRaw: true }))).toContain(wanted);
  });

  it('starch that is not brushed off marks coloured clay, and painted clay not', () => {
    const layers = [layer('clean', 'starch'), BAKE];
    expect(
      told(on('clay', layers, { isRaw: true, schools: { colour: 'coloured', superglue: 'never' } })),
    ).toContain('marks: check');
    expect(told(on('clay', layers, { isRaw: true }))).not.toContain('marks: check');
    const brushed = [layer('clean', 'starch'), layer('wipe', null), BAKE];
    expect(
      told(on('clay', brushed, { isRaw: true, schools: { colour: 'coloured', superglue: 'never' } })),
    ).toEqual([]);
  });

  it('superglue in the oven is only warned of where the maker means it', () => {
    const layers = [layer('seal', 'superglue', { id: 'glue' }), BAKE];
    const knowingly = on('clay', layers, { schools: { colour: 'painted', superglue: 'knowingly' } });
    expect(told(knowingly)).toContain('burns: check');
    expect(told(knowingly)).not.toContain('burns: stop');
  });

  it('an own rule comes before all others, both ways', () => {
    const surface = on('clay', [layer('base', 'acrylic'), layer('shade', 'wash')]);
    const seen = () => ({ good: 0, bad: 0 });
    const own = { under: 'acrylic', over: 'wash', says: 'came off on my test' } as const;
    expect(judge(surface, { rules: [{ ...own, grade: 'silent' }], seen })).toEqual([]);
    expect(judge(surface, { rules: [{ ...own, grade: 'stop' }], seen })).toMatchObject([
      { weight: 'stop', sees: 'came off on my test', source: 'your own' },
    ]);
  });

  it('what went well weighs one grade less, what went badly one more, and no farther', () => {
    expect(weighed('check', { good: 2, bad: 1 })).toBe('silent');
    expect(weighed('check', { good: 0, bad: 1 })).toBe('stop');
    expect(weighed('stop', { good: 0, bad: 9 })).toBe('stop');
    expect(weighed('silent', { good: 3, bad: 0 })).toBe('silent');
  });

  it('every rule gives its reason and its source', () => {
    for (const { why, source, says } of BEARING_RULES)
      expect(
        [why, source, says].every((text) => text.length > 5),
        says,
      ).toBe(true);
    expect(new Set(BEARING_RULES.map(({ id }) => id)).size).toBe(BEARING_RULES.length);
  });
});

describe('ways out', () => {
  it('of a wash over unprimed paint: a coat between comes first, by hours', () => {
    const surface = on('clay', [
      layer('base', 'acrylic'),
      layer('shade', 'wash'),
      layer('matt', 'matt-varnish'),
    ]);
    const first = firstFailure(judge(surface));
    if (!first) throw new Error('a finding was wanted');
    const ways = waysOut(first, surface);
    expect(ways.length).toBeGreaterThan(1);
    expect(ways.map(({ says }) => says).join()).toMatch(/sealer first|shellac first/);
    for (const { layers } of ways) expect(judge({ ...surface, layers })).toEqual([]);
  });

  it('of foam under spray: something else that does not eat it', () => {
    const surface = on('foam', [layer('prime', 'spray-primer'), layer('base', 'acrylic')]);
    const first = firstFailure(judge(surface));
    if (!first) throw new Error('a finding was wanted');
    const [best] = waysOut(first, surface);
    expect(['primer', 'shellac']).toContain(best?.layers[0]?.of);
  });

  it('of gloss under matt: the gloss last', () => {
    const surface = on('clay', [layer('gloss', 'gloss-varnish'), layer('matt', 'matt-varnish')]);
    const first = firstFailure(judge(surface));
    if (!first) throw new Error('a finding was wanted');
    expect(waysOut(first, surface).some(({ layers }) => layers.at(-1)?.kind === 'gloss')).toBe(true);
  });

  it('never make it worse, and take away what they are for (property)', () => {
    const anyLayer = fc.record({
      kind: fc.constantFrom(...LAYER_KINDS),
      of: fc.constantFrom<CoatId | null>(null, ...COAT_IDS),
    });
    fc.assert(
      fc.property(
        fc.constantFrom(...BODY_IDS),
        fc.array(anyLayer, { minLength: 1, maxLength: 7 }),
        fc.subarray([...MEETS]),
        fc.boolean(),
        (body, kinds, meets, isRaw) => {
          const layers = kinds.map(({ kind, of }, i) => layer(kind, of, { id: `l${i}` }));
          const surface = on(body, layers, { meets, isRaw });
          const findings = judge(surface);
          const first = firstFailure(findings);
          if (!first) return;
          for (const way of waysOut(first, surface)) {
            const left = judge({ ...surface, layers: way.layers });
            const stops = (list: typeof left) => list.filter(({ weight }) => weight === 'stop').length;
            expect(stops(left)).toBeLessThanOrEqual(stops(findings));
            expect(left.length < findings.length || stops(left) < stops(findings)).toBe(true);
          }
        },
      ),
      { seed: 2041, numRuns: 120 },
    );
  });
});

describe('proposed layers', () => {
  it('hold, whatever the way of working, the body and the sheen', () => {
    for (const body of BODY_IDS.filter((id) => id !== 'rubber'))
      for (const colour of ['painted', 'coloured', 'pastel'] as const)
        for (const wash of ['sealed', 'direct'] as const)
          for (const sheen of SHEENS)
            for (const state of ['planned', 'raw', 'baked'] as const) {
              const layers = proposeLayers({
                zone: { colour: '#7a8b5c', sheen, meets: [] },
                body,
                state,
                schools: { colour, wash },
              });
              const surface = on(body, layers, {
                isRaw: state !== 'baked',
                schools: { colour, superglue: 'never' },
              });
              expect(judge(surface), `${body} ${colour} ${wash} ${sheen} ${state}`).toEqual([]);
            }
  });
});

/** Facts of the trade, each common practice. */
describe('texture', () => {
  const strokes = (lengthMm: number) => layer('texture', null, { id: `strokes-${lengthMm}`, lengthMm });
  const raw = (...layers: readonly CoatLayer[]) => on('clay', layers, { isRaw: true });

  it('goes from coarse to fine', () => {
    expect(told(raw(strokes(2), strokes(0.5), BAKE))).toEqual([]);
    expect(told(raw(strokes(0.5), strokes(2), BAKE))).toEqual(['coarser: check']);
    expect(told(raw(strokes(1), strokes(1.2), BAKE))).toEqual([]);
  });

  it('fine strokes fill up under thick coats, at the coat that fills them, and coarse ones stay', () => {
    const coats = [layer('prime', 'primer', { coats: 2 }), layer('base', 'acrylic', { coats: 3 })];
    // Two coats of primer and three of paint leave 0.2 mm.
    expect(judge(raw(strokes(0.3), BAKE, ...coats)).map(({ rule, at }) => `${rule} at ${at}`)).toEqual([
      'fills at 3',
    ]);
    expect(told(raw(strokes(1.5), BAKE, ...coats))).toEqual([]);
  });

  it('is hidden under fibre; moss that settles in folds hides nothing else', () => {
    const fibre = (over: Partial<CoatLayer>) => layer('fibre', 'fur', { lengthMm: 5, ...over });
    expect(told(raw(strokes(1), BAKE, fibre({})))).toContain('furred: check');
    expect(told(raw(strokes(1), BAKE, fibre({ of: 'moss', lies: 'shelter' })))).not.toContain(
      'furred: check',
    );
    expect(told(raw(strokes(1), BAKE, fibre({ lengthMm: 0.5 })))).not.toContain('furred: check');
  });
});
