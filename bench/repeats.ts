import { nestOnSheets } from '@every-inch/core/bulk';
import { tollFrogs } from '@every-inch/core/demo';
import { buildSolid, makeShapeStore, shapeOf } from '@every-inch/core/form';
import { bestPull, countSet, firstPull } from '@every-inch/core/repeats';
import { reckonPiece } from '@every-inch/core/spine';
import type { Line } from './run.ts';
import { timed } from './yardstick.ts';

const NOW = '2026-05-01T09:00:00Z';
/** A sheet as wide as a roller, and as long as one handles. */
const [WIDE, LONG] = [140, 300];

/** Counting, nesting and looking which way a mould pulls. */
export function repeatsLines(yardstick: number): Line[] {
  const told = (ms: number) => `${ms.toFixed(0)} ms, ${(ms / yardstick).toFixed(1)} ×`;
  const { contexts } = reckonPiece(tollFrogs(NOW), { shapes: makeShapeStore(), workshopOwn: {}, now: NOW });
  const counts = timed(5, () => {
    for (const context of contexts.values())
      if (context.part.repeat)
        countSet(context, context.part.repeat, contexts.get(context.part.parent ?? ''));
  });
  const shingle = contexts.get('shingle');
  const outline = shingle?.shape.outline('front') ?? [];
  const pieces = Array.from({ length: 300 }, () => ({ name: 'shingle', edges: '', outline }));
  const nesting = timed(5, () => nestOnSheets(pieces, WIDE, LONG, 0.5));
  const goose = shapeOf({ kind: 'bird', proportions: 'goose', heightMm: 800, build: 1, angles: {} });
  const { skin } = buildSolid(goose, 8_000_000, null);
  const by = { pulls: 'two', leastDeg: 1 } as const;
  const first = timed(5, () => firstPull(skin, [0, 1, 0], by));
  const whole = timed(5, () => bestPull(skin, by));
  const triangles = Math.round(skin.triangles.length / 3000);
  return [
    { what: 'count the sets of the frogs', got: told(counts), aim: '50 ms' },
    { what: 'nest 300 shingles on sheets', got: told(nesting), aim: '1000 ms' },
    { what: `which way ${triangles} 000 triangles pull: a first answer`, got: told(first), aim: '300 ms' },
    { what: `which way ${triangles} 000 triangles pull: the final one`, got: told(whole), aim: '1500 ms' },
  ];
}
