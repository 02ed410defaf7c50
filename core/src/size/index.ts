export { reckonFound } from './audit.ts';
export type { Grip } from './grips.ts';
export { type Allowed, allowedAround, judgeMade } from './judgeMade.ts';
export { type LineUpDrawing, lineUp } from './lineUp.ts';
export { howItReads, type Likeness, likenesses, type StandIn, standIns } from './readsAs.ts';
export { reckonScale } from './reckonScale.ts';
export { allowedFor, lastMade, reckonSize } from './reckonSize.ts';
export { reckonSmallestBox } from './reckonSmallestBox.ts';
export { sketch } from './sketch.ts';
