import { declareFigures } from '../reckoning/index.ts';

/** The figures taken off pictures. */
export const PICTURE = declareFigures('size', {
  taking: {
    key: 'taking.*',
    of: 'piece',
    unit: 'mm in life',
    title: 'A length off a picture',
    says: 'a length or height taken off a picture',
    formula: [
      'L = K × px ÷ px of K, spots off by c px',
      'L = distance in the plane squared by W and H, spots off by c px',
    ],
  },
  angle: {
    key: 'angle.*',
    of: 'piece',
    unit: '°',
    title: 'An angle off a picture',
    says: 'an angle taken off a picture',
    formula: [
      'α = angle as it is seen, K facing squarely, spots off by c px',
      'α = angle in the plane squared by W and H, spots off by c px',
    ],
  },
});
