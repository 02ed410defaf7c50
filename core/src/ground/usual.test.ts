import { describe, expect, it } from 'vitest';
import { lowWaterFerry } from '../demo/index.ts';
import { makeShapeStore } from '../form/index.ts';
import {
  BONDS,
  DEFAULT_BOARD,
  newPiece,
  type Piece,
  setAt,
  TIMBER_KINDS,
  validatePiece,
} from '../piece/index.ts';
import { reckonPiece } from '../spine/index.ts';
import { withBoard, withMasonry, withTimber } from './edits.ts';
import { usualUnit } from './usual.ts';

const NOW = '2026-05-01T09:00:00Z';
const shapes = makeShapeStore();
const open: Piece = { ...newPiece('p', NOW), scale: { kind: 'open' } };
const reckon = (piece: Piece) => reckonPiece(piece, { shapes, workshopOwn: {}, now: NOW }).book;

describe('what is begun without a scale', () => {
  it('is as large as it would be at 1:12, so that it fits on a base', () => {
    // A brick of 215 mm at 1:12 is 17.9 mm.
    expect(usualUnit('stretcher', open.scale).unitLengthMm).toBeCloseTo(17.9, 9);
    expect(usualUnit('stretcher', { kind: 'ratio', ratio: 48 }).unitLengthMm).toBe(215);
    for (const kind of TIMBER_KINDS) {
      const [timber] = withTimber(open, kind).timber;
      expect(Math.max(timber?.lengthMm ?? NaN, timber?.heightMm ?? NaN)).toBeLessThan(400);
      expect(validatePiece(withTimber(open, kind))).toEqual([]);
    }
  });

  it('comes out of the sticks there are, and lies on an empty base', () => {
    const based = withBoard(open, { prints: [], counts: {} });
    expect(based.board).toEqual(DEFAULT_BOARD);
    const piece = withTimber(withMasonry(based, null, 'top', 'cobbles'), 'gate');
    const book = reckon(piece);
    const [lay] = piece.masonry;
    const [gate] = piece.timber;
    expect(book.get(`/masonry.count.${lay?.id}`)?.quantity.value).toBeGreaterThan(100);
    expect(book.get(`/timber.sticks.${gate?.id}`)?.verdict?.level).toBe('good');
  });
});

describe('a unit that is larger than its face', () => {
  const ferry: Piece = { ...lowWaterFerry(NOW), stood: [], pours: [], heaps: [] };

  it.each(BONDS)('of %s is a stop, and the unit that is offered is laid', (bond) => {
    const huge = withMasonry({ ...ferry, masonry: [] }, null, 'top', bond);
    const [lay] = huge.masonry;
    const large = setAt(huge, ['masonry', lay?.id ?? '', 'unitLengthMm'], 9000);
    const verdict = reckon(large).get(`/masonry.count.${lay?.id}`)?.verdict;
    expect(verdict).toMatchObject({ level: 'stop', says: 'the face is smaller than one unit' });
    const change = verdict?.waysOut[0]?.change ?? expect.fail('no way out');
    const count = reckon(setAt(large, change.path, change.value)).get(`/masonry.count.${lay?.id}`);
    expect(count?.quantity.value).toBeGreaterThan(8);
  });
});
