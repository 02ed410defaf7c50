export { brownRate, cureRate, type DoseRules, doseRates } from './dose.ts';
export { type DoseCurve, doseAt, doseCurve, LONGEST, reaches } from './doseCurve.ts';
export { harmAt, type LoadWindow, loadWindow } from './loadWindow.ts';
export { airRise, type OvenHeat, ovenHeat } from './oven.ts';
export { type PartWarming, partWarming } from './partWarming.ts';
export {
  brownedAfter,
  curedAfter,
  isCuredBefore,
  isOpen,
  type Levels,
  type LikeBake,
  levelsOf,
  type PartWindow,
  partWindow,
  type WindowAsk,
} from './partWindow.ts';
export { doseRulesOf, isPale } from './rulesOf.ts';
export { type AirRise, coldestAt, coolsIn, riseAt, type Warming, warmestAt, warmThrough } from './warming.ts';
