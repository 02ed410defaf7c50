import { declareSubject } from '../context/index.ts';
import { setLines } from './lines.ts';
import { setOfPart } from './reckoners.ts';

/** Sets, even spacing, ways of making many, moulds. */
export const repeatsSubject = declareSubject({
  name: 'repeats',
  needs: [],
  reckoners: [setOfPart],
  asks: [],
  lines: [{ stage: 'repeats', isLong: false, of: setLines }],
});
