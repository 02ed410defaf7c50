export { ABOUT_TO, type AboutTo, type AboutToAnswer, aboutTo } from './aboutTo.ts';
export { AIDS, type AidJudged, aidSpan, aidStuff, isOnAt, judgeAid, SEPARATOR_SAYS } from './aids.ts';
export { type BakeState, bakeStates, type PartInOven } from './bakeStates.ts';
export { type CheapestOrder, cheapestOrder } from './cheapest.ts';
export { compareRoutes, followed, type RouteDifference } from './compare.ts';
export {
  type Constraint,
  constraintsOf,
  type OrderGround,
  type OrderMode,
  PLAIN_GROUND,
} from './constraints.ts';
export {
  addRelation,
  addStep,
  changeStep,
  mergeWithNext,
  moveStep,
  RouteEditError,
  removeStep,
  setNew,
  splitStep,
} from './editRoute.ts';
export { ROUTE, STEP } from './figures.ts';
export { type Grade, gradeOf, type RuleId, type Seen, seenOf, seenSays, triedSays } from './grades.ts';
export { routeGround } from './ground.ts';
export { type HandlingRow, handlingMap } from './handling.ts';
export { practised, smallParts, type TimingGround } from './hands.ts';
export { idleSteps } from './idle.ts';
export {
  faultCount,
  judgeRoute,
  type OrderFault,
  type OrderRepair,
  putInOrder,
  type RouteJudged,
} from './judgeRoute.ts';
export { isOfLayers, RELATION_SAYS, STEP_TITLES } from './kinds.ts';
export { type LearnedPace, learnedPace } from './learned.ts';
export {
  allAfter,
  allBefore,
  legalRange,
  loopIn,
  orderKeeping,
  RouteLoopError,
  refuseLoops,
  ringOf,
} from './order.ts';
export { orderGround } from './orderGround.ts';
export { proposeRoute, routeOf } from './propose.ts';
export type { HeatWindow, ProposeGround } from './proposedSteps.ts';
export { routeOfPiece } from './reckoners.ts';
export { type RouteFacts, type RouteReckoned, reckonRoute } from './reckonRoute.ts';
export { routeSubject } from './subject.ts';
export { StepTime } from './timing.ts';
