import { briefSubject } from '../brief/index.ts';
import { declareSubject } from '../context/index.ts';
import { finishSubject } from '../finish/index.ts';
import { routeSubject } from '../route/index.ts';
import { letGoAsk, sureAsk, wishesAsk } from './asks.ts';
import { scheduleLines } from './lines.ts';
import { scheduleOfPiece } from './reckoners.ts';
import { forBenchAsk, togetherAsk } from './together/asks.ts';

/** When everything is done: on which day, with how much to spare, and what to let go. */
export const scheduleSubject = declareSubject({
  name: 'schedule',
  needs: [briefSubject, finishSubject, routeSubject],
  reckoners: [scheduleOfPiece],
  lines: [{ stage: 'bench', isLong: false, of: scheduleLines }],
  asks: [sureAsk, letGoAsk, wishesAsk, forBenchAsk, togetherAsk],
});
