export {
  type ArchiveReading,
  type Pictures,
  readArchive,
  readBackup,
  writeArchive,
  writeBackup,
} from './archive.ts';
export * from './constants.ts';
export * from './defaults.ts';
export { partDepths } from './depths.ts';
export type * from './document.ts';
export * from './edit.ts';
export { PieceFileError, type PieceFileFault } from './errors.ts';
export * from './ids.ts';
export { type Problem, type ProblemCode, problemText } from './problems.ts';
export { LARGEST_JSON, type PieceReading, readPiece, readRaw } from './read.ts';
export { type Knot, validatePiece } from './repair.ts';
export { fileNameOf, writePiece } from './write.ts';
