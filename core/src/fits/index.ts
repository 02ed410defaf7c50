export { type BaseChoice, baseForm, baseRing, weighBases } from './bases.ts';
export { bestPlacing, type Placing, roomUnder } from './convex.ts';
export { FITS } from './figures.ts';
export { openingRing } from './opening.ts';
export { reckonFits, whyUnjudged } from './reckonFits.ts';
export { clearingPose, type Ride, rideAsPosed } from './ride.ts';
export { alongWith, feetOf, topOf } from './stack.ts';
export { fitsOfPart, fitsSubject } from './subject.ts';
