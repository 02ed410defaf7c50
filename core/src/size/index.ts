export { type Allowed, allowedAround, judgeMade } from './judgeMade.ts';
export { reckonScale } from './reckonScale.ts';
export { allowedFor, lastMade, reckonSize } from './reckonSize.ts';
