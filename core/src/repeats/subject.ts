import { bulkSubject } from '../bulk/index.ts';
import { declareSubject } from '../context/index.ts';
import { placesAsk, placesOfAsk, roundAtAsk, setDrawingAsk, setInSpaceAsk, sheetsAsk } from './asks.ts';
import { setLines } from './lines.ts';
import { draftAsk, pullAsk } from './mould/asks.ts';
import { REPEATS_RECKONERS } from './reckoners.ts';

/** Sets, even spacing, ways of making many, moulds. */
export const repeatsSubject = declareSubject({
  name: 'repeats',
  needs: [bulkSubject],
  reckoners: REPEATS_RECKONERS,
  asks: [placesAsk, placesOfAsk, setDrawingAsk, setInSpaceAsk, sheetsAsk, pullAsk, draftAsk, roundAtAsk],
  lines: [{ stage: 'repeats', isLong: false, of: setLines }],
});
