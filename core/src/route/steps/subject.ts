import { bonesSubject } from '../../armature/index.ts';
import { bakeSubject } from '../../bake/index.ts';
import { briefSubject } from '../../brief/index.ts';
import { bulkSubject } from '../../bulk/index.ts';
import { declareSubject } from '../../context/index.ts';
import { finishSubject } from '../../finish/index.ts';
import { groundSubject } from '../../ground/subject.ts';
import { sizeSubject } from '../../size/index.ts';
import { stepsOfPiece } from './stepsOfPiece.ts';

/** The order of the work, before any time is known of it. */
export const stepsSubject = declareSubject({
  name: 'steps',
  needs: [sizeSubject, briefSubject, bulkSubject, bonesSubject, bakeSubject, groundSubject, finishSubject],
  reckoners: [stepsOfPiece],
});
