import type { Shape, ShapeFacts } from './types.ts';

/**
 * What is known of a solid as plain data, without its drawings and its field: it can be handed to another thread.
 *
 * @example factsOf(shapeOf({ kind: 'ball', diameterMm: 40 })).volumeMm3 // 33510
 */
export function factsOf(shape: Shape): ShapeFacts {
  const { box, volumeMm3, areaMm2, centre, error, thickest, measures, joints, regions } = shape;
  const { notes, byRegion, bones } = shape;
  return {
    box,
    volumeMm3,
    areaMm2,
    centre,
    error,
    thickest,
    measures,
    joints,
    regions,
    ...(notes && { notes }),
    ...(byRegion && { byRegion }),
    ...(bones && { bones }),
  };
}
