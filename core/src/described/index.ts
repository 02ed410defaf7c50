export { BEGUN_MM, type Described, describePart } from './describePart.ts';
export { partOf } from './partOf.ts';
export type { Material } from './words.ts';
