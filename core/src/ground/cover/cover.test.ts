import { describe, expect, it } from 'vitest';
import { demoPart, ofClay } from '../../demo/entries.ts';
import { lowWaterFerry } from '../../demo/index.ts';
import { makeShapeStore } from '../../form/index.ts';
import {
  type Cover,
  DEFAULT_BOARD,
  DEFAULT_COVER,
  DEFAULT_POUR,
  DEFAULT_STOOD,
  type Part,
  type Piece,
} from '../../piece/index.ts';
import { reckonPiece } from '../../spine/index.ts';
import { foliageOfPiece } from '../reckoners.ts';
import { foliageHours, proposeFoliage, type Tree } from './foliage.ts';

const NOW = '2026-05-01T09:00:00Z';
const shapes = makeShapeStore();
const corners = (left: number, front: number, right: number, back: number): Cover['points'] => [
  { xMm: left, yMm: front },
  { xMm: right, yMm: front },
  { xMm: right, yMm: back },
  { xMm: left, yMm: back },
];
const post: Part = demoPart(
  'post',
  'post',
  { kind: 'block', widthMm: 20, heightMm: 50, depthMm: 20 },
  { ...ofClay('neutral'), sized: 'miniature' },
);

function covered(over: Partial<Piece>, cover: Partial<Cover> = {}) {
  const piece: Piece = {
    ...lowWaterFerry(NOW),
    parts: [post],
    ...{ fits: [], log: [], board: null, stood: [], heaps: [], pours: [], eyes: [], masonry: [] },
    covers: [{ ...DEFAULT_COVER, id: 'lawn', name: 'lawn', points: corners(-50, -40, 50, 40), ...cover }],
    ...over,
  };
  const { book, given } = reckonPiece(piece, { shapes, workshopOwn: {}, now: NOW });
  const figure = (key: string) => book.get(`/cover.${key}.lawn`);
  return { given, book, figure, value: (key: string) => figure(key)?.quantity.value ?? NaN };
}

describe('a cover of ground', () => {
  it('lies where nothing else does: its outline on the base, less feet and water', () => {
    expect(covered({}).value('area')).toBeCloseTo(80, 6);
    const board = { ...DEFAULT_BOARD, outline: 'square' as const, widthMm: 60, depthMm: 200 };
    expect(covered({ board }).value('area')).toBeCloseTo((60 * 80) / 100, 6);
    const stood = [{ ...DEFAULT_STOOD, id: 'p', part: 'post' as never }];
    expect(covered({ stood }).value('area')).toBeCloseTo(80 - 4, 1);
    const pond = { ...DEFAULT_POUR, id: 'pond', points: corners(0, 0, 90, 90) };
    expect(covered({ stood, pours: [pond] }).value('area')).toBeCloseTo(80 - 20 - 3, 1);
  });

  it('takes as much as its area and depth, and says when it is no outline', () => {
    const { value } = covered({}, { of: 'sand', deepMm: 3 });
    expect(value('grams')).toBeCloseTo(80 * 0.3 * 1.6, 6);
    const [a, b, c, d] = corners(-50, -40, 50, 40);
    const crossed = covered({}, { points: [a, c, b, d].flatMap((one) => one ?? []) });
    expect(crossed.figure('area')?.verdict).toMatchObject({ level: 'stop' });
    expect(crossed.figure('grams')).toBeUndefined();
  });
});

describe('how a cover is laid', () => {
  it('in goes no larger than is strewn while the glue is wet: 10 min at 12 cm² a minute', () => {
    expect(covered({}).value('goes')).toBe(1);
    const large = covered({}, { points: corners(-100, -100, 100, 100) });
    // 400 cm² at 120 a go.
    expect(large.value('goes')).toBe(4);
    expect(large.value('wet')).toBeCloseTo(400 * 0.06, 6);
  });

  it('from tones by their parts, which come to all of it', () => {
    const tones = [
      { id: 'a', name: 'dark', parts: 3 },
      { id: 'b', name: 'light', parts: 1 },
    ];
    const { book, value } = covered({}, { tones });
    const grams = (id: string) => book.get(`/cover.tone.lawn-${id}`)?.quantity.value ?? NaN;
    expect(grams('a')).toBeCloseTo(0.75 * value('grams'), 9);
    expect(grams('a') + grams('b')).toBeCloseTo(value('grams'), 9);
  });

  it('as a ribbon covers its length by its width', () => {
    const points = [
      { xMm: -60, yMm: 0 },
      { xMm: 60, yMm: 0 },
    ];
    expect(covered({}, { points, ribbonMm: 25 }).value('area')).toBeCloseTo((120 * 25) / 100, 3);
  });
});

describe('foliage', () => {
  it('of fine twigs takes 4 to 5 hours on a tree of 50 cm, of moss four hours less (common practice)', () => {
    const twig = foliageHours('twig', 500, {});
    expect(twig).toBeGreaterThanOrEqual(4);
    expect(twig).toBeLessThanOrEqual(5);
    expect(twig - foliageHours('moss', 500, {})).toBeCloseTo(4, 0);
    expect(foliageHours('twig', 250, {})).toBeCloseTo(twig / 4, 9);
    expect(foliageHours('none', 500, {})).toBe(0);
  });

  it('is proposed good where it is seen and quick behind, within the hours; more hours never make it worse', () => {
    const trees: Tree[] = [90, 10, 60, 100, 30].map((seenPct, i) => ({
      id: `tree-${i}`,
      name: `tree ${i}`,
      heightMm: 300 + 40 * i,
      foliage: 'none',
      seenPct,
    }));
    let before = -1;
    for (const hours of [0, 4, 6, 9, 12, 20]) {
      const { foliage, hours: spent } = proposeFoliage(trees, hours, {});
      const good = trees.filter(({ id }) => foliage.get(id) === 'twig');
      if (good.length > 0) expect(spent).toBeLessThanOrEqual(hours);
      expect(good.length).toBeGreaterThanOrEqual(before);
      before = good.length;
    }
    const { foliage } = proposeFoliage(trees, 5, {});
    const seen = (way: string) =>
      trees.filter(({ id }) => foliage.get(id) === way).map(({ seenPct }) => seenPct);
    expect(Math.max(0, ...seen('twig'))).toBe(100);
    expect(seen('moss')).toContain(10);
    expect(before).toBe(5);
  });

  it('knows the trees of the plan', () => {
    const { given, book } = (() => {
      const piece = lowWaterFerry(NOW);
      return reckonPiece(piece, { shapes, workshopOwn: {}, now: NOW });
    })();
    const [willow] = given.piece(foliageOfPiece).trees;
    expect(willow).toMatchObject({ id: 'willow-1', foliage: 'twig' });
    expect(willow?.heightMm).toBeGreaterThan(150);
    expect(book.get('/foliage.all')?.quantity.value).toBeCloseTo(
      4.5 * ((willow?.heightMm ?? 0) / 500) ** 2,
      6,
    );
  });
});
