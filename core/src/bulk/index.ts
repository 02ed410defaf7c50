export { coreOf, skinOf, wantsCore } from './coreOf.ts';
export { foilLengthMm, foilToTear } from './foil.ts';
export { type Packs, packsFor } from './packs.ts';
export { type PartNeed, reckonClays } from './reckonClays.ts';
export { type ClayShare, claySharesOf, type PartBulk, reckonPartBulk } from './reckonPart.ts';
export { sectionDrawing } from './sectionDrawing.ts';
