export { LOG } from './figures.ts';
export { lessonLens, lessonsFor } from './lessons.ts';
export { reckonLog } from './reckonLog.ts';
export { recordMeasure } from './recordMeasure.ts';
export { bakedOfPiece, logSubject } from './subject.ts';
