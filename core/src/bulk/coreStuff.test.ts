import { describe, expect, it } from 'vitest';
import { lowWaterFerry } from '../demo/index.ts';
import { makeShapeStore } from '../form/index.ts';
import { setAt } from '../piece/index.ts';
import { reckonPiece } from '../spine/index.ts';

const NOW = '2026-11-26T10:00:00Z';
const shapes = makeShapeStore();
const ferry = lowWaterFerry(NOW);
const book = (piece: typeof ferry) => reckonPiece(piece, { shapes, workshopOwn: {}, now: NOW }).book;

describe('a core of foil', () => {
  it('past 150 cm³ is told to be much to ball (common practice), with wood or card instead at a press', () => {
    const foil = book(ferry).get('quay/bulk.foil');
    expect(book(ferry).get('quay/bulk.core')?.quantity.value).toBeGreaterThan(150);
    expect(foil?.verdict).toMatchObject({
      level: 'doubtful',
      says: expect.stringContaining('much foil to ball'),
    });
    for (const kind of ['wood', 'card']) {
      const way = foil?.verdict?.waysOut.find(({ change }) => change?.value === kind);
      if (!way?.change) throw new Error(`no ${kind}`);
      const mended = book(setAt(ferry, way.change.path, way.change.value));
      expect(mended.get('quay/bulk.foil')).toBeUndefined();
      expect(mended.get(`quay/bulk.${kind}`)).toBeDefined();
    }
  });

  it('under that nothing is said, and an own figure moves it', () => {
    expect(book(ferry).get('ferrywoman/bulk.foil')?.verdict).toBeUndefined();
    const own = book(setAt(ferry, ['own'], { 'foil.most': 1000 }));
    expect(own.get('quay/bulk.foil')?.verdict).toBeUndefined();
  });
});
