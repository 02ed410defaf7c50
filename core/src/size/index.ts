export { reckonFound } from './audit.ts';
export { LOOKED_FOR, SIZE } from './figures.ts';
export type { Grip } from './grips.ts';
export { type Allowed, allowedAround, judgeMade } from './judgeMade.ts';
export { type Body, carverFits, type Lie, partingHeights, plainestLie, type Room } from './lies.ts';
export { type LineUpDrawing, lineUp, type Place, type Shown } from './lineUp.ts';
export { howItReads, type Likeness, type LookedFor, likenesses, type StandIn, standIns } from './readsAs.ts';
export { reckonOven } from './reckonOven.ts';
export { reckonPairs, usualPairs } from './reckonPairs.ts';
export { allowedFor, lastMade, reckonAllMade, reckonSize } from './reckonSize.ts';
export { reckonSmallestBox } from './reckonSmallestBox.ts';
export { type Eye, eyesOf, reckonSight, type Seen, seenShares, sightSays, towards } from './sight.ts';
export { sketch } from './sketch.ts';
export {
  foundThings,
  madeOfPart,
  ovenRoomOfPart,
  pairsOfPart,
  scaleOfPiece,
  sizeSubject,
  sizesOfPart,
} from './subject.ts';
