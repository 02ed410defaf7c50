export { coreOf, skinOf, wantsCore } from './coreOf.ts';
export { foilLengthMm, foilToTear } from './foil.ts';
export { type Packs, packsFor } from './packs.ts';
export { type PartNeed, reckonClays } from './reckonClays.ts';
export { type ClayShare, claySharesOf, type PartBulk, reckonPartBulk } from './reckonPart.ts';
export {
  nearestSetting,
  type RollerSetting,
  rollerSettings,
  type SheetsNeeded,
  sheetsFor,
} from './roller.ts';
export { sectionDrawing } from './sectionDrawing.ts';
export { ballMm, ballMm3, type FlatCone, flatCone, sheetMm2, snakeMm } from './shapes.ts';
export { thicknessAsk, thicknessCells } from './thicknessAsk.ts';
export { type ThicknessAsk, type ThicknessMap, type ThickPlace, thicknessMap } from './thicknessMap.ts';
export {
  onPlane,
  PLANES,
  type Plane,
  planeRange,
  type ThicknessSlice,
  thicknessSlice,
} from './thicknessSlice.ts';
