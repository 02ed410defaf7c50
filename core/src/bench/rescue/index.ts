export { type LikelyCause, type Rescue, rescue } from './rescue.ts';
export { type ClayState, TROUBLES, type Trouble, type Way } from './troubles.ts';
