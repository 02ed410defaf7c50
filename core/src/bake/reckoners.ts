import { bulkOfPart } from '../bulk/index.ts';
import { partReckoner, pieceReckoner } from '../context/index.ts';
import { BAKE } from './figures.ts';
import { reckonPartBake, reckonPieceBake } from './reckonBake.ts';

/** The bake card of a part. */
export const bakeOfPart = partReckoner('bake.part', [BAKE.temperature, BAKE.hold], (given, context) => {
  const bulk = given.part(bulkOfPart, context.part.id);
  return bulk && { figures: reckonPartBake(context, bulk) };
});

/** The bake card of everything in one load. */
export const bakeOfPiece = pieceReckoner('bake.piece', [BAKE.temperature, BAKE.dial], (given) => ({
  figures: reckonPieceBake(given.context, [...given.parts(bulkOfPart).values()]),
}));
