import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { lowWaterFerry } from '../../demo/index.ts';
import { extentOf, makeShapeStore, type Outline } from '../../form/index.ts';
import type { Piece } from '../../piece/index.ts';
import { setAt } from '../../piece/index.ts';
import { reckonPiece } from '../../spine/index.ts';
import {
  boardDrawing,
  outlineDistance,
  ovenBoard,
  ovenFloor,
  type SeenOutlines,
  seenOutlines,
} from './index.ts';

const NOW = '2026-11-26T10:00:00Z';
const shapes = makeShapeStore();

function rectangle(x: number, y: number, w: number, h: number): Outline {
  return [
    [
      [
        [x, y],
        [x + w, y],
        [x + w, y + h],
        [x, y + h],
      ],
    ],
  ];
}

function loadsOf(piece: Piece) {
  const { contexts, plan } = reckonPiece(piece, { shapes, workshopOwn: {}, now: NOW });
  return { contexts, all: plan };
}

const ferry = lowWaterFerry(NOW);
const NONE: ReadonlyMap<string, SeenOutlines> = new Map();

describe('how far apart two things lie', () => {
  it('rectangles: the gap between their sides, or between their corners', () => {
    expect(outlineDistance(rectangle(0, 0, 10, 10), rectangle(14, 2, 5, 5))).toBeCloseTo(4, 9);
    expect(outlineDistance(rectangle(0, 0, 10, 10), rectangle(13, 14, 5, 5))).toBeCloseTo(5, 9);
    expect(outlineDistance(rectangle(0, 0, 10, 10), rectangle(8, 8, 5, 5))).toBe(0);
    expect(outlineDistance(rectangle(0, 0, 10, 10), rectangle(3, 3, 2, 2))).toBe(0);
  });

  it('is the same either way, and moves as they are moved (property)', () => {
    const side = fc.double({ min: 1, max: 40, noNaN: true });
    fc.assert(
      fc.property(side, side, side, side, fc.double({ min: 0, max: 60, noNaN: true }), (a, b, c, d, gap) => {
        const one = rectangle(0, 0, a, b);
        const other = rectangle(a + gap, 0, c, d);
        expect(outlineDistance(one, other)).toBeCloseTo(gap, 6);
        expect(outlineDistance(other, one)).toBeCloseTo(outlineDistance(one, other), 9);
      }),
      { seed: 58 },
    );
  });
});

describe('the oven with a load in it', () => {
  it('every bake of the route has its loads, short bakes for the minutes of one', () => {
    const { all } = loadsOf(ferry);
    const of = (id: string) => all.find(({ step }) => step === id)?.loads ?? [];
    expect(of('bake-1').every(({ minutes }) => minutes <= 10)).toBe(true);
    expect(Math.max(...of('bake-full').map(({ minutes }) => minutes))).toBeGreaterThan(20);
    // Of the ferrywoman alone more clay goes on after it.
    expect(of('bake-1').flatMap(({ load: { placed } }) => placed.map(({ item }) => item.name))).toEqual([
      'Ferrywoman',
    ]);
  });

  it('as it is planned everything stands clear, of walls and of one another', () => {
    const { contexts, all } = loadsOf(ferry);
    const load = all.at(-1)?.loads[0]?.load;
    if (!load) throw new Error('no load');
    const outlines = new Map(
      [...contexts]
        .filter(([id]) => load.placed.some(({ item }) => item.id.startsWith(`${id}/`)))
        .map(([id, { shape, shrink }]) => [id, seenOutlines(shape, shrink)] as const),
    );
    const floor = ovenFloor(ferry.own);
    for (const board of [
      ovenBoard(load, contexts, NONE, ferry.own),
      ovenBoard(load, contexts, outlines, ferry.own),
    ])
      for (const { name, isClear, nearest, at, widthMm, depthMm } of board.items) {
        expect(isClear, `${name} ${nearest.mm} from ${nearest.to}`).toBe(true);
        expect(at[0] + widthMm).toBeLessThanOrEqual(floor.widthMm + 1e-6);
        expect(at[1] + depthMm).toBeLessThanOrEqual(floor.depthMm + 1e-6);
      }
  });

  it('outlines are those of the solid to a quarter of a millimetre', () => {
    const { contexts } = loadsOf(ferry);
    const goose = contexts.get('goose');
    if (!goose) throw new Error('no goose');
    const { above, front } = seenOutlines(goose.shape, goose.shrink);
    const { min, max } = goose.shape.box;
    const [, , w, h] = extentOf(front);
    expect(w).toBeCloseTo((max[0] - min[0]) / goose.shrink, 0);
    expect(h).toBeCloseTo((max[1] - min[1]) / goose.shrink, 0);
    expect(extentOf(above)[3]).toBeCloseTo((max[2] - min[2]) / goose.shrink, 0);
  });

  it('a thing pushed through a wall or into another is named with what it is too near to', () => {
    const place = (item: string, xMm: number, yMm: number) => ({ item, xMm, yMm });
    const pushed = setAt(
      ferry,
      ['oven', 'places'],
      [place('post/0', -35, 100), place('goose/0', 200, 200), place('lantern/0', 205, 205)],
    );
    const { contexts, all } = loadsOf(pushed);
    const load = all.at(-1)?.loads[0]?.load;
    if (!load) throw new Error('no load');
    const board = ovenBoard(load, contexts, NONE, ferry.own);
    const of = (id: string) => board.items.find((item) => item.id === id);
    expect(of('post/0')).toMatchObject({
      isClear: false,
      nearest: { to: 'the left wall', mm: expect.closeTo(-5, 6) },
    });
    expect(of('goose/0')).toMatchObject({ isClear: false, nearest: { mm: 0 } });
    expect(of('lantern/0')?.nearest.to).toBe('Greylag goose');
    expect(of('post/0')?.at).toEqual([-35, 100]);
  });

  it('is drawn to scale: plan and section beside each other', () => {
    const { contexts, all } = loadsOf(ferry);
    const load = all.at(-1)?.loads[0]?.load;
    if (!load) throw new Error('no load');
    const board = ovenBoard(load, contexts, NONE, ferry.own);
    const { items, widthMm, heightMm } = boardDrawing(board);
    expect(widthMm).toBeGreaterThan(2 * board.widthMm);
    expect(heightMm).toBeGreaterThanOrEqual(Math.max(board.depthMm, board.heightMm));
    // Two walls, two lines of clearance, each thing twice.
    expect(items).toHaveLength(4 + 2 * board.items.length);
  });
});
