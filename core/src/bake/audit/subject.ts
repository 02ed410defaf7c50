import { bonesSubject } from '../../armature/index.ts';
import { bulkSubject } from '../../bulk/index.ts';
import { declareSubject } from '../../context/index.ts';
import { routeSubject } from '../../route/index.ts';
import { bakesSubject } from '../plan/subject.ts';
import { bakeSubject } from '../subject.ts';
import { ovenLines } from './lines.ts';
import { auditOfPart } from './reckoners.ts';

/** What must not go into the oven, bake by bake. */
export const auditSubject = declareSubject({
  name: 'before-oven',
  needs: [bulkSubject, bonesSubject, bakeSubject, bakesSubject, routeSubject],
  reckoners: [auditOfPart],
  lines: [{ stage: 'bake', isLong: true, of: ovenLines }],
});
