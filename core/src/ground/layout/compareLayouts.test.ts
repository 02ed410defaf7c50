import { describe, expect, it } from 'vitest';
import { lowWaterFerry } from '../../demo/index.ts';
import { makeShapeStore } from '../../form/index.ts';
import type { Piece } from '../../piece/index.ts';
import { reckonPiece } from '../../spine/index.ts';
import { takeLayout, withLayout } from '../edits.ts';
import { footprintsOfPiece } from '../reckoners.ts';
import { compareLayouts } from './compareLayouts.ts';

const NOW = '2026-05-01T09:00:00Z';
const shapes = makeShapeStore();
const ferry = lowWaterFerry(NOW);

function compared(piece: Piece) {
  const { given, book } = reckonPiece(piece, { shapes, workshopOwn: {}, now: NOW });
  return { book, rows: compareLayouts(given, given.piece(footprintsOfPiece).prints) };
}

/** The ferry without its pour and with a thinner base, its own layout set aside. */
const dry: Piece = {
  ...withLayout(ferry, 'tidal'),
  pours: [],
  board: ferry.board && { ...ferry.board, thicknessMm: 6 },
};

describe('layouts side by side', () => {
  const { rows, book } = compared(dry);
  const [now, tidal] = rows;

  it('come to what each comes to when it is laid out', () => {
    const alone = compared(ferry).rows[0];
    expect(tidal).toEqual({ ...alone, id: tidal?.id, name: 'tidal' });
  });

  it('of the one there is now agree with its figures', () => {
    expect(now?.weightG).toBe(book.get('/ground.weight')?.quantity.value);
    const hands = book.all
      .filter(({ key }) => key.startsWith('work.hands.'))
      .reduce((sum, { quantity }) => sum + quantity.value, 0);
    expect(now?.hours).toBeCloseTo(hands / 60, 9);
  });

  it('tell the water that one of them has, and the lighter base of the other', () => {
    expect(now?.mixG).toBe(0);
    expect(tidal?.mixG).toBeGreaterThan(50);
    expect(tidal?.waitDays).toBeGreaterThan(now?.waitDays ?? NaN);
    // 6 mm of plywood less over 42 × 30 cm, 0.62 g/cm³.
    const pours = compared({ ...dry, board: ferry.board }).rows[0];
    expect((pours?.weightG ?? NaN) - (now?.weightG ?? NaN)).toBeCloseTo(42 * 30 * 0.6 * 0.62, 6);
  });

  it('are taken by turns: what there was is set aside, nothing is lost', () => {
    const back = takeLayout(dry, dry.layouts[0]?.id ?? '', 'dry');
    expect(back.pours).toEqual(ferry.pours);
    expect(back.board).toEqual(ferry.board);
    expect(back.layouts.map(({ name, pours }) => [name, pours.length])).toEqual([['dry', 0]]);
    expect(takeLayout(dry, 'none', 'x')).toBe(dry);
  });
});
