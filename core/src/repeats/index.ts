export { type Place, placesOf } from './places.ts';
export { setOfPart } from './reckoners.ts';
export type { SetFacts } from './reckonSet.ts';
export { type CountedSet, countSet, type UncountedSet } from './sets/countSet.ts';
export type { Laid } from './sets/lattice.ts';
export { type Course, type Curve, courseOf, crossesItself, type Spot } from './spacing/curves.ts';
export { type DivideAsk, type Divided, divided, lengthOf, type Mark } from './spacing/marks.ts';
export { repeatsSubject } from './subject.ts';
export { costFor, minutesFor, paysFrom, type WayRates, waysOf } from './ways/ways.ts';
