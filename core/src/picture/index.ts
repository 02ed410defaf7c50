export { type Calibration, calibrationOf, type Marked } from './calibration.ts';
export { type PictureFault, PictureFaultError } from './errors.ts';
export { type Homography, homography, isConvex } from './homography.ts';
export { reckonTakings } from './reckonTakings.ts';
export { type Frame, frameOf, type Pixels, squared } from './squared.ts';
export { type Taken, takeMeasure } from './takings.ts';
