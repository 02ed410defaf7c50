import { seeded } from '../../form/index.ts';
import type { Task } from '../network/task.ts';
import type { Bench } from '../plan/bench.ts';
import { Placer } from '../plan/placer.ts';
import { PertTables } from './pert.ts';

const SEED = 1959;
/** A step is slow in the slowest of so many parts of the runs. */
const SLOW_PART = 5;

/** A task, and how much later the whole is over when it is slow than it is on the whole, min. */
export interface Delay {
  readonly task: number;
  readonly laterMin: number;
}

/** How sure a plan is. */
export interface Sure {
  /** When it is over in every run, minutes since 1970, the earliest first. */
  readonly ends: Float64Array;
  /** What makes it late, the worst first. */
  readonly delays: readonly Delay[];
}

/** The end that holds in some share of the cases, 0 to 1. */
export function endIn({ ends }: Sure, share: number): number {
  const place = Math.max(0, Math.min(1, share)) * (ends.length - 1);
  const low = Math.floor(place);
  const [a, b] = [ends[low] ?? Number.NaN, ends[Math.min(ends.length - 1, low + 1)] ?? Number.NaN];
  return a + (b - a) * (place - low);
}

/** The share of the cases in which it is over by a moment, 0 to 1. */
export function shareBy({ ends }: Sure, moment: number): number {
  return ends.length === 0 ? 0 : ends.reduce((n, end) => n + (end <= moment ? 1 : 0), 0) / ends.length;
}

/**
 * Works a plan through many times, with every task as quick or as slow as it happens to be (van Slyke 1963).
 *
 * @param order places of tasks, each behind those it waits for
 * @param together share of the tasks of a run that go as its day goes, all quick or all slow, 0 to 1
 */
export function howSure(
  tasks: readonly Task[],
  bench: Bench,
  order: ArrayLike<number>,
  {
    runs,
    together,
    measure = (end) => end,
  }: {
    readonly runs: number;
    readonly together: number;
    /** By what an end is later than another, min; by time where none is told. */
    readonly measure?: (end: number) => number;
  },
): Sure {
  const n = tasks.length;
  const tables = new PertTables();
  const handTables = tasks.map(({ hands }) => tables.of(hands));
  const waitTables = tasks.map(({ waits }) => tables.of(waits));
  const placer = new Placer(tasks, bench);
  const random = seeded(SEED);
  const [hands, waits] = [new Float64Array(n), new Float64Array(n)];
  const ends = new Float64Array(runs);
  const took = new Float32Array(runs * n);
  for (let run = 0; run < runs; run += 1) {
    const day = random();
    for (let i = 0; i < n; i += 1) {
      const task = tasks[i] as Task;
      const share = random() < together ? day : random();
      hands[i] = PertTables.at(task.hands, handTables[i] as Float64Array, share);
      waits[i] = PertTables.at(task.waits, waitTables[i] as Float64Array, random());
      took[run * n + i] = (hands[i] as number) + (waits[i] as number);
    }
    ends[run] = placer.place(order, hands, waits);
  }
  return { delays: delaysOf(tasks, ends.map(measure), took), ends: ends.toSorted() };
}

function delaysOf(tasks: readonly Task[], ends: Float64Array, took: Float32Array): Delay[] {
  const [runs, n] = [ends.length, tasks.length];
  if (runs === 0) return [];
  const mean = ends.reduce((sum, end) => sum + end, 0) / runs;
  const column = new Float32Array(runs);
  return tasks
    .flatMap(({ hands, waits }, task): Delay[] => {
      if (hands.slow <= hands.quick && waits.slow <= waits.quick) return [];
      for (let run = 0; run < runs; run += 1) column[run] = took[run * n + task] as number;
      const limit = column.toSorted()[Math.floor(runs * (1 - 1 / SLOW_PART))] as number;
      let [sum, slow] = [0, 0];
      for (let run = 0; run < runs; run += 1)
        if ((took[run * n + task] as number) >= limit) {
          sum += ends[run] as number;
          slow += 1;
        }
      return slow === 0 ? [] : [{ task, laterMin: sum / slow - mean }];
    })
    .sort((a, b) => b.laterMin - a.laterMin);
}
