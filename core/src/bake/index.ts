export { BAKE, DOCTOR, SIMULATED } from './figures.ts';
export { reckonPartBake, reckonPieceBake } from './reckonBake.ts';
export { bakeOfPart, bakeOfPiece } from './reckoners.ts';
export {
  type BakeStage,
  bakeStage,
  clockText,
  nextEarly,
  type RunningBake,
  readRunningBake,
  withReading,
} from './running.ts';
export { bakeSubject } from './subject.ts';
export { type ClayWindow, holdMinutes, type MixWindow, mixWindow, windowOf } from './time/index.ts';
