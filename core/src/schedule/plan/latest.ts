import { inOrder } from '../network/criticalPath.ts';
import type { Task } from '../network/task.ts';
import type { Bench } from './bench.ts';
import type { Placer } from './placer.ts';
import { SAME } from './timeline.ts';

/** The latest moment, up to one, at which the oven may begin something of some length; before its hours, any. */
function ovenBefore({ ovenHours }: Bench, latest: number, minutes: number): number {
  for (let i = ovenHours.length - 1; i >= 0; i -= 1) {
    const one = ovenHours[i] as { readonly from: number; readonly to: number };
    if (one.from > latest) continue;
    const at = Math.min(latest, one.to - minutes);
    if (at >= one.from) return at;
    if (minutes > one.to - one.from) return one.from;
  }
  return latest;
}

/** When each task of a plan may be begun, and be over, at the latest; minutes since 1970, and bench minutes. */
export type LatestTimes = Pick<
  Placer,
  'start' | 'handsEnd' | 'waitFrom' | 'done' | 'from' | 'to' | 'hand' | 'holder'
>;

/**
 * The latest moment at which each task of a plan may begin for the whole to be over by a deadline, with hands and ovens
 * going from task to task in the order of the plan.
 *
 * @param deadline minutes since 1970
 * @returns before now where it is too late already
 */
export function latestTimes(
  tasks: readonly Task[],
  bench: Bench,
  plan: Placer,
  deadline: number,
): LatestTimes {
  const { time } = bench;
  const n = tasks.length;
  /** By when each must be over for those that wait for it, and its hands and its oven be free for the next. */
  const overBy = new Float64Array(n).fill(deadline);
  const freeBy = new Float64Array(n).fill(Number.POSITIVE_INFINITY);
  const handBy = new Float64Array(n).fill(Number.POSITIVE_INFINITY);
  const late = {
    start: new Float64Array(n),
    handsEnd: new Float64Array(n),
    waitFrom: new Float64Array(n),
    done: new Float64Array(n),
    from: new Float64Array(n),
    to: new Float64Array(n),
    hand: plan.hand,
    holder: plan.holder,
  };
  const handBefore = previousOn(tasks, plan, 'hand');
  const holderBefore = previousOn(tasks, plan, 'holder');
  const wait = (i: number): void => {
    const waits = (plan.done[i] as number) - (plan.waitFrom[i] as number);
    let waitFrom = Math.min(overBy[i] as number, freeBy[i] as number) - waits;
    if (tasks[i]?.holds === 'oven' && waits > 0) waitFrom = ovenBefore(bench, waitFrom, waits);
    late.waitFrom[i] = waitFrom;
    late.done[i] = waitFrom + waits;
    const held = holderBefore[i] as number;
    if (held >= 0) freeBy[held] = Math.min(freeBy[held] as number, waitFrom);
  };
  const hands = (i: number): void => {
    const task = tasks[i] as Task;
    const waitFrom = late.waitFrom[i] as number;
    const minutes = (plan.to[i] as number) - (plan.from[i] as number);
    late.handsEnd[i] = waitFrom;
    late.start[i] = waitFrom;
    if ((plan.hand[i] as number) >= 0) {
      let to = Math.min(time.gone(waitFrom), handBy[i] as number);
      if (task.isWhole) to = sittingBefore(bench, to, minutes);
      const from = to - minutes;
      // Before the first bench minute there is no counting: as if the bench had been open all the time.
      late.start[i] = from >= 0 ? time.moment(from) : (time.windows[0]?.from ?? waitFrom) + from;
      late.from[i] = from;
      late.to[i] = to;
      late.handsEnd[i] = from >= 0 ? time.moment(to, true) : (late.start[i] as number) + minutes;
      const before = handBefore[i] as number;
      if (before >= 0) handBy[before] = Math.min(handBy[before] as number, from);
    }
    for (const b of task.after) overBy[b] = Math.min(overBy[b] as number, late.start[i] as number);
  };
  for (const at of workedThrough(tasks, handBefore, holderBefore).toReversed())
    if (at < n) hands(at);
    else wait(at - n);
  return late;
}

/** The latest bench minute, up to one, at which a task is over that is done in one sitting. */
function sittingBefore({ time }: Bench, latest: number, minutes: number): number {
  for (let window = time.windowAt(latest, true); window >= 0; window -= 1) {
    const [begins, ends] = time.edges(window);
    const to = Math.min(latest, ends);
    if (to - minutes >= begins - SAME) return to;
  }
  return latest;
}

/**
 * The hands and the waits of tasks, each behind what it waits for and what leaves it hands or oven: two things each, for what
 * is laid in first may go into the oven second. Hands of task i are at i, its wait at n + i.
 */
function workedThrough(tasks: readonly Task[], handBefore: Int32Array, holderBefore: Int32Array): number[] {
  const n = tasks.length;
  const there = (at: number | undefined, plus: number) => (at === undefined || at < 0 ? [] : [at + plus]);
  return inOrder([
    ...tasks.map(({ title, after }, i) => ({
      title,
      after: [...after.map((b) => n + b), ...there(handBefore[i], 0)],
    })),
    ...tasks.map(({ title }, i) => ({ title, after: [i, ...there(holderBefore[i], n)] })),
  ]);
}

/** For each task the one before it on the same hands, or in the same oven or clamp; −1 for none. */
export function previousOn(tasks: readonly Task[], plan: Placer, what: 'hand' | 'holder'): Int32Array {
  const found = new Int32Array(tasks.length).fill(-1);
  const last = new Map<string, number>();
  const by = what === 'hand' ? plan.from : plan.waitFrom;
  const inTime = [...tasks.keys()].sort((a, b) => (by[a] as number) - (by[b] as number) || a - b);
  for (const i of inTime) {
    const on = plan[what][i] as number;
    if (on < 0) continue;
    const key = what === 'hand' ? `${on}` : `${tasks[i]?.holds} ${on}`;
    found[i] = last.get(key) ?? -1;
    last.set(key, i);
  }
  return found;
}
