import { bulkSubject } from '../bulk/index.ts';
import { declareSubject } from '../context/index.ts';
import {
  atScalesAsk,
  bendingSheetAsk,
  clashesAsk,
  cutSheetAsk,
  intoMiddleAsk,
  sectionAsk,
  skeletonAsk,
  straightAsk,
} from './asks.ts';
import { bonesLines } from './lines.ts';
import { bonesOfPart, cutsOfPiece, thinOfPart } from './reckoners.ts';
import { thicknessLines } from './thicknessLines.ts';

export const bonesSubject = declareSubject({
  name: 'bones',
  needs: [bulkSubject],
  reckoners: [bonesOfPart, thinOfPart, cutsOfPiece],
  lines: [
    { stage: 'bones', isLong: false, of: bonesLines },
    { stage: 'bulk', isLong: true, of: thicknessLines },
  ],
  asks: [
    sectionAsk,
    clashesAsk,
    skeletonAsk,
    bendingSheetAsk,
    cutSheetAsk,
    straightAsk,
    intoMiddleAsk,
    atScalesAsk,
  ],
});
