/** Stamp of a piece's file. */
export const PIECE_FORMAT = 'every-inch/piece';
/** Version this program writes. */
export const PIECE_VERSION = 9;

export * from '../bake/record/choices.ts';
export * from '../brief/record/choices.ts';
export * from '../bulk/record/choices.ts';
export * from '../finish/record/choices.ts';
export * from '../fits/record/choices.ts';
export * from '../ground/record/choices.ts';
export * from '../picture/record/choices.ts';
export * from '../repeats/record/choices.ts';
export * from '../route/record/choices.ts';
export * from '../schedule/record/choices.ts';
