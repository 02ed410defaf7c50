import { bakeSubject } from '../bake/index.ts';
import { bakesSubject } from '../bake/plan/subject.ts';
import { declareSubject, pieceReckoner } from '../context/index.ts';
import { LOG } from './figures.ts';
import { reckonLog } from './reckonLog.ts';

/** What was baked, against what the card asked. */
export const bakedOfPiece = pieceReckoner('log.bakes', Object.values(LOG), ({ context, find }) => ({
  figures: reckonLog(context, find),
}));

export const logSubject = declareSubject({
  name: 'log',
  needs: [bakeSubject, bakesSubject],
  reckoners: [bakedOfPiece],
});
