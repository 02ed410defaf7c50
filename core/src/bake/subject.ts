import { bulkSubject } from '../bulk/index.ts';
import { declareSubject } from '../context/index.ts';
import { DOCTOR, SIMULATED } from './figures.ts';
import { bakeOfPart } from './reckoners.ts';

export const bakeSubject = declareSubject({
  name: 'bake',
  needs: [bulkSubject],
  reckoners: [bakeOfPart],
  asked: [...Object.values(DOCTOR), ...Object.values(SIMULATED)],
});
