export { BAKE, DOCTOR, SIMULATED } from './figures.ts';
export { reckonPartBake } from './reckonBake.ts';
export { bakeOfPart } from './reckoners.ts';
export {
  type BakeStage,
  bakeStage,
  clockText,
  nextEarly,
  type RunningBake,
  readRunningBake,
  withReading,
} from './running.ts';
export { bearsOven, peakOf } from './stuffInOven.ts';
export { bakeSubject } from './subject.ts';
export {
  type ClayWindow,
  curedInMould,
  holdMinutes,
  type MixWindow,
  type MouldCure,
  mixWindow,
  windowOf,
} from './time/index.ts';
