import { BenchTime } from './hours/benchTime.ts';
import { exactly, type Task } from './network/task.ts';
import type { Bench } from './plan/bench.ts';
import type { LatestTimes } from './plan/latest.ts';

/** A task of so many minutes at the bench, and then of waiting. */
export function task(
  id: string,
  hands: number,
  waits: number,
  after: readonly number[],
  over: Partial<Task> = {},
): Task {
  return {
    id,
    title: id,
    hands: exactly(hands),
    waits: exactly(waits),
    after,
    holds: 'nothing',
    isWhole: false,
    sprays: false,
    kind: null,
    alike: [],
    notBefore: null,
    ...over,
  };
}

/** A bench that is open on and on, from minute 0, with so many hands. */
export function openBench(over: Partial<Bench> = {}): Bench {
  return {
    time: new BenchTime([{ from: 0, to: 1e7 }]),
    now: 0,
    hands: 1,
    ovens: 1,
    clamps: null,
    ovenHours: [],
    sprayHours: [],
    ...over,
  };
}

/** What must hold of any plan: order kept, no hands nor oven twice at a time, work at the bench within its hours. */
export function faultsOf(
  tasks: readonly Task[],
  { time, now, ovenHours }: Bench,
  plan: LatestTimes,
): string[] {
  const faults: string[] = [];
  const at = (list: Float64Array | Int16Array, i: number): number => list[i] as number;
  tasks.forEach((one, i) => {
    for (const b of one.after)
      if (at(plan.done, b) > at(plan.start, i) + 0.01)
        faults.push(`${one.id} begins before ${tasks[b]?.id} is over`);
    if (at(plan.start, i) < now - 0.01) faults.push(`${one.id} begins before now`);
    if (one.notBefore !== null && at(plan.start, i) < one.notBefore - 0.01)
      faults.push(`${one.id} begins too soon`);
    if (at(plan.to, i) > at(plan.from, i)) {
      const begun = at(plan.start, i);
      if (!time.windows.some(({ from, to }) => begun >= from - 0.01 && begun < to))
        faults.push(`${one.id} at night`);
    }
    if (one.holds === 'oven' && ovenHours.length > 0) {
      const [from, to] = [at(plan.waitFrom, i), at(plan.done, i)];
      if (to > from && !ovenHours.some((hours) => from >= hours.from - 0.01 && to <= hours.to + 0.01))
        faults.push(`${one.id} in the oven out of its hours`);
    }
    tasks.forEach((other, j) => {
      if (j <= i) return;
      const isOver = (a: number, b: number, c: number, d: number) => Math.min(b, d) - Math.max(a, c) > 0.01;
      if (
        at(plan.hand, i) >= 0 &&
        at(plan.hand, i) === at(plan.hand, j) &&
        isOver(at(plan.from, i), at(plan.to, i), at(plan.from, j), at(plan.to, j))
      )
        faults.push(`${one.id} and ${other.id} by the same hands`);
      if (
        at(plan.holder, i) >= 0 &&
        one.holds === other.holds &&
        at(plan.holder, i) === at(plan.holder, j) &&
        isOver(at(plan.waitFrom, i), at(plan.done, i), at(plan.waitFrom, j), at(plan.done, j))
      )
        faults.push(`${one.id} and ${other.id} in the same ${one.holds}`);
    });
  });
  return faults;
}
