export type { Unit } from '../handbook/index.ts';
export * from './book.ts';
export * from './format.ts';
export * from './kinds.ts';
export * from './reckoning.ts';
export { type OwnValues, type Sourced, sourced } from './sourced.ts';
export type * from './types.ts';
