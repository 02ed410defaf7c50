import { coverAsk, nest, reckonBones, solidCover } from '@every-inch/core/armature';
import { thicknessAsk, thicknessMap } from '@every-inch/core/bulk';
import { lowWaterFerry } from '@every-inch/core/demo';
import { reckonFits } from '@every-inch/core/fits';
import { makeShapeStore } from '@every-inch/core/form';
import type { Piece } from '@every-inch/core/piece';
import { eyesOf, seenShares } from '@every-inch/core/size';
import { reckonPiece } from '@every-inch/core/spine';
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

/** The willow of the demo with a wire to each of 128 tips. */
function largeTree(): Piece {
  const ferry = lowWaterFerry(NOW);
  return {
    ...ferry,
    fits: [],
    parts: ferry.parts.flatMap((part) =>
      part.form.kind === 'tree'
        ? [{ ...part, form: { ...part.form, forks: 7 }, branches: { ...part.branches, twigs: 0 } }]
        : [],
    ),
  };
}

/** The slowest of so many orders, ms. */
function slowest(count: number): number {
  let most = 0;
  for (let seed = 0; seed < count; seed += 1) {
    const order = orderOf(seed);
    const start = performance.now();
    nest(order, BARS, 1);
    most = Math.max(most, performance.now() - start);
  }
  return most;
}

/** How long armatures, cut lists, fits and lines of sight take. */
export function armatureLines(yardstick: number): Line[] {
  const told = (ms: number) => `${ms.toFixed(1)} ms, ${(ms / yardstick).toFixed(2)} yardsticks`;
  const { contexts, bones, bulk } = reckonPiece(lowWaterFerry(NOW), {
    shapes: makeShapeStore(),
    workshopOwn: {},
    now: NOW,
  });
  const woman = contexts.get('ferrywoman');
  if (!woman) throw new Error('the demo has no ferrywoman');
  const large = reckonPiece(largeTree(), { shapes: makeShapeStore(), workshopOwn: {}, now: NOW });
  const tree = large.contexts.get('willow');
  const herBones = bones.get('ferrywoman');
  if (!tree || !herBones) throw new Error('the demo has no willow or no armature');
  const cover = coverAsk(woman, herBones);
  const clay = thicknessAsk(woman, bulk.get('ferrywoman') ?? null, cover.lines);
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
    { what: 'Cut list: the slowest of 300 such orders', got: told(slowest(300)), aim: '≤ 100 ms' },
    {
      what: 'A tree of 128 tips: runs, adviser and every check',
      got: told(timed(5, () => reckonBones(tree, large.contexts, large.bulk.get('willow')))),
      aim: '≤ 300 ms',
    },
    {
      what: 'Ferrywoman: clay over the wire through the solid itself',
      got: told(timed(5, () => solidCover(woman.shape, cover))),
      aim: '≤ 200 ms',
    },
    {
      what: 'Ferrywoman: thickness everywhere, first look, 12 000 cells',
      got: told(timed(9, () => thicknessMap(woman.shape, { ...clay, cells: 12_000 }))),
      aim: '≤ 100 ms',
    },
    {
      what: 'Ferrywoman: thickness everywhere, 300 000 cells',
      got: told(timed(3, () => thicknessMap(woman.shape, { ...clay, cells: 300_000 }))),
    },
    {
      what: 'Ferrywoman: thickness everywhere, cells of half a millimetre',
      got: told(timed(3, () => thicknessMap(woman.shape, { ...clay, cells: 1_200_000 }))),
      aim: '≤ 1200 ms',
    },
    {
      what: 'Low Water Ferry: all its fits',
      got: told(timed(21, () => [...contexts.keys()].map((id) => reckonFits(woman, contexts, id)))),
    },
    {
      what: 'Ferrywoman: what is seen of her from the front',
      got: told(timed(5, () => seenShares(woman, contexts, eyesOf('front')))),
    },
  ];
}
