import { describe, expect, it } from 'vitest';
import { demoPart, ofClay } from '../demo/entries.ts';
import { lowWaterFerry } from '../demo/index.ts';
import { makeShapeStore, type Ring } from '../form/index.ts';
import { DEFAULT_BOARD, type Part, type Piece, validatePiece } from '../piece/index.ts';
import { withoutLinksTo } from '../piece/links.ts';
import { reckonPiece } from '../spine/index.ts';
import { missingFrom, putOn, stoodAt, withBoard, withEye, withHeap, withMasonry, withPour } from './edits.ts';
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
