import { ARMATURE_LIMITS } from '../armature/record/limits.ts';
import { BAKE_LIMITS } from '../bake/record/limits.ts';
import { BRIEF_LIMITS } from '../brief/record/limits.ts';
import { BULK_LIMITS } from '../bulk/record/limits.ts';
import { FINISH_LIMITS } from '../finish/record/limits.ts';
import { FITS_LIMITS } from '../fits/record/limits.ts';
import { FORM_LIMITS } from '../form/record/limits.ts';
import { GROUND_LIMITS } from '../ground/record/limits.ts';
import { LOG_LIMITS } from '../log/record/limits.ts';
import { PICTURE_LIMITS } from '../picture/record/limits.ts';
import { type Limits, SIZE } from '../record/index.ts';
import { REPEATS_LIMITS } from '../repeats/record/limits.ts';
import { ROUTE_LIMITS } from '../route/record/limits.ts';
import { SCHEDULE_LIMITS } from '../schedule/record/limits.ts';
import { SIZE_LIMITS } from '../size/record/limits.ts';

/**
 * The limits of every number of the document, by record and field. Each subject declares those of its records in its own
 * folder, and nowhere else: the classes check by them, messages name them, fields and the schema take them from here.
 */
export const LIMITS = {
  ratioScale: {
    ratio: { min: 0.1, max: 1e5 },
  },
  figureScale: {
    heightMm: SIZE,
    statureMm: SIZE,
  },
  thingScale: {
    benchMm: SIZE,
    lifeMm: SIZE,
  },
  variant: {
    count: { whole: true, min: 1, max: 10_000 },
  },
  part: {
    count: { whole: true, min: 1, max: 10_000 },
  },
  ...BRIEF_LIMITS,
  ...BULK_LIMITS,
  ...SIZE_LIMITS,
  ...BAKE_LIMITS,
  ...ARMATURE_LIMITS,
  ...FITS_LIMITS,
  ...PICTURE_LIMITS,
  ...REPEATS_LIMITS,
  ...ROUTE_LIMITS,
  ...SCHEDULE_LIMITS,
  ...GROUND_LIMITS,
  ...FINISH_LIMITS,
  ...LOG_LIMITS,
  ...FORM_LIMITS,
} as const satisfies Limits;
