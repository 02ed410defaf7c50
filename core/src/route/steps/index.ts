export { type BakeState, bakeStates, type PartInOven } from '../bakeStates.ts';
export { stepsOfPiece } from './stepsOfPiece.ts';
