export type { CutFromSheets, SetInSpace } from './asks.ts';
export {
  batchesOf,
  bySoonest,
  type MixStage,
  MOST_MIXES,
  mixStage,
  type RunningMix,
  readRunningMixes,
} from './mixClock.ts';
export type { CastRisks, DraftSeen, PullSeen } from './mould/asks.ts';
export { type Board, boardsDrawing, boxBoards } from './mould/boards.ts';
export { PULL_OF } from './mould/boxes.ts';
export { type CastLengths, castFault, castLogged, type LearnedShrink } from './mould/casts.ts';
export { STANDINGS } from './mould/draftMap.ts';
export { bestPull, type Draft, firstPull, type Pulls, type Standing } from './mould/pull.ts';
export type { MouldFacts } from './mould/reckonMould.ts';
export { CAST_STUFF_SAYS, MOULD_STUFF_SAYS } from './mould/says.ts';
export { type OneLog, oneLog } from './oneLog.ts';
export type { PatternFacts } from './pattern/reckonPattern.ts';
export { type Place, placesOf, ringLength } from './places.ts';
export { mouldOfPart, setOfPart } from './reckoners.ts';
export type { SetFacts } from './reckonSet.ts';
export { type CountedSet, countSet, type UncountedSet } from './sets/countSet.ts';
export { MOST_BETWEEN_MIN, tallied, tallyLogged, withSet } from './sets/edits.ts';
export { areaInCell, type Laid } from './sets/lattice.ts';
export { SET_STARTS, type SetStart } from './sets/starts.ts';
export { bestFirst, clearances, readTaken, type Taken } from './spacing/clear.ts';
export { type Course, type Curve, courseOf, crossesItself, type Spot } from './spacing/curves.ts';
export { type DivideAsk, type Divided, divided, lengthOf, type Mark } from './spacing/marks.ts';
export { spacingDrawing, spacingStrip } from './spacing/spacingDrawing.ts';
export { repeatsSubject } from './subject.ts';
export { costFor, minutesFor, paysFrom, type WayRates, waysOf } from './ways/ways.ts';
