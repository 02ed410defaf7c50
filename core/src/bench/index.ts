export { partDrawing, seenDrawing } from './partDrawing.ts';
export { benchSheet, bothDegrees } from './sheet.ts';
export { type BenchStep, benchSteps } from './steps.ts';
