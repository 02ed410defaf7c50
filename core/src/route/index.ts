export { type BakeState, bakeStates, type PartInOven } from './bakeStates.ts';
export { compareRoutes, type RouteDifference } from './compare.ts';
export { type Constraint, constraintsOf, type OrderMode } from './constraints.ts';
export {
  addRelation,
  addStep,
  changeStep,
  mergeWithNext,
  moveStep,
  RouteEditError,
  removeStep,
  splitStep,
} from './editRoute.ts';
export { ROUTE, STEP } from './figures.ts';
export { routeGround } from './ground.ts';
export { type HandlingRow, handlingMap } from './handling.ts';
export { idleSteps } from './idle.ts';
export { judgeRoute, type OrderFault, putInOrder, type RouteJudged } from './judgeRoute.ts';
export { RELATION_SAYS, STEP_TITLES } from './kinds.ts';
export { allAfter, allBefore, legalRange, loopIn, RouteLoopError, refuseLoops } from './order.ts';
export { type HeatWindow, type ProposeGround, proposeRoute, routeOf, unbakedParts } from './propose.ts';
export { routeOfPiece } from './reckoners.ts';
export { type RouteFacts, type RouteReckoned, reckonRoute } from './reckonRoute.ts';
export { routeSubject } from './subject.ts';
export { practised, StepTime, smallParts, type TimingGround } from './timing.ts';
