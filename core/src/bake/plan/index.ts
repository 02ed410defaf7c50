export { windowSays } from './judgeLoad.ts';
export { likeBakes } from './likeBakes.ts';
export { type PlanGround, type PlannedBake, type PlannedLoad, planBakes } from './planBakes.ts';
export { type BakeOfPart, bakesByPart, bakesOfRoute, loadFigureOf, planOfPiece } from './reckoners.ts';
