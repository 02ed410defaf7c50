import { describe, expect, it } from 'vitest';
import { demoPart, ofClay } from '../../demo/entries.ts';
import { lowWaterFerry } from '../../demo/index.ts';
import { makeShapeStore } from '../../form/index.ts';
import {
  DEFAULT_CLAY,
  DEFAULT_POUR,
  DEFAULT_STOOD,
  type Part,
  type Piece,
  type Pour,
  setAt,
} from '../../piece/index.ts';
import { reckonPiece } from '../../spine/index.ts';

const NOW = '2026-05-01T09:00:00Z';
const shapes = makeShapeStore();
const rectangle = (left: number, front: number, right: number, back: number): Pour['points'] => [
  { xMm: left, yMm: front },
  { xMm: right, yMm: front },
  { xMm: right, yMm: back },
  { xMm: left, yMm: back },
];
const pond: Pour = {
  ...DEFAULT_POUR,
  id: 'pond',
  name: 'pond',
  points: rectangle(-50, -30, 50, 30),
  deepMm: 12,
  lowMm: 2,
  bankDeg: 90,
};
const post: Part = demoPart(
  'post',
  'post',
  { kind: 'block', widthMm: 10, heightMm: 60, depthMm: 10 },
  { ...ofClay('neutral'), sized: 'miniature' },
);

function reckon(pours: readonly Pour[], over: Partial<Piece> = {}) {
  const piece: Piece = {
    ...lowWaterFerry(NOW),
    parts: [post],
    ...{ fits: [], log: [], board: null, stood: [], heaps: [], covers: [], eyes: [], masonry: [] },
    pours: [...pours],
    ...over,
  };
  const { book } = reckonPiece(piece, { shapes, workshopOwn: {}, now: NOW });
  const figure = (key: string, id = 'pond') => book.get(`/pour.${key}.${id}`);
  return { piece, figure, value: (key: string) => figure(key)?.quantity.value ?? NaN };
}

describe('what is mixed for a pour', () => {
  it('is resin and hardener by their ratio, each layer in a cup with room over it', () => {
    const { value } = reckon([pond]);
    // 10 × 6 × 1 cm of resin, 1.1 g/cm³, 1 % lost as it sets, 5 % left in the cup.
    expect(value('mix')).toBeCloseTo(((60 * 1.1) / 0.99) * 1.05, 6);
    expect(value('hardener')).toBeCloseTo(value('mix') / 3, 9);
    // Layers of 10 mm lose 1 %: two of them.
    expect(value('layers')).toBe(2);
    expect(value('cup')).toBeCloseTo((value('mix') / 1.1 / 2) * 1.5, 9);
  });

  it('has no hardener where nothing is mixed into it', () => {
    const { figure } = reckon([{ ...pond, of: 'glue' }]);
    expect(figure('hardener')).toBeUndefined();
    expect(figure('cup')).toBeDefined();
  });
});

describe('the edges of a pour', () => {
  it('creep up all round it and round what stands in it: 1.5 mm (common practice)', () => {
    const { value } = reckon([pond]);
    expect(value('creep')).toBeCloseTo((320 * 1.5) / 100, 6);
    const stood = [{ ...DEFAULT_STOOD, id: 'p', part: post.id }];
    expect(reckon([pond], { stood }).value('creep')).toBeCloseTo(((320 + 40) * 1.5) / 100, 1);
  });

  it('that touch another pour blend with it while both are soft; those apart do not', () => {
    const deep = { ...pond, id: 'deep', name: 'deep water', points: rectangle(50, -30, 90, 30) };
    const met = reckon([pond, deep]).figure('meets');
    expect(met?.quantity.value).toBe(1);
    expect(met?.verdict?.says).toMatch(/runs into deep water/);
    const far = { ...deep, points: rectangle(60, -30, 90, 30) };
    expect(reckon([pond, far]).figure('meets')?.quantity.value).toBe(0);
    expect(reckon([pond]).figure('meets')).toBeUndefined();
  });
});

describe('what stands in a pour of clay that dries in the air', () => {
  const clay = { ...DEFAULT_CLAY, id: 'mud' as never, name: 'paper clay', family: 'air-dry' as const };
  const soft: Part = { ...post, mix: [{ clay: 'mud' as never, parts: 1 }] };
  const stood = [{ ...DEFAULT_STOOD, id: 'p', part: soft.id }];

  it('softens in what is wet, and in resin only darkens', () => {
    const wet = reckon([{ ...pond, of: 'glue' }], { parts: [soft], clays: [clay], stood });
    const verdict = wet.figure('displaced')?.verdict;
    expect(verdict).toMatchObject({ level: 'doubtful', says: expect.stringContaining('softens in it') });
    const change = verdict?.waysOut[1]?.change ?? expect.fail('no way out');
    const mended = setAt(wet.piece, change.path, change.value);
    const resin = reckon(mended.pours, { parts: [soft], clays: [clay], stood });
    expect(resin.figure('displaced')?.verdict?.says).toMatch(/darkens/);
  });

  it('of baked clay is nobody’s concern', () => {
    expect(reckon([pond], { stood }).figure('displaced')?.verdict).toBeUndefined();
  });
});
