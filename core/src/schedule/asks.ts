import { ask, type Given } from '../context/index.ts';
import { sourced } from '../reckoning/index.ts';
import { routeOfPiece } from '../route/index.ts';
import { cutsOf } from './letGo/cuts.ts';
import { type LetGo, letGo } from './letGo/letGo.ts';
import { benchOf } from './plan/benchOf.ts';
import { improvedOrder } from './plan/improve.ts';
import { scheduleOfPiece } from './reckoners.ts';
import { endIn, howSure, shareBy } from './sure/sure.ts';
import { additionOf } from './tasks/tasksOf.ts';

/** How sure the day is; times in minutes since 1970. */
export interface SureOfDay {
  /** It is over by then in half of the cases, and in nine of ten. */
  readonly half: number;
  readonly nine: number;
  readonly first: number;
  readonly last: number;
  /** Share of the cases in which it is in time; null for what is not due. */
  readonly inTime: number | null;
  /** Ends in so many stretches between the first and the last: how many of the cases. */
  readonly counts: readonly number[];
  /** What makes it late, the worst first. */
  readonly delays: readonly { readonly id: string; readonly title: string; readonly laterMin: number }[];
}

const STRETCHES = 40;
const MOST_DELAYS = 5;
/** Making it later by less than this is not told, min. */
const LITTLE = 10;

/** How sure the plan is; null where there is none. */
export const sureAsk = ask('schedule.sure', (given: Given): SureOfDay | null => {
  const { network, due } = given.piece(scheduleOfPiece);
  if (!network) return null;
  const { own } = given.context;
  const { tasks, bench, order } = network;
  const sure = howSure(tasks, bench, order, {
    runs: sourced('schedule.runs', own).value,
    together: sourced('schedule.together', own).value / 100,
    // A night between is nobody’s delay: what counts is time at the bench.
    measure: (end) => bench.time.gone(end),
  });
  const [first, last] = [sure.ends[0] ?? bench.now, sure.ends.at(-1) ?? bench.now];
  const counts = new Array<number>(STRETCHES).fill(0);
  for (const end of sure.ends) {
    const place = last > first ? Math.floor(((end - first) / (last - first)) * STRETCHES) : 0;
    const at = Math.min(STRETCHES - 1, place);
    counts[at] = (counts[at] ?? 0) + 1;
  }
  return {
    half: endIn(sure, 0.5),
    nine: endIn(sure, 0.9),
    first,
    last,
    inTime: due === null ? null : shareBy(sure, due),
    counts,
    delays: sure.delays
      .filter(({ laterMin }) => laterMin >= LITTLE)
      .slice(0, MOST_DELAYS)
      .map(({ task, laterMin }) => ({
        id: tasks[task]?.id ?? '',
        title: tasks[task]?.title ?? '',
        laterMin,
      })),
  };
});

/** What could be let go; null where there is nothing to be done. */
export const letGoAsk = ask('schedule.let-go', (given: Given): LetGo | null => {
  const { network, now, due } = given.piece(scheduleOfPiece);
  if (!network) return null;
  const { piece, own } = given.context;
  const { route, times } = given.piece(routeOfPiece);
  return letGo(
    cutsOf({
      piece,
      steps: route.steps.filter(({ done }) => done === null),
      handsMin: (step) => times.get(step)?.handsMin ?? 0,
      own,
      hours: network.hours,
      now,
      due,
    }),
    network,
    sourced('schedule.together', own).value / 100,
  );
});

/** How much later it is over with each thing that was asked for later and is not taken on yet. */
export const wishesAsk = ask('schedule.wishes', (given: Given) => {
  const { network, end } = given.piece(scheduleOfPiece);
  if (!network) return [];
  const { tasks, hours, bench } = network;
  return given.context.piece.additions
    .filter(({ accepted }) => !accepted)
    .map((addition) => {
      const all = [...tasks, additionOf(addition)];
      const with_ = improvedOrder(all, benchOf(all, hours, bench.now));
      return { id: addition.id, end: with_.end, laterMin: Math.max(0, with_.end - end) };
    });
});
