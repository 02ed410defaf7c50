// Reading and writing of files stands apart from the document: it brings the validators along, which few screens need.
export {
  type ArchiveReading,
  AS_FOUND,
  type Pictures,
  readArchive,
  readBackup,
  writeArchive,
  writeBackup,
} from './archive.ts';
export { type Clash, differences, type Merged, mergedPieces, nearestState } from './merge.ts';
export { LARGEST_JSON, type PieceReading, readPiece, readRaw } from './read.ts';
export { fileNameOf, writePiece } from './write.ts';
