export { cross, dot, lengthOf, minus, plus, times, turned, unit } from '../vectors.ts';
export { boundaryOf } from './boundary.ts';
export { gridOf, integrate, type Placed, placed } from './integrate.ts';
export { egg, limb, type Row, stations } from './limb.ts';
export { type Loft, loftRings, pointOf, type Station, sectionsOf } from './loft.ts';
export { type LoftedBody, type LoftedShape, loftedShape, type Puppet, restBox } from './loftedShape.ts';
export { type Pose, posed, withinLimits } from './skeleton.ts';
