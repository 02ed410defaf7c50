export { mixesOf } from '../bulk/record/links.ts';
export { FINISH_MOST } from '../finish/record/limits.ts';
export { GROUND_MOST } from '../ground/record/limits.ts';
export {
  type ClayId,
  type EntryId,
  ID_PATTERN,
  type Limit,
  newId,
  type PartId,
  type PictureId,
  type PieceId,
  typedLimits,
} from '../record/index.ts';
export { changesBetween, type PieceChanges, withChanges } from './changes.ts';
export * from './choices.ts';
export * from './constants.ts';
export * from './defaults.ts';
export { partDepths } from './depths.ts';
export type * from './document.ts';
export * from './edit.ts';
export { PieceFileError, type PieceFileFault } from './errors.ts';
export { takeOver } from './fromPiece.ts';
export { LIMITS } from './limits.ts';
export { type Problem, type ProblemCode, problemText } from './problems.ts';
export { type Knot, validatePiece } from './repair.ts';
export { pieceAtEnds, roughAt, withRough } from './rough.ts';
