import { type Given, pieceReckoner } from '../context/index.ts';
import { jobsOfFinish } from '../finish/index.ts';
import type { BenchPlan } from '../piece/index.ts';
import { type OwnValues, sourced } from '../reckoning/index.ts';
import { routeOfPiece } from '../route/index.ts';
import { SCHEDULE } from './figures.ts';
import { type DayHours, nextBegin } from './hours/windows.ts';
import { reckonSchedule, type ScheduleFacts } from './reckonSchedule.ts';
import { tasksOf } from './tasks/tasksOf.ts';

/** Hours at the bench of a piece, and whether they stand in for what nobody has told. */
export function hoursOf(
  hoursPerDay: number | null,
  plan: BenchPlan,
  own: OwnValues,
): DayHours & { readonly isAbout: boolean } {
  return {
    usual: hoursPerDay ?? sourced('schedule.hours', own).value,
    plan,
    isAbout: hoursPerDay === null && plan.week.length < 7,
  };
}

/** Steps of the finish that are sprayed. */
function sprayedSteps(given: Given): Set<string> {
  const sprayed = new Set(
    given.context.piece.zones.flatMap((zone) =>
      zone.layers.flatMap((layer) => (layer.how === 'spray' ? [`${zone.id} ${layer.id}`] : [])),
    ),
  );
  return new Set(
    given
      .piece(jobsOfFinish)
      .jobs.filter((job) => job.layers.some(({ zone, layer }) => sprayed.has(`${zone} ${layer}`)))
      .map(({ id }) => id),
  );
}

/** What is done when, and what it hangs on. */
export const scheduleOfPiece = pieceReckoner(
  'schedule.piece',
  Object.values(SCHEDULE),
  (given) => {
    const { piece, own, now } = given.context;
    const { route, times, held } = given.piece(routeOfPiece);
    const { brief, bench: plan, additions } = piece;
    const { isAbout, ...hours } = hoursOf(brief.hoursPerDay, plan, own);
    const at = nextBegin(now);
    const tasks = tasksOf({ route, times, held, additions, plan, sprayed: sprayedSteps(given), now: at });
    return reckonSchedule(tasks, hours, brief, at, isAbout);
  },
  ({ network: _, figures: __, ...facts }): ScheduleFacts => facts,
);
