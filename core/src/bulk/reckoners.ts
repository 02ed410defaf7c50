import { partReckoner, pieceReckoner } from '../context/index.ts';
import { reckonAgainst } from './coreAgainst.ts';
import { BULK } from './figures.ts';
import { reckonInserts } from './inserts.ts';
import { reckonClays } from './reckonClays.ts';
import { reckonPanels } from './reckonPanels.ts';
import { bulkFacts, reckonPartBulk } from './reckonPart.ts';

const { slender: _slender, thin: _thin, ...KINDS } = BULK;
const { weight, saved, savedCost, savedMinutes, sag } = KINDS;
const { panelsGap, sheets, hole, holeHeight, holeDepth } = KINDS;
const { mass, packs, left, costOf, cost } = KINDS;
const AGAINST = [weight, saved, savedCost, savedMinutes, sag];
const PANELS = [panelsGap, sheets];
const HOLES = [hole, holeHeight, holeDepth];
const CLAYS = [mass, packs, left, costOf, cost];
const ELSEWHERE: readonly object[] = [...AGAINST, ...PANELS, ...HOLES, ...CLAYS];

/** Core, clay and thickest clay of a part. */
export const bulkOfPart = partReckoner(
  'bulk.part',
  Object.values(KINDS).filter((kind) => !ELSEWHERE.includes(kind)),
  ({ contexts }, context) => reckonPartBulk(context, contexts),
  bulkFacts,
);

/** A part with its core against the same of solid clay. */
export const againstSolid = partReckoner('bulk.against', AGAINST, (given, context) => {
  const bulk = given.part(bulkOfPart, context.part.id);
  return bulk && { figures: reckonAgainst(context, bulk.against) };
});

/** Panels of a part and the sheets they are cut from. */
export const panelsOfPart = partReckoner('bulk.panels', PANELS, (_, context) => ({
  figures: reckonPanels(context),
}));

/** Holes for what is let into a part. */
export const holesOfPart = partReckoner('bulk.holes', HOLES, (_, context) => ({
  figures: reckonInserts(context),
}));

/** Every clay over all parts: mass, packs and cost. */
export const claysOfPiece = pieceReckoner('bulk.clays', CLAYS, (given) => ({
  figures: reckonClays(given.context, [...given.parts(bulkOfPart).values()]),
}));
