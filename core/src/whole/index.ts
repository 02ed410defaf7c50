export type { Fault, PartContext, PieceContext } from './context.ts';
export { heroicOf, type ReckonOptions, soundParts } from './ground.ts';
export { KEYS, type KeyRow, keyRow } from './keys.ts';
export { bonesAt } from './otherScales.ts';
export { type PieceReckoned, reckonPiece } from './reckonPiece.ts';
