export { type BuiltSolid, buildSolid, type CoreDepth } from './buildSolid.ts';
export * from './choices.ts';
export { FormError } from './errors.ts';
export { extentOf } from './outline.ts';
export { type Heroic, PLAIN } from './person/index.ts';
export { poseOf } from './poseOf.ts';
export { makeShapeStore, type ShapeStore, shapeOf } from './shapeOf.ts';
export { chiefLength, findStarts, STARTS, type Start, withMeasure } from './start.ts';
export type * from './types.ts';
