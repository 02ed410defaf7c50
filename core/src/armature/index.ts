export { type Advice, adviseWire, wiresOf } from './advise.ts';
export { bendingSheet } from './bendingSheet.ts';
export { bonesDrawing, pegPattern } from './bonesDrawing.ts';
export { type CutPiece, cutPieces } from './cutList.ts';
export { type Cut, type Nesting, nest, type Stock } from './nest.ts';
export { type CutPlan, cutPlans, logCut } from './plan.ts';
export { type PartBones, reckonBones, wireSays } from './reckonBones.ts';
export { pathLength, proposeRuns, type Run } from './runs.ts';
export { bundleMm, type Wire } from './wire.ts';
