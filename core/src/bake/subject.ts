import { bulkSubject } from '../bulk/index.ts';
import { declareSubject } from '../context/index.ts';
import { DOCTOR, SIMULATED } from './figures.ts';
import { bakeOfPart, bakeOfPiece } from './reckoners.ts';

export const bakeSubject = declareSubject({
  name: 'bake',
  needs: [bulkSubject],
  reckoners: [bakeOfPart, bakeOfPiece],
  asked: [...Object.values(DOCTOR), ...Object.values(SIMULATED)],
});
