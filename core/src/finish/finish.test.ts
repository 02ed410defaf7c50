import { describe, expect, it } from 'vitest';
import { lowWaterFerry } from '../demo/index.ts';
import { makeShapeStore } from '../form/index.ts';
import { readPiece } from '../piece/file.ts';
import {
  type CoatLayer,
  DEFAULT_COAT_LAYER,
  DEFAULT_ZONE,
  type Piece,
  setAt,
  type Zone,
} from '../piece/index.ts';
import { reckonPiece } from '../spine/index.ts';
import {
  addLayer,
  changeZone,
  moveLayer,
  ownLayers,
  withCoatRule,
  withoutZone,
  withSpots,
  withZone,
} from './edits.ts';

const NOW = '2026-11-26T10:00:00Z';
const shapes = makeShapeStore();
const demo = lowWaterFerry(NOW);
const only = (...ids: string[]): Piece => ({
  ...demo,
  parts: demo.parts.filter(({ id }) => ids.includes(id)).map((part) => ({ ...part, parent: null })),
  fits: [],
  log: [],
  decisions: [],
  zones: [],
  pours: [],
  stood: [],
  masonry: [],
});
const quay = only('quay');
const layer = (over: Partial<CoatLayer>): CoatLayer => ({
  ...DEFAULT_COAT_LAYER,
  id: over.kind ?? 'x',
  ...over,
});
const zone = (over: Partial<Zone>): Zone => ({
  ...DEFAULT_ZONE,
  id: 'wall',
  name: 'wall',
  part: 'quay' as never,
  ...over,
});
const reckon = (piece: Piece) => {
  const { book, route, faults } = reckonPiece(piece, { shapes, workshopOwn: {}, now: NOW });
  expect(faults).toEqual([]);
  return {
    route: route.route,
    figure: (key: string) => book.all.find((one) => one.part === null && one.key === key),
  };
};
const value = (piece: Piece, key: string) => reckon(piece).figure(key)?.quantity.value;

describe('a surface of a piece', () => {
  const base = layer({ kind: 'base', of: 'acrylic', colour: '#9a6048', filmMm: 0.1 });
  const front = { ...quay, zones: [zone({ side: 'front', isOwn: true, layers: [base] })] };

  it('a litre at 100 % on 10 m² is 0.1 mm, so 100 cm² of it take 1 cm³ before what is lost', () => {
    const area = value(front, 'finish.area.wall') ?? 0;
    const plain = { ...front, own: { ...front.own, 'finish.loss-brush': 0 } };
    expect(value(plain, 'finish.volume.wall-base')).toBeCloseTo(area / 100, 9);
    expect(
      value({ ...plain, own: { ...plain.own, 'finish.loss-brush': 50 } }, 'finish.volume.wall-base'),
    ).toBeCloseTo(1.5 * (area / 100), 9);
  });

  it('thinned one to three, a quarter of it is paint, and two coats are twice as much', () => {
    const thinned = setAt(front, ['zones', 'wall', 'layers'], [{ ...base, thin: 3 }]);
    const twice = setAt(front, ['zones', 'wall', 'layers'], [{ ...base, coats: 2 }]);
    const once = value(front, 'finish.volume.wall-base') ?? 0;
    expect(value(thinned, 'finish.volume.wall-base')).toBeCloseTo(once / 4, 9);
    expect(value(twice, 'finish.volume.wall-base')).toBeCloseTo(2 * once, 9);
  });

  it('half the scale has a quarter of the surface; all of a kind count', () => {
    const small = { ...front, scale: { kind: 'ratio' as const, ratio: 24 } };
    const area = value(front, 'finish.area.wall') ?? 0;
    expect(value(small, 'finish.area.wall')).toBeCloseTo(area / 4, 3);
    const three = setAt(front, ['parts', 'quay', 'count'], 3);
    expect(value(three, 'finish.area.wall')).toBeCloseTo(3 * area, 3);
  });

  it('an area of the maker’s own goes before the solid', () => {
    expect(value(setAt(front, ['zones', 'wall', 'areaCm2'], 42), 'finish.area.wall')).toBe(42);
  });

  it('a region that takes up nothing says so, with a way out that acts', () => {
    const nowhere = setAt(front, ['zones', 'wall', 'regions'], ['antler']);
    const verdict = reckon(nowhere).figure('finish.area.wall')?.verdict;
    expect(verdict?.says).toMatch(/takes up nothing/);
    const change = verdict?.waysOut[0]?.change;
    if (!change) throw new Error('a change was wanted');
    expect(value(setAt(nowhere, change.path, change.value), 'finish.area.wall')).toBeGreaterThan(100);
  });

  it('a wash over unprimed paint: what may lift is told, and the way out that is taken ends it', () => {
    const washed = setAt(
      front,
      ['zones', 'wall', 'layers'],
      [base, layer({ kind: 'shade', of: 'wash', colour: '#171412' })],
    );
    const verdict = reckon(washed).figure('finish.holds.wall')?.verdict;
    expect(verdict?.level).toBe('doubtful');
    expect(verdict?.says).toMatch(/thin wash of acrylic over acrylic paint: may lift/);
    const change = verdict?.waysOut[0]?.change;
    if (!change) throw new Error('a change was wanted');
    expect(reckon(setAt(washed, change.path, change.value)).figure('finish.holds.wall')?.verdict?.level).toBe(
      'good',
    );
  });

  it('what went well for the maker twice is silent the third time', () => {
    const washed = setAt(
      front,
      ['zones', 'wall', 'layers'],
      [base, layer({ kind: 'shade', of: 'wash', colour: '#171412' })],
    );
    const result = { rule: 'finish.wash', stuff: null, outcome: 'good' as const };
    const entry = { ...(demo.log[0] as Piece['log'][number]), id: 'tried' as never, part: null, result };
    expect(reckon({ ...washed, log: [entry] }).figure('finish.holds.wall')?.verdict?.level).toBe('good');
  });

  it('a pool of sealer is told never to dry, as long as its figure says', () => {
    const pool = setAt(
      front,
      ['zones', 'wall', 'layers'],
      [layer({ kind: 'seal', of: 'sealer', filmMm: 3 })],
    );
    const dries = reckon(pool).figure('finish.dries.wall-seal');
    expect(dries?.verdict).toMatchObject({ level: 'stop', says: expect.stringMatching(/never/) });
    // 45 min at 0.1 mm, thirty times as thick: nine hundred times as long.
    expect(dries?.quantity.value).toBeCloseTo(40_500, 6);
  });

  it('fibre stands by its length and is told in grams; what lies under it in glue', () => {
    const furry = setAt(
      front,
      ['zones', 'wall', 'layers'],
      [layer({ kind: 'fibre', of: 'fur', lengthMm: 6 })],
    );
    expect(value(furry, 'finish.thick.wall')).toBeCloseTo(6, 6);
    expect(value(furry, 'finish.grams.wall-fibre')).toBeGreaterThan(0);
    expect(value(furry, 'finish.take.pva')).toBeGreaterThan(0);
  });

  it('its layers come into the route together, and the usual coats stay for what has no surface', () => {
    const piece = { ...only('quay', 'goose'), zones: [zone({})] };
    const steps = reckon(piece).route.steps;
    const titles = steps.map(({ title }) => title);
    expect(titles).toContain('Base coat: wall');
    expect(steps.find(({ id }) => id === 'seal')?.parts).toEqual(['goose']);
    const at = (id: string) => steps.findIndex((step) => step.id === id);
    expect(at('finish-prime')).toBeLessThan(at('finish-base'));
    expect(at('finish-base')).toBeLessThan(at('finish-matt'));
  });

  it('humidity that is none is refused where it is typed, and the usual one is taken', () => {
    const wet = { ...front, own: { ...front.own, 'finish.humidity': 120 } };
    expect(value(wet, 'finish.dries.wall-base')).toBe(value(front, 'finish.dries.wall-base'));
  });
});

describe('changes of surfaces', () => {
  it('one more has a name of its own and proposed layers, and can be taken away', () => {
    const one = withZone(quay, { part: 'quay' as never, ground: '' });
    const two = withZone(one.piece, { part: 'quay' as never, ground: '' });
    expect(two.piece.zones.map(({ name }) => name)).toEqual(['Brick quay', 'Brick quay 2']);
    expect(value(two.piece, `finish.volume.${two.id}-base`)).toBeGreaterThan(0);
    expect(withoutZone(two.piece, two.id).zones).toEqual(one.piece.zones);
  });

  it('a layer is put in where it usually lies, with an id of its own, and moved by one', () => {
    const layers = [layer({ kind: 'prime' }), layer({ kind: 'base' }), layer({ kind: 'matt' })];
    expect(addLayer(layers, 'shade', '#111111').map(({ kind }) => kind)).toEqual([
      'prime',
      'base',
      'shade',
      'matt',
    ]);
    expect(addLayer(layers, 'base', null).map(({ id }) => id)).toEqual(['prime', 'base', 'base-2', 'matt']);
    expect(moveLayer(layers, 'matt', -1).map(({ kind }) => kind)).toEqual(['prime', 'matt', 'base']);
    expect(moveLayer(layers, 'prime', -1)).toBe(layers);
  });

  it('layers of the maker’s own stay when the way of colour changes, proposed ones follow it', () => {
    const one = withZone(quay, { part: 'quay' as never, ground: '' });
    const coloured = (piece: Piece) => setAt(piece, ['brief', 'schools', 'colour'], 'coloured');
    expect(value(coloured(one.piece), `finish.volume.${one.id}-base`)).toBeUndefined();
    const own = changeZone(one.piece, one.id, (zone) =>
      ownLayers(zone, [layer({ kind: 'base', of: 'acrylic' })]),
    );
    expect(value(coloured(own), `finish.volume.${one.id}-base`)).toBeGreaterThan(0);
  });

  it('dabs that lie on one another are kept once', () => {
    const spot = { xMm: 0, yMm: 0, zMm: 0, radiusMm: 10 };
    const dabbed = withSpots(zone({}), [spot, { ...spot, xMm: 1 }, { ...spot, xMm: 9 }]);
    expect(dabbed.spots).toHaveLength(2);
  });

  it('an own rule is kept with the piece', () => {
    expect(withCoatRule(quay, { under: 'acrylic', over: 'wash' }).coatRules).toMatchObject([
      { under: 'acrylic', over: 'wash', grade: 'check' },
    ]);
  });

  it('a part that goes takes its surfaces along', () => {
    const one = withZone(quay, { part: 'quay' as never, ground: '' });
    expect(reckon({ ...one.piece, parts: [] }).figure(`finish.area.${one.id}`)).toBeUndefined();
  });
});

describe('files with what is not known', () => {
  const reading = (over: object) => readPiece(JSON.stringify({ ...quay, ...over }), NOW);
  const withLayer = (over: object) =>
    reading({ zones: [{ ...zone({}), layers: [{ ...layer({ kind: 'base', of: 'acrylic' }), ...over }] }] });

  it('a stuff that is not known, or a ratio under nothing, puts its surface aside; the rest opens', () => {
    for (const over of [
      { of: 'moon dust' },
      { thin: -1 },
      { coats: 0 },
      { colour: 'greenish' },
      { lies: 'nowhere' },
    ]) {
      const { piece } = withLayer(over);
      expect(piece.zones, JSON.stringify(over)).toEqual([]);
      expect(JSON.stringify(piece.quarantine)).toContain(JSON.stringify(Object.values(over)[0]));
      expect(piece.parts).toHaveLength(quay.parts.length);
    }
  });

  it('layers from before there was anything that settles lie all over', () => {
    const { lies: _, grain: __, ...old } = layer({ kind: 'base', of: 'acrylic' });
    const { piece } = reading({ zones: [{ ...zone({}), layers: [old] }] });
    expect(piece.zones[0]?.layers[0]).toMatchObject({ lies: null, grain: null });
  });
});
