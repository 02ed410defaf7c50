export { lessonLens, lessonsFor } from './lessons.ts';
export { reckonLog } from './reckonLog.ts';
