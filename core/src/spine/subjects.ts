import { bonesSubject } from '../armature/index.ts';
import { auditSubject } from '../bake/audit/index.ts';
import { bakeSubject } from '../bake/index.ts';
import { bakesSubject } from '../bake/plan/subject.ts';
import { benchSubject } from '../bench/subject.ts';
import { briefSubject } from '../brief/index.ts';
import { bulkSubject } from '../bulk/index.ts';
import type { Subject } from '../context/index.ts';
import { finishSubject } from '../finish/subject.ts';
import { fitsSubject } from '../fits/index.ts';
import { groundSubject } from '../ground/subject.ts';
import { logSubject } from '../log/index.ts';
import { pictureSubject } from '../picture/index.ts';
import { repeatsSubject } from '../repeats/subject.ts';
import { routeSubject } from '../route/index.ts';
import { stepsSubject } from '../route/steps/subject.ts';
import { scheduleSubject } from '../schedule/index.ts';
import { sizeSubject } from '../size/index.ts';
import { workingSubject } from './workingAsk.ts';

/** Every subject of the application, in the order their figures are shown. A new one is a line here. */
export const SUBJECTS = [
  sizeSubject,
  briefSubject,
  pictureSubject,
  repeatsSubject,
  bulkSubject,
  bakeSubject,
  fitsSubject,
  bonesSubject,
  groundSubject,
  finishSubject,
  stepsSubject,
  bakesSubject,
  routeSubject,
  scheduleSubject,
  auditSubject,
  logSubject,
  benchSubject,
  workingSubject,
] as const satisfies readonly Subject[];

type Any = (typeof SUBJECTS)[number];

/** Every ask there is. */
export type AnyAsk = Extract<Any, { asks: unknown }>['asks'][number];
/** Every reckoner that tells something besides its figures. */
export type AnyReckoner = Any['reckoners'][number];
