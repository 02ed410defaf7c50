export { type Breakdown, breakdownOf } from './breakdowns.ts';
export type { Ground } from './document.ts';
export { widened } from './ends.ts';
export { FIGURE_KINDS, kindOf } from './keys.ts';
export { inOrder, SubjectError } from './order.ts';
export { allFigures, type PieceReckoned, type ReckonOptions, reckonPiece } from './reckonPiece.ts';
export { makeSpine, type Reckoned, type Spine } from './spine.ts';
export { type AnyAsk, type AnyReckoner, SUBJECTS } from './subjects.ts';
export type { Opened } from './workingAsk.ts';
