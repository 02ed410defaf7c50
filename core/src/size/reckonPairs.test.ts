import { describe, expect, it } from 'vitest';
import { lowWaterFerry } from '../demo/index.ts';
import { makeShapeStore } from '../form/index.ts';
import type { Pair } from '../piece/index.ts';
import { reckonPiece } from '../spine/index.ts';

const NOW = '2026-05-01T09:00:00Z';
const ferry = lowWaterFerry(NOW);
const from = { shapes: makeShapeStore(), workshopOwn: {}, now: NOW };
const figureOf = (leftMm: number | null, rightMm: number | null, own = ferry.own) => {
  const pairs: Pair[] = [{ name: 'wings', leftMm, rightMm }];
  const piece = {
    ...ferry,
    own,
    parts: ferry.parts.map((part) => (part.id === 'goose' ? { ...part, pairs } : part)),
  };
  return reckonPiece(piece, from).book.get('goose/pair.1');
};

describe('pairs', () => {
  it('are alike within the visible error: the larger of 2 % and 0.25 mm', () => {
    expect(figureOf(30, 29.5)?.verdict?.level).toBe('good');
    expect(figureOf(5, 4.8)?.verdict?.level).toBe('good');
    expect(figureOf(30, 29.5)?.quantity.value).toBeCloseTo(0.5, 9);
  });

  it('say which one is larger, and by how much to bring it down', () => {
    const verdict = figureOf(30, 31)?.verdict;
    expect(verdict?.level).toBe('doubtful');
    expect(verdict?.says).toBe('the right one is 1.0 mm larger');
    // 2 % of 31 mm is 0.62 mm.
    expect(verdict?.waysOut[0]?.says).toBe('bring the right one down by 0.4 mm at least');
    expect(figureOf(34, 30)?.verdict?.level).toBe('stop');
  });

  it('go by the maker’s own eye, and say nothing until both are measured', () => {
    expect(figureOf(30, 31, { ...ferry.own, 'size.tolerance-percent': 5 })?.verdict?.level).toBe('good');
    expect(figureOf(30, null)).toBeUndefined();
  });
});
