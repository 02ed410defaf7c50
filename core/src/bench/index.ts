export { netPages, sheetsDrawing } from './netPages.ts';
export { partDrawing, seenDrawing } from './partDrawing.ts';
export { benchSheet, bothDegrees } from './sheet.ts';
export { type BenchStep, benchSteps } from './steps.ts';
export {
  MOST_TEMPLATES,
  picturePages,
  type SquaredPicture,
  type TemplateAsk,
  type TemplateView,
  templatePages,
} from './templates.ts';
