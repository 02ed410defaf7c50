export { type Calibration, calibrationOf, type Marked } from './calibration.ts';
export { edgeOf, NoEdgeError } from './edge.ts';
export { type PictureFault, PictureFaultError } from './errors.ts';
export { PICTURE } from './figures.ts';
export { type Homography, homography, isConvex } from './homography.ts';
export { reckonTakings } from './reckonTakings.ts';
export { frameOf, type PictureFrame, type Pixels, squared } from './squared.ts';
export { pictureSubject, takings } from './subject.ts';
export { type Taken, takeMeasure } from './takings.ts';
