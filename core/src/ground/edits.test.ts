import { describe, expect, it } from 'vitest';
import { demoPart, ofClay } from '../demo/entries.ts';
import { lowWaterFerry } from '../demo/index.ts';
import { makeShapeStore, type Ring } from '../form/index.ts';
import { DEFAULT_BOARD, type Part, type Piece, validatePiece } from '../piece/index.ts';
import { withoutLinksTo } from '../piece/links.ts';
import { reckonPiece } from '../spine/index.ts';
import {
  asRibbon,
  missingFrom,
  movedTo,
  putOn,
  stoodAt,
  withBoard,
  withCorner,
  withEye,
  withHeap,
  withMasonry,
  withPour,
} from './edits.ts';
import { boardRing } from './plan/boardRing.ts';
import { placedOn } from './plan/reckonPlan.ts';
import { asItStands, laid } from './plan/standing.ts';
import { planOfPiece } from './reckoners.ts';

const NOW = '2026-05-01T09:00:00Z';
const shapes = makeShapeStore();

function block(id: string, mm: number, over: Partial<Part> = {}): Part {
  const form: Part['form'] = { kind: 'block', widthMm: mm, heightMm: mm, depthMm: mm };
  return demoPart(id, id, form, { ...ofClay('neutral'), sized: 'miniature', ...over });
}

const bare: Piece = {
  ...lowWaterFerry(NOW),
  parts: [block('large', 60), block('small', 20, { count: 4 })],
  ...{
    fits: [],
    log: [],
    decisions: [],
    references: [],
    aids: [],
    route: null,
    board: null,
    stood: [],
    heaps: [],
    pours: [],
    eyes: [],
    masonry: [],
  },
};
const planOf = (piece: Piece) =>
  reckonPiece(piece, { shapes, workshopOwn: {}, now: NOW }).given.piece(planOfPiece).facts;
const plan = planOf(bare);
const ringOf = (piece: Piece) => boardRing(piece.board ?? DEFAULT_BOARD) as Ring;

describe('putting things on a base', () => {
  it('a base is made as large as all of them take: each finds a place with room about it', () => {
    const based = withBoard(bare, plan);
    const missing = missingFrom(based, plan.prints, plan.counts);
    expect(missing).toEqual(['large', 'small', 'small', 'small', 'small']);
    const { piece, without } = putOn(based, plan.prints, ringOf(based), missing, 6);
    expect(without).toEqual([]);
    expect(piece.stood).toHaveLength(5);
    expect(missingFrom(piece, plan.prints, plan.counts)).toEqual([]);
    expect(validatePiece(piece)).toEqual([]);
    const all = placedOn(piece, plan.prints).map((one) => laid(one));
    for (const one of all) {
      const { feetOverMm, nearest } = asItStands(one, all, ringOf(based));
      expect(feetOverMm).toBeLessThanOrEqual(0);
      expect(nearest?.mm ?? Infinity).toBeGreaterThanOrEqual(6);
    }
  });

  it('the large ones go first, and what finds no place is named; what stood there stays', () => {
    const board = { ...DEFAULT_BOARD, outline: 'square' as const, widthMm: 64, depthMm: 64 };
    const { piece, without } = putOn(
      { ...bare, board },
      plan.prints,
      ringOf({ ...bare, board }),
      ['small', 'large'],
      6,
    );
    expect(piece.stood.map(({ part }) => part)).toEqual(['large']);
    expect(without).toEqual(['small']);
    expect(bare.stood).toEqual([]);
  });

  it('one is moved alone, the others stay the very same', () => {
    const { piece } = putOn(
      withBoard(bare, plan),
      plan.prints,
      ringOf(withBoard(bare, plan)),
      ['large', 'small'],
      6,
    );
    const [first, second] = piece.stood;
    const moved = stoodAt(piece, first?.id ?? '', { xMm: 12, turnDeg: 45 });
    expect(moved.stood[0]).toEqual({ ...first, xMm: 12, turnDeg: 45 });
    expect(moved.stood[1]).toBe(second);
  });
});

describe('things of one group', () => {
  const one = (id: string, xMm: number, yMm: number, group: string) => ({
    ...{ id, part: 'small' as never, xMm, yMm, turnDeg: 0, foliage: 'none' as const, group },
  });
  const four = [one('a', 10, 0, 'g'), one('b', 10, 20, 'g'), one('c', -30, 0, ''), one('d', 0, 0, 'h')];

  it('go along and turn about the one that is moved; the others stay', () => {
    const moved = movedTo(four, 'a', { xMm: 15, yMm: 5, turnDeg: 90 });
    expect(moved[0]).toMatchObject({ xMm: 15, yMm: 5, turnDeg: 90 });
    // What stood 20 mm behind it is now 20 mm to its left.
    expect(moved[1]?.xMm).toBeCloseTo(-5, 9);
    expect(moved[1]?.yMm).toBeCloseTo(5, 9);
    expect(moved[1]?.turnDeg).toBe(90);
    expect(moved.slice(2)).toEqual(four.slice(2));
  });

  it('keep their distances however often they are turned', () => {
    let now: ReturnType<typeof movedTo> = four;
    for (let k = 0; k < 7; k += 1) now = movedTo(now, k % 2 === 0 ? 'a' : 'b', { turnDeg: 37 * (k + 1) });
    const [a, b] = now;
    expect(Math.hypot((a?.xMm ?? 0) - (b?.xMm ?? 0), (a?.yMm ?? 0) - (b?.yMm ?? 0))).toBeCloseTo(20, 9);
  });

  it('one that stands alone moves alone, and what is not there moves nothing', () => {
    expect(movedTo(four, 'c', { xMm: 0 }).filter((now, i) => now !== four[i])).toHaveLength(1);
    expect(movedTo(four, 'none', { xMm: 0 })).toEqual(four);
  });
});

describe('an area and a ribbon', () => {
  const [pond] = withPour({ ...bare, board: { ...DEFAULT_BOARD, widthMm: 300, depthMm: 120 } }).piece.pours;

  it('become one another without losing where they lie', () => {
    const area = pond ?? expect.fail('no pond');
    const ribbon = asRibbon(area, true);
    expect(ribbon.points).toEqual([
      { xMm: -50, yMm: 0 },
      { xMm: 0, yMm: 0 },
      { xMm: 50, yMm: 0 },
    ]);
    expect(ribbon.ribbonMm).toBeGreaterThan(5);
    expect(asRibbon(ribbon, true)).toBe(ribbon);
    const back = asRibbon(ribbon, false);
    expect(back.ribbonMm).toBe(0);
    expect(Math.max(...back.points.map(({ xMm }) => xMm))).toBeCloseTo(50, 3);
  });

  it('take a corner more in the middle of their longest stretch', () => {
    const ribbon = {
      points: [
        { xMm: 0, yMm: 0 },
        { xMm: 10, yMm: 0 },
        { xMm: 60, yMm: 0 },
      ],
      ribbonMm: 5,
    };
    expect(withCorner(ribbon).points.map(({ xMm }) => xMm)).toEqual([0, 10, 35, 60]);
    // An area closes from its last corner to its first.
    expect(withCorner({ ...ribbon, ribbonMm: 0 }).points).toHaveLength(4);
  });
});

describe('what is begun on the ground', () => {
  it('ponds and rises begin as an oval well within the base', () => {
    const based: Piece = { ...bare, board: { ...DEFAULT_BOARD, widthMm: 300, depthMm: 120 } };
    for (const { piece } of [withPour(based), withHeap(based)]) {
      const [area] = [...piece.pours, ...piece.heaps];
      expect(Math.max(...(area?.points ?? []).map(({ xMm }) => xMm))).toBe(50);
      expect(Math.max(...(area?.points ?? []).map(({ yMm }) => yMm))).toBe(20);
      expect(validatePiece(piece)).toEqual([]);
    }
    // Without a base, or with one that crosses itself, they are small.
    const [lone] = withPour(bare).piece.pours;
    expect(Math.max(...(lone?.points ?? []).map(({ xMm }) => xMm))).toBeLessThan(10);
  });

  it('eyes go round: the front, the right, behind, the left', () => {
    const four = [1, 2, 3, 4].reduce((piece) => withEye(piece), bare);
    expect(four.eyes.map(({ fromDeg, name }) => [fromDeg, name])).toEqual([
      [0, 'the front'],
      [90, 'the right'],
      [180, 'behind'],
      [270, 'the left'],
    ]);
    expect(new Set(four.eyes.map(({ id }) => id)).size).toBe(4);
  });

  it('a part that is taken out of the piece leaves nothing of it on the plan', () => {
    const { piece } = putOn(
      withBoard(bare, plan),
      plan.prints,
      ringOf(withBoard(bare, plan)),
      ['large', 'small'],
      6,
    );
    const laidOn = withMasonry(piece, 'large', 'front');
    const left = withoutLinksTo(laidOn, (id) => id === 'large');
    expect(left.stood.map(({ part }) => part)).toEqual(['small']);
    expect(left.masonry).toEqual([]);
  });
});
