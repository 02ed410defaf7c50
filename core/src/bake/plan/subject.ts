import { bulkSubject } from '../../bulk/index.ts';
import { declareSubject } from '../../context/index.ts';
import { stepsSubject } from '../../route/steps/subject.ts';
import { bakeSubject } from '../subject.ts';
import { alongsideAsk } from './alongside.ts';
import { planLines } from './lines.ts';
import { practicesAsk } from './practices.ts';
import { bakesOfRoute, minutesOfPart, planOfPiece, warmingOfPart } from './reckoners.ts';

/** The bakes of the route: loads, windows, minutes. */
export const bakesSubject = declareSubject({
  name: 'bakes',
  needs: [bulkSubject, bakeSubject, stepsSubject],
  reckoners: [bakesOfRoute, warmingOfPart, planOfPiece, minutesOfPart],
  asks: [practicesAsk, alongsideAsk],
  lines: [{ stage: 'bake', isLong: false, of: planLines }],
});
