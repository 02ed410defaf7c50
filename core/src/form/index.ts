export { scaledBox } from './box.ts';
export { type BuiltSolid, buildSolid } from './buildSolid.ts';
export * from './choices.ts';
export { type CoreAsk, coreAsk, coreField, deepGrid, scaledAsk, skinIn } from './coreField.ts';
export { deepestIn } from './depth.ts';
export { mirroredPoints } from './drawn.ts';
export { FormError } from './errors.ts';
export { type ImportedMesh, importMesh } from './importMesh.ts';
export { coarseCell, levelHull } from './levels.ts';
export type { Pose } from './lofted/index.ts';
export { chiefLength, withMeasure } from './measureForm.ts';
export {
  areaOf,
  counterClockwise,
  extentOf,
  hull,
  intersected,
  mapOutline,
  mirroredOutline,
  offset,
  strokeOf,
  unite,
  uniteAreas,
  without,
} from './outline.ts';
export { type Bevel, type PanelCut, panelCuts } from './panelCuts.ts';
export { type PanelFace, panelFaces } from './panelFaces.ts';
export { type MatingEdges, type PanelProof, type PanelSide, panelProof } from './panelProof.ts';
export { type Heroic, PLAIN } from './person/index.ts';
export { poseOf } from './poseOf.ts';
export { type Handle, type Posed, poseBody, poseGrid, pulled, puppetOf } from './posing.ts';
export { seeded } from './random.ts';
export { scaledForm } from './scaledForm.ts';
export { factsOf } from './shapeFacts.ts';
export { makeShapeStore, type ShapeStore, shapeOf } from './shapeOf.ts';
export { seenHull } from './side.ts';
export { slabHulls } from './slabHulls.ts';
export { smallestBox, type TurnedBox } from './smallestBox.ts';
export { findStarts, STARTS, type Start, startOf } from './starts/index.ts';
export { tubeCourse } from './tube.ts';
export type * from './types.ts';
export { cross, dot, minus, plus, times } from './vectors.ts';
