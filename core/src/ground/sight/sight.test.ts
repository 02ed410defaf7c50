import { describe, expect, it } from 'vitest';
import { lowWaterFerry } from '../../demo/index.ts';
import { makeShapeStore } from '../../form/index.ts';
import { DEFAULT_EYE, type Piece } from '../../piece/index.ts';
import { reckonPiece } from '../../spine/index.ts';
import type { Placed } from '../plan/standing.ts';
import { footprintsOfPiece } from '../reckoners.ts';
import { MOST_EXACT, sightFrom } from './sight.ts';

const NOW = '2026-05-01T09:00:00Z';
const ferry: Piece = lowWaterFerry(NOW);
const { given } = reckonPiece(ferry, { shapes: makeShapeStore(), workshopOwn: {}, now: NOW });
const { prints } = given.piece(footprintsOfPiece);
const eye = { ...DEFAULT_EYE, id: 'front', heightMm: 250, awayMm: 700 };

/** The goose behind the post and the crate, and so many things far off that hide nothing of them. */
function scene(others: number): readonly Placed[] {
  const print = (part: string) => prints.find((one) => one.part === part) ?? expect.fail(part);
  const at = (id: string, part: string, xMm: number, yMm: number): Placed => ({
    ...{ id, print: print(part), spot: { xMm, yMm, turnDeg: 20 }, liftMm: 0, on: null },
  });
  return [
    at('goose', 'goose', 0, 40),
    at('post', 'post', -4, 0),
    at('crate', 'crate', 46, 5),
    ...Array.from({ length: others }, (_, k) =>
      at(`far-${k}`, 'mug', 2000 + 60 * (k % 10), 60 * Math.floor(k / 10)),
    ),
  ];
}
const seenOf = (others: number, id: string) =>
  sightFrom(eye, scene(others), given.contexts).find((one) => one.id === id) ?? expect.fail(id);

describe('what is seen among many things', () => {
  it.each([MOST_EXACT, 2 * MOST_EXACT])(
    'by slices, more than %i, is near what is seen by whole silhouettes',
    (others) => {
      const [exact, sliced] = [seenOf(0, 'goose'), seenOf(others, 'goose')];
      expect(exact.seenPct).toBeGreaterThan(20);
      expect(exact.seenPct).toBeLessThan(95);
      expect(Math.abs(sliced.seenPct - exact.seenPct)).toBeLessThan(8);
      expect(sliced.hiddenBy).toBe(exact.hiddenBy);
    },
  );

  it('what stands free is wholly seen, however coarsely it is looked at', () => {
    for (const others of [0, MOST_EXACT, 2 * MOST_EXACT])
      expect(seenOf(others, 'post').seenPct).toBeCloseTo(100, 0);
  });
});
