import { declareFigures } from '../reckoning/index.ts';

/** The figures of parts that go together. */
export const FITS = declareFigures('size', {
  fit: {
    key: 'fit.*',
    of: 'part',
    unit: 'mm',
    title: 'Goes with',
    says: 'room left where two parts go together',
    formula: [
      'r = least room between the outline (w by h) and the opening (W by H), tight under a',
      'r = least room of the feet (F by f) on the face (B by b), tight under a',
      'r = least room of the feet (F by f) on the face (B by b), overhanging by o, tight under a',
      'r = height of the lowest foot over the ground, no leg in the mount; u to the back, tight under a',
      'r = −(deepest that the rider goes into the mount besides the seat); u to the back, tight under a',
      'r = g × l − d, tight under a',
    ],
  },
  beside: {
    key: 'beside.*',
    of: 'part',
    unit: '%',
    title: 'Beside',
    says: 'height of a part against its companion’s',
    formula: 'q = 100 × h ÷ H',
  },
});
