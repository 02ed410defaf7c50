export * from './constants.ts';
export * from './defaults.ts';
export { partDepths } from './depths.ts';
export type * from './document.ts';
export * from './edit.ts';
export { PieceFileError, type PieceFileFault } from './errors.ts';
export * from './ids.ts';
export { type Problem, type ProblemCode, problemText } from './problems.ts';
export { type Knot, validatePiece } from './repair.ts';
