import type { Brief } from '../../piece/index.ts';
import { benchOf, dueAt } from '../plan/benchOf.ts';
import { improvedOrder } from '../plan/improve.ts';
import { lateBy, type Network } from '../reckonSchedule.ts';
import type { Cut } from './cuts.ts';
import { type Work, workAfter } from './taking.ts';

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
  /** Whether the set is enough. */
  readonly isEnough: boolean;
}

/** Placings of single tasks by which each proposal is looked at. */
const PLACINGS = 12_000;
/** Less sooner than this is no proposal, min. */
const LEAST_MIN = 5;

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

/**
 * What to let go for the day it is due: each proposal worked through on its own, in the order of what is lost for each hour
 * that is won; and of those as few as bring it in time, taken one by one.
 */
export function letGo(cuts: readonly Cut[], network: Network): LetGo {
  const { brief, hours, tasks } = network;
  const work: Work = { tasks, hours };
  const before = endOf(work, brief, network);
  const ranked = cuts
    .map((cut) => {
      const { end } = endOf(workAfter(work, cut.taking), brief, network);
      const { time } = network.bench;
      const savedMin = time.gone(before.end) - time.gone(end) || before.end - end;
      return { ...cut, savedMin, end };
    })
    .filter(({ savedMin }) => savedMin >= LEAST_MIN)
    .sort((a, b) => a.cost / a.savedMin - b.cost / b.savedMin);
  const chosen = new Set<string>();
  let [taken, at] = [work, before];
  for (const cut of ranked) {
    if (at.late <= 0) break;
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
    isEnough: at.late <= 0,
  };
}
