export { loadsDrawing } from './loadsDrawing.ts';
export { type LoadedPart, ovenFloor, pieceLoads } from './pieceLoads.ts';
export { type LoadItem, type LoadPlan, type OvenFloor, type OvenLoad, planLoads } from './planLoads.ts';
