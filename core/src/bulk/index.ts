export {
  BILL_BY,
  type BillBy,
  type BilledPart,
  type BillRow,
  clayBill,
  type RegionRow,
  regionRows,
} from './clayBill.ts';
export { type ClayShare, type ClayUse, claySharesOf } from './clayUses.ts';
export { coreAskOf, coreKindOf, skinOf } from './coreOf.ts';
export { coreDensity } from './coreStuff.ts';
export { BULK } from './figures.ts';
export { foilLengthMm, foilToTear } from './foil.ts';
export { holeFor, reckonInserts } from './inserts.ts';
export { laterThan, regionsUnder } from './layers.ts';
export { withoutSpares } from './letIn.ts';
export { mouldWallMm } from './mouldWall.ts';
export { type Packs, packsFor } from './packs.ts';
export { type Layers, layersFor, panelPieces } from './panelPieces.ts';
export { regionVolumes } from './partSolid.ts';
export { type PartNeed, reckonClays } from './reckonClays.ts';
export { againstSolid, bulkOfPart, claysOfPiece, holesOfPart, panelsOfPart } from './reckoners.ts';
export { type PanelJoint, type PanelSheets, panelJoints, panelSheets, reckonPanels } from './reckonPanels.ts';
export { type BulkFacts, type PartBulk, reckonPartBulk } from './reckonPart.ts';
export { otherSide, type RegionGroup, regionGroups, regionsWith } from './regionGroups.ts';
export type { RegionMap, RegionSeen } from './regionMap.ts';
export {
  nearestSetting,
  type RollerSetting,
  rollerSettings,
  type SheetsNeeded,
  sheetsFor,
} from './roller.ts';
export { type PlacedInsert, placedInserts, sectionDrawing } from './sectionDrawing.ts';
export {
  ballMm,
  ballMm3,
  type FlatCone,
  flatCone,
  flatConeOutline,
  sheetMm2,
  snakeMm,
  wrapMm,
} from './shapes.ts';
export {
  type FlatPiece,
  type NestedSheet,
  nestOnSheets,
  type PlacedPiece,
  type SheetNest,
  sizeOf,
} from './sheetNest.ts';
export { bulkSubject } from './subject.ts';
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
export { breaksAtN, reckonThin, type ThinLimb, thinLimbs, type Wires } from './thinRisk.ts';
