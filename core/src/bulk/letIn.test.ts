import { describe, expect, it } from 'vitest';
import { demoPart, ofClay } from '../demo/entries.ts';
import { lowWaterFerry } from '../demo/index.ts';
import { makeShapeStore } from '../form/index.ts';
import { DEFAULT_REPEAT, type Piece } from '../piece/index.ts';
import { reckonPiece } from '../spine/index.ts';
import { withoutSpares } from './letIn.ts';

const NOW = '2026-05-01T09:00:00Z';
const shapes = makeShapeStore();

/** Slabs of 60 × 20 × 40 mm with pebbles of 10 mm pressed into each. */
function slabs(letInPct: number, count = 1): Piece {
  const core = { kind: 'none', skinMm: null, packed: 'balled' } as const;
  return {
    ...lowWaterFerry(NOW),
    parts: [
      demoPart(
        'slab',
        'Slab',
        { kind: 'block', widthMm: 60, heightMm: 20, depthMm: 40 },
        { ...ofClay('neutral'), core, sized: 'miniature', count },
      ),
      demoPart(
        'pebble',
        'Pebbles',
        { kind: 'ball', diameterMm: 10 },
        {
          sized: 'miniature',
          stuff: 'stone',
          parent: 'slab' as never,
          repeat: { ...DEFAULT_REPEAT, n: 12, sparePct: 25, letInPct },
        },
      ),
    ],
    fits: [],
    log: [],
    scale: { kind: 'ratio', ratio: 12 },
  };
}

function clayOf(piece: Piece) {
  const { book } = reckonPiece(piece, { shapes, workshopOwn: {}, now: NOW });
  const solid = book.get('slab/bulk.solid') ?? expect.fail('no clay');
  return {
    cm3: solid.quantity.value,
    formula: solid.formula,
    grams: book.get('slab/bulk.clay')?.quantity.value,
  };
}

describe('a set that is pressed into the clay it goes on', () => {
  it('takes the place of that much clay: so many balls, half of each, the spares left out', () => {
    const ball = (Math.PI / 6) * 10 ** 3;
    const [bare, half] = [clayOf(slabs(0)), clayOf(slabs(50))];
    expect(bare.cm3).toBeCloseTo((60 * 20 * 40) / 1000, 6);
    expect(half.cm3).toBeCloseTo((60 * 20 * 40 - 12 * ball * 0.5) / 1000, 6);
    expect(half.formula).toBe('C = V − I');
    expect((half.grams ?? 0) / (bare.grams ?? 1)).toBeCloseTo(half.cm3 / bare.cm3, 9);
  });

  it('is shared among the copies of what it goes on: each has its own', () => {
    expect(clayOf(slabs(50, 3)).cm3).toBeCloseTo(clayOf(slabs(50)).cm3, 6);
  });

  it('of so many made, spares counted in, as many are put on as were asked for', () => {
    for (const spare of [0, 5, 10, 33, 100])
      for (const n of [1, 2, 7, 40, 259, 1000])
        expect(withoutSpares(n + Math.ceil((n * spare) / 100), spare)).toBe(n);
  });
});
