import { bakeSubject } from '../bake/index.ts';
import { bulkSubject } from '../bulk/index.ts';
import { declareSubject } from '../context/index.ts';
import { fitsSubject } from '../fits/index.ts';
import { groundSubject } from '../ground/index.ts';
import { finishLines } from './lines.ts';
import { FINISH_RECKONERS } from './reckoners.ts';

/** Surfaces with their layers: whether they hold, how they look, what they take. */
export const finishSubject = declareSubject({
  name: 'finish',
  needs: [bulkSubject, bakeSubject, groundSubject, fitsSubject],
  reckoners: FINISH_RECKONERS,
  lines: [{ stage: 'finish', isLong: false, of: finishLines }],
});
