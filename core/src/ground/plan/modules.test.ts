import { describe, expect, it } from 'vitest';
import { demoPart, ofClay } from '../../demo/entries.ts';
import { lowWaterFerry } from '../../demo/index.ts';
import { areaOf, makeShapeStore, type Ring } from '../../form/index.ts';
import {
  type Board,
  DEFAULT_BOARD,
  DEFAULT_HEAP,
  DEFAULT_STOOD,
  type Part,
  type Piece,
  setAt,
} from '../../piece/index.ts';
import { reckonPiece } from '../../spine/index.ts';
import { modulesOf } from './modules.ts';

const NOW = '2026-05-01T09:00:00Z';
const shapes = makeShapeStore();
const square: Ring = [
  [-50, -50],
  [50, -50],
  [50, 50],
  [-50, 50],
];
const post: Part = demoPart(
  'post',
  'post',
  { kind: 'block', widthMm: 20, heightMm: 50, depthMm: 20 },
  { ...ofClay('neutral'), sized: 'miniature' },
);
const board: Board = { ...DEFAULT_BOARD, outline: 'square', widthMm: 240, depthMm: 100 };

function plan(over: Partial<Piece>) {
  const piece: Piece = {
    ...lowWaterFerry(NOW),
    parts: [post],
    ...{ fits: [], log: [], heaps: [], pours: [], covers: [], eyes: [], masonry: [], stood: [] },
    board,
    ...over,
  };
  const { book } = reckonPiece(piece, { shapes, workshopOwn: {}, now: NOW });
  return { piece, figure: (key: string) => book.get(`/ground.${key}`) };
}
const stand = (xMm: number, id = 'p') => ({ ...DEFAULT_STOOD, id, part: post.id, xMm });

describe('a base that comes apart', () => {
  it('is cut in pieces that together are as large as it was', () => {
    for (const turnDeg of [0, 17, 45, 90, 133]) {
      const { pieces, joinsMm } = modulesOf(square, [
        { id: 'a', turnDeg, besideMm: 8 },
        { id: 'b', turnDeg: turnDeg + 90, besideMm: 0 },
      ]);
      expect(pieces).toHaveLength(4);
      expect(pieces.reduce((sum, one) => sum + areaOf(one), 0)).toBeCloseTo(1e4, 0);
      expect(joinsMm).toHaveLength(2);
    }
  });

  it('has a join as long as the base is there: a side of the square, its diagonal, nothing beside it', () => {
    const long = (turnDeg: number, besideMm: number) =>
      modulesOf(square, [{ id: 'a', turnDeg, besideMm }]).joinsMm[0];
    expect(long(90, 20)).toBeCloseTo(100, 9);
    expect(long(45, 0)).toBeCloseTo(100 * Math.SQRT2, 6);
    expect(long(0, 80)).toBe(0);
  });

  it('tells how large its largest piece is, its dowels, and what stands across', () => {
    const joins = [{ id: 'a', turnDeg: 90, besideMm: 20 }];
    const { figure } = plan({ board: { ...board, joins }, stood: [stand(-20)] });
    expect(figure('modules')?.quantity.value).toBe(2);
    expect(figure('modules')?.verdict).toMatchObject({
      level: 'doubtful',
      says: 'post stands across a join',
    });
    // Cut at 20 mm to the left of the way up, that is at x = −20: 140 of 240 mm are left on the right.
    expect(figure('module')?.quantity.value).toBeCloseTo(140, 6);
    expect(figure('dowels')?.quantity.value).toBe(2);
    expect(plan({ board: { ...board, joins }, stood: [stand(60)] }).figure('modules')?.verdict?.level).toBe(
      'good',
    );
  });

  it('says which line misses it, and the way out brings it across', () => {
    const { piece, figure } = plan({ board: { ...board, joins: [{ id: 'a', turnDeg: 0, besideMm: 400 }] } });
    const verdict = figure('modules')?.verdict;
    expect(verdict?.level).toBe('doubtful');
    const change = verdict?.waysOut[0]?.change ?? expect.fail('no way out');
    expect(plan(setAt(piece, change.path, change.value)).figure('modules')?.quantity.value).toBe(2);
  });
});

describe('what stands on the plan', () => {
  it('more often than it is made is told, and the way out makes as many', () => {
    const { piece, figure } = plan({ stood: [stand(-60, 'p1'), stand(0, 'p2'), stand(60, 'p3')] });
    const { verdict } = figure('stood') ?? {};
    expect(verdict?.says).toBe('3 of post stand on the plan, and 1 is made');
    const change = verdict?.waysOut[0]?.change ?? expect.fail('no way out');
    expect(plan(setAt(piece, change.path, change.value)).figure('stood')?.verdict?.level).toBe('good');
  });

  it('on the side of a rise is told with its slope, on its flat top it is not', () => {
    const heaps = [
      {
        ...DEFAULT_HEAP,
        id: 'h',
        name: 'bank',
        points: [
          { xMm: 20, yMm: -40 },
          { xMm: 110, yMm: -40 },
          { xMm: 110, yMm: 40 },
          { xMm: 20, yMm: 40 },
        ],
        heightMm: 10,
        slopeDeg: 45,
      },
    ];
    expect(plan({ heaps, stood: [stand(25)] }).figure('slope')?.quantity.value).toBe(45);
    expect(plan({ heaps, stood: [stand(65)] }).figure('slope')).toBeUndefined();
    expect(plan({ heaps, stood: [stand(-40)] }).figure('slope')).toBeUndefined();
  });
});
