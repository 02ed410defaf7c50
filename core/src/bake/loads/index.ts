export {
  type BoardItem,
  boardDrawing,
  type Clearance,
  floorCorner,
  type OvenBoard,
  outlineDistance,
  ovenBoard,
  type SeenOutlines,
  seenOutlines,
} from './ovenBoard.ts';
export {
  type BakeLoads,
  type LoadedPart,
  loadedParts,
  ovenFloor,
  type PutDown,
  pieceLoads,
  putDown,
  routeLoads,
} from './pieceLoads.ts';
export { type LoadItem, type LoadPlan, type OvenFloor, type OvenLoad, planLoads } from './planLoads.ts';
