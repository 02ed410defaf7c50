import { bulkOfPart } from '../bulk/index.ts';
import { partReckoner } from '../context/index.ts';
import { BAKE } from './figures.ts';
import { reckonPartBake } from './reckonBake.ts';

/** The bake card of a part. */
export const bakeOfPart = partReckoner('bake.part', [BAKE.temperature, BAKE.hold], (given, context) => {
  const bulk = given.part(bulkOfPart, context.part.id);
  return bulk && { figures: reckonPartBake(context, bulk) };
});
