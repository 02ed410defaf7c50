import { type Brief, DEFAULT_BENCH_PLAN } from '../../piece/index.ts';
import type { Task } from '../network/task.ts';
import { benchOf, dueAt } from '../plan/benchOf.ts';
import { criticalChain } from '../plan/chain.ts';
import { improvedOrder, placed } from '../plan/improve.ts';
import { lateBy, type Network } from '../reckonSchedule.ts';
import { endIn, howSure } from '../sure/sure.ts';
import type { Cut } from './cuts.ts';
import { type Taking, type Work, workAfter } from './taking.ts';

/** Something that could be let go, with what that brings. */
export interface Proposal extends Cut {
  /** So much sooner it is over: bench time, min. */
  readonly savedMin: number;
  /** When it is over then, minutes since 1970. */
  readonly end: number;
  /** Whether it is one of the least that is needed to be in time. */
  readonly isOfSet: boolean;
}

/** What could be let go, cheapest first. */
export interface LetGo {
  readonly proposals: readonly Proposal[];
  /** When it is over with all of the set, minutes since 1970; null where nothing has to go. */
  readonly endOfSet: number | null;
  /** Whether it is in time in nine of ten cases with the set, or as it stands. */
  readonly isEnough: boolean;
}

/** Placings of single tasks by which each proposal is looked at. */
const PLACINGS = 12_000;
/** Times the plan is worked through for that. */
const MARGIN_RUNS = 300;
/** Less sooner than this is no proposal, min. */
const LEAST_MIN = 5;

/** Of tasks alone hours are no matter. */
const NO_HOURS = { usual: 0, plan: DEFAULT_BENCH_PLAN };

interface Ended {
  readonly end: number;
  /** How much too late, min; 0 or less for what is in time. */
  readonly late: number;
}

function endOf({ tasks, hours }: Work, brief: Brief, { bench }: Network): Ended {
  const tries = Math.ceil(PLACINGS / Math.max(1, tasks.length));
  const other = benchOf(tasks, hours, bench.now);
  const { end } = improvedOrder(tasks, other, tries);
  const due = dueAt(brief, hours);
  return { end, late: due === null ? 0 : lateBy(other, end, due) };
}

/** How much more time at the bench the slowest of ten cases takes than is likely, min. */
function slowMargin({ tasks, bench, order }: Network, together: number): number {
  const sure = howSure(tasks, bench, order, { runs: MARGIN_RUNS, together });
  const plan = placed(tasks, bench, order);
  return Math.max(0, bench.time.gone(endIn(sure, 0.9)) - bench.time.gone(Math.max(...plan.done)));
}

/** Minutes at the bench that something takes off the critical chain. */
function offChain(tasks: readonly Task[], taking: Taking, chain: ReadonlySet<string>): number {
  const after = new Map(workAfter({ tasks, hours: NO_HOURS }, taking).tasks.map((one) => [one.id, one]));
  return tasks.reduce(
    (sum, { id, hands }) => (chain.has(id) ? sum + hands.likely - (after.get(id)?.hands.likely ?? 0) : sum),
    0,
  );
}

/**
 * What to let go for the day it is due: each proposal worked through on its own, in the order of what is lost for each hour
 * that is won; and of those as few as bring it in time in nine of ten cases, taken one by one.
 *
 * @param together share of the tasks that go as the day goes, all quick or all slow, 0 to 1
 */
export function letGo(cuts: readonly Cut[], network: Network, together: number): LetGo {
  const { brief, hours, tasks } = network;
  const work: Work = { tasks, hours };
  const before = endOf(work, brief, network);
  const chain = new Set(
    criticalChain(tasks, placed(tasks, network.bench, network.order)).map(
      ({ task }) => tasks[task]?.id ?? '',
    ),
  );
  const ranked = cuts
    .map((cut) => {
      const { end } = endOf(workAfter(work, cut.taking), brief, network);
      const { time } = network.bench;
      const sooner = time.gone(before.end) - time.gone(end) || before.end - end;
      // The end may hang on a night or on a coat that dries: then it wins what it takes off the chain.
      return { ...cut, savedMin: sooner >= LEAST_MIN ? sooner : offChain(tasks, cut.taking, chain), end };
    })
    .filter(({ savedMin }) => savedMin >= LEAST_MIN)
    .sort((a, b) => a.cost / a.savedMin - b.cost / b.savedMin);
  const chosen = new Set<string>();
  const margin = slowMargin(network, together);
  let [taken, at] = [work, before];
  for (const cut of ranked) {
    if (at.late + margin <= 0) break;
    const next = workAfter(taken, cut.taking);
    const ended = endOf(next, brief, network);
    // With the others gone it may win nothing any more.
    if (ended.late > at.late - LEAST_MIN) continue;
    chosen.add(cut.id);
    [taken, at] = [next, ended];
  }
  return {
    proposals: ranked.map((one) => ({ ...one, isOfSet: chosen.has(one.id) })),
    endOfSet: chosen.size > 0 ? at.end : null,
    isEnough: at.late + margin <= 0,
  };
}
