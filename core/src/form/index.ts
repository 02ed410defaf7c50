export { FormError } from './errors.ts';
export { extentOf } from './outline.ts';
export { type Heroic, PLAIN } from './person/index.ts';
export { makeShapeStore, type ShapeStore, shapeOf } from './shapeOf.ts';
export { STARTS, withMeasure } from './start.ts';
export type * from './types.ts';
