import { seeded } from '../../form/index.ts';
import type { Task } from '../network/task.ts';
import type { Bench } from './bench.ts';
import { Placer } from './placer.ts';
import { followersOf, priorityOrders } from './priorities.ts';

/**
 * Of two plans that end together the better is that in which less often something of another kind and another part is taken
 * up, then the one in which more is over early. Both weigh less than any minute of the end that matters.
 */
const SWITCH_MIN = 0.02;
const EARLY = 1e-5;
const SEED = 21;
/** So many placings of single tasks are tried: some 60 ms. */
const PLACINGS = 60_000;
const MOST_TRIES = 3000;
/** A worse plan by so much, min, is gone on from at the beginning: it leads out of where nothing better is near. */
const WARMTH = 60;
/** From this share of the tries on only what is no worse is gone on from. */
const COLD = 0.5;

/** An order of tasks, and when the last is over. */
export interface Ordered {
  readonly order: Int32Array;
  /** Minutes since 1970. */
  readonly end: number;
}

const likely = (tasks: readonly Task[], what: 'hands' | 'waits'): Float64Array =>
  Float64Array.from(tasks, (task) => task[what].likely);

/** When every task is over at the likely pace, by an order. */
export function placed(tasks: readonly Task[], bench: Bench, order: ArrayLike<number>): Placer {
  const placer = new Placer(tasks, bench);
  placer.place(order, likely(tasks, 'hands'), likely(tasks, 'waits'));
  return placer;
}

/** Counts how often hands go on to something that is neither of the same kind nor of the same part. */
function switchCounter(tasks: readonly Task[]): (placer: Placer) => number {
  const n = tasks.length;
  const isAlike = tasks.map(({ alike }) => {
    const own = new Set(alike);
    return Uint8Array.from(tasks, (other) => (other.alike.some((one) => own.has(one)) ? 1 : 0));
  });
  const keys = new Float64Array(n);
  return ({ from, hand }) => {
    let used = 0;
    for (let i = 0; i < n; i += 1)
      if ((hand[i] as number) >= 0) {
        // Sorted as numbers, which is quick: the place of the task is kept in what a bench minute is never as fine as.
        keys[used] = Math.round((from[i] as number) * 100) * n + i;
        used += 1;
      }
    const inTime = keys.subarray(0, used).sort();
    let count = 0;
    let last = -1;
    for (const key of inTime) {
      const i = key % n;
      if (last >= 0 && isAlike[last]?.[i] === 0) count += 1;
      last = i;
    }
    return count;
  };
}

function moved(order: Int32Array, from: number, to: number): void {
  const task = order[from] as number;
  if (from < to) order.copyWithin(from, from + 1, to + 1);
  else order.copyWithin(to + 1, to, from);
  order[to] = task;
}

/**
 * A good order of tasks: the best of the usual rules, then tasks moved one by one to wherever what they wait for lets them,
 * kept where the whole ends no later, or at first a little later (simulated annealing, Kirkpatrick 1983). The same tasks
 * always give the same order.
 *
 * @param tries moves that are tried; as many as go into some 60 ms where none is said
 */
export function improvedOrder(
  tasks: readonly Task[],
  bench: Bench,
  tries = Math.min(MOST_TRIES, Math.ceil(PLACINGS / Math.max(1, tasks.length))),
): Ordered {
  const placer = new Placer(tasks, bench);
  const [hands, waits] = [likely(tasks, 'hands'), likely(tasks, 'waits')];
  const switches = switchCounter(tasks);
  let end = bench.now;
  const cost = (order: Int32Array): number => {
    end = placer.place(order, hands, waits);
    const mean = placer.done.reduce((sum, done) => sum + (done - bench.now), 0) / Math.max(1, tasks.length);
    return end - bench.now + SWITCH_MIN * switches(placer) + EARLY * mean;
  };
  let best: Ordered & { readonly cost: number } = {
    order: new Int32Array(0),
    cost: Number.POSITIVE_INFINITY,
    end,
  };
  for (const { order } of priorityOrders(tasks)) {
    const by = cost(order);
    if (by < best.cost - 1e-9) best = { order, cost: by, end };
  }
  if (tasks.length < 2) return best;
  const random = seeded(SEED);
  const next = followersOf(tasks);
  const order = Int32Array.from(best.order);
  const at = new Int32Array(tasks.length);
  let present = best.cost;
  for (let t = 0; t < tries; t += 1) {
    order.forEach((task, k) => {
      at[task] = k;
    });
    const from = Math.floor(random() * order.length);
    const task = order[from] as number;
    let [low, high] = [0, order.length - 1];
    for (const b of tasks[task]?.after ?? []) low = Math.max(low, (at[b] as number) + 1);
    for (const a of next[task] ?? []) high = Math.min(high, (at[a] as number) - 1);
    if (low >= high) continue;
    const to = low + Math.floor(random() * (high - low + 1));
    if (to === from) continue;
    moved(order, from, to);
    const by = cost(order);
    const warmth = WARMTH * (1 - t / (COLD * tries));
    if (by <= present || (warmth > 0 && random() < Math.exp((present - by) / warmth))) present = by;
    else moved(order, to, from);
    if (by < best.cost - 1e-9) best = { order: Int32Array.from(order), cost: by, end };
  }
  return best;
}
