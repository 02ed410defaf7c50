export {
  type BakeAsk,
  type BakeWay,
  type BodyFrame,
  bakeAsk,
  bakeGrid,
  bodyOf,
  bodyOn,
  type Fineness,
  onlyRegions,
  regionsOf,
} from './bakeAsk.ts';
export { type BodyAsk, type HeatBody, heatBody, type Stuff } from './body.ts';
export { dialFor } from './dialFor.ts';
export { type HeatSlice, heatSlice } from './heatSlice.ts';
export {
  type BakeHistory,
  bakeHistory,
  type PassAsk,
  type RegionBake,
  type RegionHistory,
} from './history.ts';
export { plainKernel } from './kernel.ts';
export type { HeatState } from './kernelTypes.ts';
export { heldC, type OvenRates, type OvenRun, ovenAt, ovenRates, type ProbeTrace, traceAt } from './oven.ts';
export { reckonEnd, reckonSimulated } from './reckonSimulated.ts';
export {
  type CureRules,
  curedAt,
  type HeatPoint,
  type HeatRun,
  type SimulateOptions,
  simulateBake,
} from './simulate.ts';
export { heatStepper, type Stepper, stagesFor, stepperOn } from './stepper.ts';
export { straightAt } from './straight.ts';
export { wasmKernel } from './wasmKernel.ts';
