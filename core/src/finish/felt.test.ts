import { describe, expect, it } from 'vitest';
import { lowWaterFerry } from '../demo/index.ts';
import { makeShapeStore, PLAIN } from '../form/index.ts';
import {
  type CoatLayer,
  DEFAULT_COAT_LAYER,
  DEFAULT_ZONE,
  type Piece,
  setAt,
  type Zone,
} from '../piece/index.ts';
import { reckonPiece } from '../spine/index.ts';
import { layerOfMatter, MATTERS } from './layers/matters.ts';
import { endsOf } from './zones/grown.ts';

const NOW = '2026-11-26T10:00:00Z';
const shapes = makeShapeStore();
const demo = lowWaterFerry(NOW);
const partOf = (id: string, over: Partial<Piece['parts'][number]> = {}): Piece => ({
  ...demo,
  parts: demo.parts.filter((part) => part.id === id).map((part) => ({ ...part, parent: null, ...over })),
  fits: [],
  log: [],
  decisions: [],
  zones: [],
  pours: [],
  stood: [],
  masonry: [],
});
const figureOf = (piece: Piece, key: string) => {
  const { book, faults } = reckonPiece(piece, { shapes, workshopOwn: {}, now: NOW });
  expect(faults).toEqual([]);
  return book.all.find((one) => one.part === null && one.key === key);
};
const layer = (over: Partial<CoatLayer>): CoatLayer => ({ ...DEFAULT_COAT_LAYER, id: 'it', ...over });
const withZones = (piece: Piece, layers: readonly CoatLayer[], over: Partial<Zone> = {}): Piece => {
  const [part] = piece.parts;
  const zone: Zone = {
    ...DEFAULT_ZONE,
    id: 'all',
    name: 'all',
    part: part?.id ?? null,
    isOwn: true,
    layers: [...layers],
    ...over,
  };
  return { ...piece, zones: [zone] };
};
const snow = MATTERS.find(({ id }) => id === 'snow');

describe('what settles', () => {
  const quay = partOf('quay');
  if (!snow) throw new Error('snow is among what settles');
  const snowed = (filmMm: number) => withZones(quay, [{ ...layerOfMatter(snow, 12), filmMm }]);

  it('lies on what is open to the sky, and is taken for that alone', () => {
    const piece = snowed(2);
    const area = figureOf(piece, 'finish.area.all')?.quantity.value ?? 0;
    const lies = figureOf(piece, 'finish.lies.all-snow')?.quantity.value ?? 0;
    expect(lies).toBeGreaterThan(0.05 * area);
    expect(lies).toBeLessThan(0.6 * area);
    // 2 mm on so many cm², and a fifth more than lies on the work.
    expect(figureOf(piece, 'finish.volume.all-snow')?.quantity.value).toBeCloseTo(
      (lies * 0.2 * 120) / 100,
      6,
    );
  });

  it('deeper than it lies it slides off, and the way out that is taken ends it', () => {
    const deep = snowed(50);
    const verdict = figureOf(deep, 'finish.heaps.all-snow')?.verdict;
    expect(verdict?.says).toContain('too much');
    const change = verdict?.waysOut[0]?.change;
    expect(change).toBeDefined();
    if (!change) return;
    const less = setAt(deep, change.path, change.value);
    expect(figureOf(less, 'finish.heaps.all-snow')?.verdict).toBeUndefined();
  });

  it('is as deep as it lies at the scale: 30 mm of snow are 2.5 mm at 1:12', () => {
    expect(layerOfMatter(snow, 12).filmMm).toBe(2.5);
    // Thinner than it can be laid it is laid as thin as can be.
    expect(layerOfMatter(snow, 300).filmMm).toBe(0.2);
    // Without a scale it is laid as such stuff usually is.
    expect(layerOfMatter(snow, null).filmMm).toBeNull();
  });
});

describe('casts of one master', () => {
  it('are textured once, before the mould; what is laid on them is laid on every one', () => {
    const mould = lowWaterFerry(NOW).parts.find((part) => part.mould)?.mould;
    if (!mould) throw new Error('the mugs are cast');
    const texture = layer({ id: 'texture', kind: 'texture' });
    const base = layer({ id: 'base', kind: 'base', of: 'acrylic', colour: '#777777' });
    const hands = (over: Partial<Piece['parts'][number]>, key: string) =>
      figureOf(withZones(partOf('goose', over), [texture, base]), `finish.hands.all-${key}`)?.quantity
        .value ?? 0;
    const cast = { count: 6, mould };
    expect(hands(cast, 'texture')).toBeCloseTo(hands({ count: 1, mould: null }, 'texture'), 6);
    expect(hands({ count: 6, mould: null }, 'texture')).toBeGreaterThan(hands(cast, 'texture'));
    expect(hands(cast, 'base')).toBeCloseTo(hands({ count: 6, mould: null }, 'base'), 6);
  });
});

describe('coats that are felt', () => {
  const fur = layer({ kind: 'fibre', of: 'fur', lengthMm: 4 });
  const goose = partOf('goose');

  it('a goose with down of 4 mm stands 4 mm higher', () => {
    const [part] = goose.parts;
    if (!part) throw new Error('the goose is in the demo');
    const bare = shapes.shapeOf(part.form, PLAIN);
    const high = (bare.box.max[1] - bare.box.min[1]) / 12;
    expect(figureOf(withZones(goose, [fur]), 'finish.high.goose')?.quantity.value).toBeCloseTo(high + 4, 1);
  });

  it('paint alone is of no account for a size', () => {
    const painted = withZones(goose, [layer({ kind: 'base', of: 'acrylic', colour: '#777777' })]);
    expect(figureOf(painted, 'finish.high.goose')).toBeUndefined();
  });

  it('a bound that the body keeps fails with its fur on, and a smaller body keeps it', () => {
    const [part] = goose.parts;
    if (!part) throw new Error('the goose is in the demo');
    const measure = shapes.shapeOf(part.form, PLAIN).measures.find(({ field }) => field !== null);
    if (!measure) throw new Error('a goose has a measure that is typed');
    const bounds = [{ measure: measure.key, lowMm: 0, highMm: measure.lengthMm }];
    const piece = withZones(partOf('goose', { bounds }), [fur]);
    const key = `finish.body.goose-${measure.key}`;
    const found = figureOf(piece, key);
    expect(found?.verdict?.level).toBe('doubtful');
    const change = found?.verdict?.waysOut[0]?.change;
    expect(change).toBeDefined();
    if (!change) return;
    expect(figureOf(setAt(piece, change.path, change.value), key)?.verdict?.level).toBe('good');
  });

  it('what stands on the ground has fur at one end, what lies across at both', () => {
    expect(endsOf({ from: [0, 0], to: [0, 100] }, 0, 100)).toBe(1);
    expect(endsOf({ from: [0, 40], to: [0, 100] }, 0, 100)).toBe(2);
    expect(endsOf({ from: [-50, 60], to: [50, 60] }, 0, 100)).toBe(2);
  });

  it('is laid in rows from the bottom up: shorter fibre, more rows', () => {
    const rows = (lengthMm: number) =>
      figureOf(withZones(goose, [{ ...fur, lengthMm }]), 'finish.rows.all-it')?.quantity.value ?? 0;
    expect(rows(4)).toBeGreaterThan(1);
    expect(rows(2) / rows(4)).toBeGreaterThan(1.7);
    expect(figureOf(withZones(goose, [{ ...fur, of: 'flock' }]), 'finish.rows.all-it')).toBeUndefined();
  });
});
