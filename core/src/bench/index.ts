export { bakeCardPages } from './bakeCard.ts';
export { inBothDegrees } from './bothDegrees.ts';
export { careOf } from './careOf.ts';
export { type Carry, isSmallPart } from './carry.ts';
export { daySheet } from './daySheet.ts';
export { AGENT_ROWS, type Finding, passesWhen, trialRule, WORKS } from './heed/index.ts';
export { type LaidOut, type LayOut, layOut } from './layOut.ts';
export { mouldCardPages } from './mouldCard.ts';
export { netPages, sheetsDrawing } from './netPages.ts';
export { partDrawing, seenDrawing } from './partDrawing.ts';
export { type Rescue, rescue, TROUBLES, type Trouble } from './rescue/index.ts';
export type { Seam, SeamKind, SeenSeam } from './seams/index.ts';
export { benchSheet } from './sheet.ts';
export { stepHint } from './stepHint.ts';
export {
  laidOut,
  MOST_TEMPLATES,
  picturePages,
  type SquaredPicture,
  type TemplateAsk,
  type TemplateView,
  templatePages,
} from './templates.ts';
