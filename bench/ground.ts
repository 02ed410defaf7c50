import { lowWaterFerry } from '@every-inch/core/demo';
import { makeShapeStore, shapeOf } from '@every-inch/core/form';
import { asItStands, displacedMm3, footprintOf, laid, layUnits, sightFrom } from '@every-inch/core/ground';
import { DEFAULT_EYE } from '@every-inch/core/piece';
import { reckonPiece } from '@every-inch/core/spine';
import type { Line } from './run.ts';
import { timed } from './yardstick.ts';

const NOW = '2026-05-01T09:00:00Z';

/** A plan of many things, pours, sight and courses. */
export function groundLines(yardstick: number): Line[] {
  const told = (ms: number) => `${ms.toFixed(0)} ms, ${(ms / yardstick).toFixed(1)} ×`;
  const piece = lowWaterFerry(NOW);
  const { contexts } = reckonPiece(piece, { shapes: makeShapeStore(), workshopOwn: {}, now: NOW });
  const post = contexts.get('post');
  const goose = contexts.get('goose');
  if (!post || !goose) throw new Error('the example piece has no post or no goose');
  const prints = [post, goose].map((context) => footprintOf(piece, contexts, context, null));
  const placed = Array.from({ length: 200 }, (_, i) => ({
    id: `thing-${i}`,
    print: prints[i % 2] as (typeof prints)[number],
    spot: { xMm: (i % 20) * 90, yMm: Math.floor(i / 20) * 90, turnDeg: 7 * i },
    liftMm: 0,
    on: null,
  }));
  const all = placed.map((one) => laid(one));
  const dragged = placed[105] as (typeof placed)[number];
  const drag = timed(15, () => asItStands(laid(dragged), all, null));
  const ball = shapeOf({ kind: 'ball', diameterMm: 40 });
  const displaced = timed(3, () => {
    for (let i = 0; i < 60; i += 1)
      displacedMm3(i % 2 === 0 ? post : { ...goose, shape: ball, shrink: 1 }, 6 + (i % 5));
  });
  const wall = { bond: 'stretcher', lengthMm: 21.5, heightMm: 6.5, jointMm: 1 } as const;
  const face = [
    [
      [
        [0, 0],
        [1688, 0],
        [1688, 500],
        [0, 500],
      ],
    ],
  ] as const;
  const bricks = timed(5, () => layUnits(face, wall));
  const count = layUnits(face, wall).length;
  const eyes = [0, 90, 200].map((fromDeg) => ({ ...DEFAULT_EYE, id: `eye-${fromDeg}`, fromDeg }));
  const some = placed.slice(0, 100);
  const sight = timed(3, () => {
    for (const eye of eyes) sightFrom(eye, some, contexts);
  });
  return [
    { what: 'how a dragged thing stands among 200', got: told(drag), aim: '16 ms' },
    { what: 'what 60 solids take up of a pour', got: told(displaced), aim: '300 ms' },
    { what: `lay ${count} bricks`, got: told(bricks), aim: '100 ms' },
    { what: 'what is seen of 100 things from 3 eyes', got: told(sight), aim: '500 ms' },
  ];
}
