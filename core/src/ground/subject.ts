import { bonesSubject } from '../armature/index.ts';
import { bulkSubject } from '../bulk/index.ts';
import { declareSubject } from '../context/index.ts';
import {
  layersAsk,
  layoutsAsk,
  masonryAsk,
  masonryFacesAsk,
  planSheetAsk,
  sectionAsk,
  timberAsk,
  viewAsk,
} from './asks.ts';
import { groundLines } from './lines.ts';
import { GROUND_RECKONERS } from './reckoners.ts';

/** What it all stands on: the plan, rises, pours, masonry, and what is seen of it. */
export const groundSubject = declareSubject({
  name: 'ground',
  needs: [bulkSubject, bonesSubject],
  reckoners: GROUND_RECKONERS,
  asks: [planSheetAsk, viewAsk, masonryAsk, masonryFacesAsk, timberAsk, layersAsk, sectionAsk, layoutsAsk],
  lines: [{ stage: 'ground', isLong: false, of: groundLines }],
});
