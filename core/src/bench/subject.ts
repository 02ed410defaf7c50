import { auditSubject } from '../bake/audit/index.ts';
import { bakeSubject } from '../bake/index.ts';
import { briefSubject } from '../brief/index.ts';
import { bulkSubject } from '../bulk/index.ts';
import { declareSubject } from '../context/index.ts';
import { finishSubject } from '../finish/index.ts';
import { repeatsSubject } from '../repeats/index.ts';
import { routeSubject } from '../route/index.ts';
import { scheduleSubject } from '../schedule/index.ts';
import { sizeSubject } from '../size/index.ts';
import {
  bakeCardAsk,
  benchSheetAsk,
  carryAsk,
  daySheetAsk,
  heedAsk,
  layOutAsk,
  mouldCardAsk,
  partDrawingAsk,
  rescueAsk,
  seamsAsk,
  templatesAsk,
} from './asks.ts';

/** What is printed for the bench. */
export const benchSubject = declareSubject({
  name: 'bench',
  needs: [
    finishSubject,
    briefSubject,
    sizeSubject,
    bulkSubject,
    bakeSubject,
    routeSubject,
    auditSubject,
    repeatsSubject,
    scheduleSubject,
  ],
  reckoners: [],
  asks: [
    heedAsk,
    seamsAsk,
    layOutAsk,
    carryAsk,
    rescueAsk,
    benchSheetAsk,
    daySheetAsk,
    bakeCardAsk,
    mouldCardAsk,
    templatesAsk,
    partDrawingAsk,
  ],
});
