import { declareSubject, partReckoner } from '../context/index.ts';
import { basesAsk, whyUnjudgedAsk } from './asks.ts';
import { FITS } from './figures.ts';
import { reckonFits } from './reckonFits.ts';

/** How a part goes with what it sits on, rides, passes under or is held by. */
export const fitsOfPart = partReckoner('fits.of-part', Object.values(FITS), ({ contexts }, context) => ({
  figures: reckonFits(context, contexts, context.part.id),
}));

export const fitsSubject = declareSubject({
  name: 'fits',
  needs: [],
  reckoners: [fitsOfPart],
  asks: [whyUnjudgedAsk, basesAsk],
});
