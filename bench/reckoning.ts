import { lowWaterFerry, tollFrogs } from '@every-inch/core/demo';
import { makeShapeStore } from '@every-inch/core/form';
import type { Piece } from '@every-inch/core/piece';
import { reckonPiece } from '@every-inch/core/spine';
import type { Line } from './run.ts';
import { timed } from './yardstick.ts';

const NOW = '2026-05-01T09:00:00Z';

function lines(piece: Piece, yardstick: number): Line[] {
  const from = { shapes: makeShapeStore(), workshopOwn: {}, now: NOW };
  const first = timed(1, () => reckonPiece(piece, from));
  // A scale never seen before in every run: what is kept from earlier ones does not help.
  const atScale = (run: number): Piece => ({ ...piece, scale: { kind: 'ratio', ratio: 10 + run * 0.37 } });
  const again = timed(21, (run) => reckonPiece(atScale(run), from));
  const told = (ms: number) => `${ms.toFixed(1)} ms, ${(ms / yardstick).toFixed(2)} yardsticks`;
  return [
    { what: `${piece.name}: first reckoning`, got: told(first) },
    { what: `${piece.name}: reckoned again after a change of scale`, got: told(again), aim: '≤ 50 ms' },
    { what: `${piece.name}: again ÷ first`, got: (again / first).toFixed(3) },
  ];
}

/** How long the demo pieces take to reckon. */
export function reckoningLines(yardstick: number): Line[] {
  return [lowWaterFerry(NOW), tollFrogs(NOW)].flatMap((piece) => lines(piece, yardstick));
}
