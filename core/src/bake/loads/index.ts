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
  fitsOven,
  type LoadedPart,
  ovenFloor,
  type PutDown,
  pieceLoads,
  putDown,
} from './pieceLoads.ts';
export { type LoadItem, type LoadPlan, type OvenFloor, type OvenLoad, planLoads } from './planLoads.ts';
