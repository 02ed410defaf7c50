export { type CameraOnPlan, cameraOnPlan } from './backdrop/camera.ts';
export { angleOf, focalOf } from './backdrop/reckonBackdrop.ts';
export { type Banked, endArea, levelOf, reachOf, sidesArea, volumeBetween } from './banked.ts';
export { type FoliageProposal, foliageHours, proposeFoliage, type Tree } from './cover/foliage.ts';
export {
  asRibbon,
  missingFrom,
  movedTo,
  putOn,
  stoodAt,
  takeLayout,
  withBoard,
  withCorner,
  withCover,
  withEye,
  withHeap,
  withJoin,
  withLayout,
  withMasonry,
  withOpening,
  withPour,
  withTimber,
} from './edits.ts';
export { type Contour, contoursOf } from './heap/contours.ts';
export type { GroundJob } from './jobs/jobs.ts';
export type { LaidOut, LayoutRow } from './layout/compareLayouts.ts';
export { headerMm, rowOf, type Unit } from './masonry/bonds.ts';
export { type MasonryFace, masonryFaces } from './masonry/faces.ts';
export { type LaidUnit, layUnits } from './masonry/layUnits.ts';
export { boardRing, type NoBoard, whyNoArea } from './plan/boardRing.ts';
export { type Drill, type Footprint, footprintOf } from './plan/footprint.ts';
export { crossings, joinLine } from './plan/modules.ts';
export { type PlanAreaRecord, planArea } from './plan/planArea.ts';
export { planDrawing } from './plan/planDrawing.ts';
export { type PlanFacts, placedOn } from './plan/reckonPlan.ts';
export { boxesApart, convexApart, type Extent, outsideBy, within } from './plan/room.ts';
export {
  type AsItStands,
  asItStands,
  type Clearance,
  clearance,
  freeSpot,
  type Laid,
  laid,
  onPlan,
  type Placed,
  type Spot,
} from './plan/standing.ts';
export { type PartWeight, weightOf } from './plan/weights.ts';
export { displacedMm3, volumeUnder } from './pour/displaced.ts';
export { planOfPiece, type StandsWet, sightOfPiece, wetOfPiece, workOfPiece } from './reckoners.ts';
export { type Seen, type SideSeen, sideSeen, sightFrom } from './sight/sight.ts';
export { groundSubject } from './subject.ts';
export { type CutStick, cutStick, type StickCut } from './timber/cutStick.ts';
export type { TimberFacts } from './timber/reckonTimber.ts';
export { type UnitMeasures, usualUnit } from './usual.ts';
