export type { Fault, PartContext, PieceContext } from './context.ts';
export { KEYS, type KeyRow, keyRow } from './keys.ts';
export { heroicOf, type PieceReckoned, type ReckonOptions, reckonPiece, soundParts } from './reckonPiece.ts';
