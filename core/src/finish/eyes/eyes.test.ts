import { describe, expect, it } from 'vitest';
import { lowWaterFerry, tollFrogs } from '../../demo/index.ts';
import { makeShapeStore } from '../../form/index.ts';
import type { Piece } from '../../piece/index.ts';
import { reckonPiece } from '../../spine/index.ts';
import { dotToolSays } from './eyes.ts';

const NOW = '2026-11-26T10:00:00Z';
const figureOf = (piece: Piece, key: string) =>
  reckonPiece(piece, { shapes: makeShapeStore(), workshopOwn: {}, now: NOW }).book.all.find(
    (one) => one.part === null && one.key === key,
  );

describe('eyes', () => {
  it('an iris of 11.7 mm in life is just under 1 mm at 1:12', () => {
    const iris = figureOf(lowWaterFerry(NOW), 'finish.eyes.ferrywoman');
    expect(iris?.quantity.value).toBeCloseTo(11.7 / 12, 6);
    expect(iris?.note).toContain('Iris: a ball of 1 mm');
    expect(iris?.note).toContain('Eyeball 2.00 mm');
  });

  it('are told of people alone', () => {
    expect(figureOf(lowWaterFerry(NOW), 'finish.eyes.goose')).toBeUndefined();
    expect(figureOf(tollFrogs(NOW), 'finish.eyes.frogs')).toBeUndefined();
  });

  it('a dot is set with what is nearest to it', () => {
    expect(dotToolSays(0.1)).toBe('the tip of a needle');
    expect(dotToolSays(0.9)).toBe('a ball of 0.8 mm');
    expect(dotToolSays(2.2)).toBe('a ball of 2 mm');
    expect(dotToolSays(40)).toBe('a ball of 6 mm');
  });
});
