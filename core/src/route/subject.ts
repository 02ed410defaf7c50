import { bonesSubject } from '../armature/index.ts';
import { bakeSubject } from '../bake/index.ts';
import { bakesSubject } from '../bake/plan/subject.ts';
import { briefSubject } from '../brief/index.ts';
import { bulkSubject } from '../bulk/index.ts';
import { declareSubject } from '../context/index.ts';
import { finishSubject } from '../finish/index.ts';
import { groundSubject } from '../ground/subject.ts';
import { repeatsSubject } from '../repeats/subject.ts';
import { sizeSubject } from '../size/index.ts';
import { aboutToAsk, differenceAsk, handlingAsk, stepTimeAsk } from './asks.ts';
import { STEP } from './figures.ts';
import { routeLines } from './lines.ts';
import { routeOfPiece } from './reckoners.ts';
import { stepsSubject } from './steps/subject.ts';

export const routeSubject = declareSubject({
  name: 'route',
  needs: [
    sizeSubject,
    briefSubject,
    bulkSubject,
    bonesSubject,
    bakeSubject,
    stepsSubject,
    bakesSubject,
    repeatsSubject,
    groundSubject,
    finishSubject,
  ],
  reckoners: [routeOfPiece],
  asked: Object.values(STEP),
  lines: [{ stage: 'bench', isLong: false, of: routeLines }],
  asks: [aboutToAsk, stepTimeAsk, differenceAsk, handlingAsk],
});
