import { declareSubject } from '../context/index.ts';
import { regionMapAsk } from './asks.ts';
import { bulkLines } from './lines.ts';
import { againstSolid, bulkOfPart, claysOfPiece, holesOfPart, panelsOfPart } from './reckoners.ts';

export const bulkSubject = declareSubject({
  name: 'bulk',
  needs: [],
  reckoners: [bulkOfPart, againstSolid, panelsOfPart, holesOfPart, claysOfPiece],
  asks: [regionMapAsk],
  lines: [{ stage: 'bulk', isLong: true, of: bulkLines }],
});
