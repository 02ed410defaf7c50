export {
  BEARING_RULES,
  bearingSays,
  type Finding,
  judge,
  KNOWS_NOTHING,
  type Known,
  RESULT_OF,
} from './bearing/judge.ts';
export type { LaterStep, Surface } from './bearing/rule.ts';
export { type Seen, seenSays, WEIGHTS, type Weight, weighed } from './bearing/seen.ts';
export { type Way, waysOut } from './bearing/waysOut.ts';
export { BODIES, type Body, bodyRow } from './coats/bodies.ts';
export { COATS, type Coat, coatRow } from './coats/coats.ts';
export {
  colourOfMix,
  matchesOf,
  nextBatch,
  type PotMatch,
  takesOf,
  withMix,
  withoutPot,
  withPot,
} from './colours/cards.ts';
export { ladder, partsOfShare, type Rung } from './colours/ladder.ts';
export { diagnoseSurface, type FinishDiagnosis } from './doctor/diagnose.ts';
export { diagnoseJoint, diagnosePour } from './doctor/otherCases.ts';
export { pourCase, roomOf } from './doctor/pourCase.ts';
export { JOINT_TROUBLES, POUR_TROUBLES, SURFACE_TROUBLES, TROUBLE_SAYS } from './doctor/troubles.ts';
export {
  addLayer,
  changeZone,
  joinedBy,
  moveLayer,
  ownLayers,
  putLast,
  withCoatRule,
  withoutZone,
  withSpots,
  withZone,
} from './edits.ts';
export { FINISH } from './figures.ts';
export { type FinishJob, finishJobs } from './jobs/jobs.ts';
export { GLUES, type Glue, glueRow } from './joints/glues.ts';
export type { RankedWay } from './joints/reckonJoint.ts';
export { layerOfMatter, MATTERS, type Matter } from './layers/matters.ts';
export { COLOURS, LAYER_COATS, LAYER_SAYS, layerSays } from './layers/orderOf.ts';
export { lighterThan, proposeLayers, shadeOf } from './layers/propose.ts';
export { LIES, type Lie, type Look, type LookRates, laidOn, laidOver, looksOf } from './look/look.ts';
export { lookRates } from './look/reckonLook.ts';
export {
  converted,
  leastBatch,
  type MeasuredBy,
  MixRatioError,
  offByPct,
  pasteOf,
  STIFFNESSES,
  type Stiffness,
  shareOut,
  type TwoParts,
} from './mixing/twoParts.ts';
export {
  type JointShown,
  jobsOfFinish,
  knownOf,
  takenOfPiece,
  type ZoneShown,
  zonesOfPiece,
} from './reckoners.ts';
export {
  MOST_SETTLED,
  mapColours,
  type PaintedStep,
  paintedColours,
  palettesOf,
  SHOWN_MAPS,
  type ShownMap,
  settledOfZone,
  sheenOn,
  shownOf,
  zonesOnMaps,
} from './shape/painted.ts';
export { type Pictured, picturedFrom, type SeenFrom } from './shape/pictured.ts';
export { settleOf } from './shape/settles.ts';
export { type MapsAsk, type ShapeMaps, shapeMaps } from './shape/shapeMaps.ts';
export { finishSubject } from './subject.ts';
export { placeSays } from './zones/areaOfZone.ts';
export { linesOf } from './zones/decal.ts';
export { findingSays } from './zones/reckonZone.ts';
export { SETTLES_SAYS } from './zones/settledArea.ts';
export { type Skin, skinOf } from './zones/skin.ts';
export { facesOf, placeMm2 } from './zones/zoneArea.ts';
