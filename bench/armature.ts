import { nest, reckonBones } from '@every-inch/core/armature';
import { lowWaterFerry } from '@every-inch/core/demo';
import { reckonFits } from '@every-inch/core/fits';
import { makeShapeStore } from '@every-inch/core/form';
import { eyesOf, seenShares } from '@every-inch/core/size';
import { reckonPiece } from '@every-inch/core/whole';
import type { Line } from './run.ts';
import { timed } from './yardstick.ts';

const NOW = '2026-05-01T09:00:00Z';
const BARS = [{ lengthMm: 1000, count: Infinity }];

/** A hard order: 60 pieces of 12 lengths, of a fixed seed (a linear congruential generator, Numerical Recipes). */
function orderOf(seed: number): number[] {
  let state = seed * 7919 + 1;
  const random = (most: number) => {
    state = (Math.imul(state, 1664525) + 1013904223) >>> 0;
    return Math.floor((state / 2 ** 32) * most);
  };
  const lengths = Array.from({ length: 12 }, () => 90 + random(480));
  return Array.from({ length: 60 }, () => lengths[random(12)] ?? 100);
}

/** How long armatures, cut lists, fits and lines of sight take. */
export function armatureLines(yardstick: number): Line[] {
  const told = (ms: number) => `${ms.toFixed(1)} ms, ${(ms / yardstick).toFixed(2)} yardsticks`;
  const { contexts } = reckonPiece(lowWaterFerry(NOW), {
    shapes: makeShapeStore(),
    workshopOwn: {},
    now: NOW,
  });
  const woman = contexts.get('ferrywoman');
  if (!woman) throw new Error('the demo has no ferrywoman');
  return [
    {
      what: 'Ferrywoman: runs, adviser and every check of her wire',
      got: told(timed(21, () => reckonBones(woman, contexts))),
      aim: '≤ 16 ms',
    },
    {
      what: 'Cut list: 60 pieces of 12 lengths, as few bars as can be',
      got: told(timed(41, (run) => nest(orderOf(run), BARS, 1))),
      aim: '≤ 100 ms',
    },
    { what: 'Low Water Ferry: all its fits', got: told(timed(21, () => reckonFits(woman, contexts))) },
    {
      what: 'Ferrywoman: what is seen of her from the front',
      got: told(timed(5, () => seenShares(woman, contexts, eyesOf('front')))),
    },
  ];
}
