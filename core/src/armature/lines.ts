import type { Given } from '../context/index.ts';
import { bendsOf } from './bends.ts';
import { cutSays } from './cutSheet.ts';
import { wireSays } from './figures/ask.ts';
import { bonesOfPart, cutsOfPiece } from './reckoners.ts';
import { pathLength } from './run.ts';

const mm = (value: number) => `${value.toFixed(1)} mm`;

/** Every wire of a part with its bends and what is cut for it. */
function wiresOf(given: Given, part: string | undefined): string[] {
  return [...given.parts(bonesOfPart)].flatMap(([id, { runs, pieces }]) => {
    if (part !== undefined && id !== part) return [];
    return runs.map((run, i) => {
      const bends = bendsOf(run.path).map(
        ({ atMm, degrees, towards }) => `${atMm.toFixed(0)} mm ${degrees.toFixed(0)}° ${towards}`,
      );
      const piece = pieces[i];
      const cut = piece
        ? `cut ${piece.count} × ${mm(piece.lengthMm)} of ${wireSays({ ...piece.wire, strands: 1 })}`
        : '';
      return `  ${id.padEnd(18)}${run.name.padEnd(20)}${mm(pathLength(run.path)).padStart(10)} along it; ${cut}; bends: ${bends.join(', ') || 'none'}`;
    });
  });
}

/** Every length of stock with what is cut from it. */
function cutsOf(given: Given): string[] {
  const cuts = given.piece(cutsOfPiece);
  const plans = cuts.plans.flatMap(({ metal, diameterMm, pieces, nesting }) => [
    `  ${wireSays({ metal, diameterMm, strands: 1 })}`,
    ...nesting.cuts.map((cut) => `    ${mm(cut.stockMm).padStart(10)}: ${cutSays(cut, { pieces })}`),
    ...nesting.unplaced.map((i) => `    no stock is long enough for ${pieces[i]?.run ?? ''}`),
  ]);
  return [...plans, ...cuts.faults.map(({ says }) => `  ${says}`)];
}

/** The wires of a piece, or of one part of it, and its cut list, as lines of text. */
export function bonesLines(given: Given, part: string | undefined): string[] {
  const wires = wiresOf(given, part);
  if (wires.length === 0) return [];
  const cuts = part === undefined ? ['', 'Cut list', ...cutsOf(given)] : [];
  return ['', 'Wires', ...wires, ...cuts];
}
