export { contextsAtScale } from './atScale.ts';
export type { Fault, PartContext, PartFacts, PieceContext } from './context.ts';
export { SCALE_FIGURE } from './figures.ts';
export { heroicOf } from './heroic.ts';
export { reckonScale } from './scaleFigure.ts';
export {
  type Ask,
  ask,
  declareSubject,
  type Figures,
  type Found,
  type Given,
  type Lines,
  type PartReckoner,
  type PieceReckoner,
  partReckoner,
  pieceReckoner,
  type Reckoner,
  type Subject,
} from './subject.ts';
