export { type BakeAsk, type BakeWay, type BodyFrame, bakeAsk, bodyOf } from './bakeAsk.ts';
export { type BodyAsk, type HeatBody, heatBody, type Stuff } from './body.ts';
export { type HeatSlice, heatSlice } from './heatSlice.ts';
export { type HeatState, heatStepper, type Stepper, stagesFor } from './kernel.ts';
export { type OvenRun, ovenAt } from './oven.ts';
export {
  type CureRules,
  curedAt,
  type HeatPoint,
  type HeatRun,
  type SimulateOptions,
  simulateBake,
} from './simulate.ts';
