export type { Alongside } from './alongside.ts';
export { windowSays } from './judgeLoad.ts';
export { likeBakes } from './likeBakes.ts';
export { judgeHistory, passAsks } from './passAsks.ts';
export { type PlanGround, type PlannedBake, type PlannedLoad, planBakes } from './planBakes.ts';
export type { PracticeSeen } from './practices.ts';
export { type BakeOfPart, bakesByPart, bakesOfRoute, loadFiguresOf, planOfPiece } from './reckoners.ts';
