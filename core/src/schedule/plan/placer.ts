import type { Window } from '../hours/windows.ts';
import type { Holds, Task } from '../network/task.ts';
import type { Bench } from './bench.ts';
import { SAME, Timeline } from './timeline.ts';

/** Tries to have what is laid into the oven ready just when the oven is. */
const OVEN_TRIES = 4;

/**
 * The earliest time, from one on, at which something of some length lies within a window; what is longer than its window
 * begins with it.
 */
function within(windows: readonly Window[], from: number, length: number): number {
  let [low, high] = [0, windows.length];
  while (low < high) {
    const middle = (low + high) >> 1;
    if ((windows[middle] as Window).to > from) high = middle;
    else low = middle + 1;
  }
  for (let i = low; i < windows.length; i += 1) {
    const one = windows[i] as Window;
    const at = Math.max(from, one.from);
    if (at + length <= one.to + SAME || (length > one.to - one.from && at <= one.from + SAME)) return at;
  }
  return from;
}

const timelines = (count: number): Timeline[] => Array.from({ length: count }, () => new Timeline());

/**
 * Puts tasks on the bench one by one, each as early as hands, oven and what it waits for allow, in gaps that earlier ones
 * have left too (serial schedule generation, Kelley 1963). Its arrays are its own and are written anew by every placing.
 */
export class Placer {
  /** Minutes since 1970: begun, hands off it, begins to be waited for, over. */
  readonly start: Float64Array;
  readonly handsEnd: Float64Array;
  readonly waitFrom: Float64Array;
  readonly done: Float64Array;
  /** Bench minutes: from and to. */
  readonly from: Float64Array;
  readonly to: Float64Array;
  /** Which pair of hands, and which oven or clamp; −1 for none. */
  readonly hand: Int16Array;
  readonly holder: Int16Array;
  readonly #tasks: readonly Task[];
  readonly #bench: Bench;
  readonly #hands: readonly Timeline[];
  readonly #held: Readonly<Record<Exclude<Holds, 'nothing'>, readonly Timeline[] | null>>;
  readonly #longest: number;
  #found = 0;

  constructor(tasks: readonly Task[], bench: Bench) {
    const n = tasks.length;
    this.#tasks = tasks;
    this.#bench = bench;
    this.start = new Float64Array(n);
    this.handsEnd = new Float64Array(n);
    this.waitFrom = new Float64Array(n);
    this.done = new Float64Array(n);
    this.from = new Float64Array(n);
    this.to = new Float64Array(n);
    this.hand = new Int16Array(n);
    this.holder = new Int16Array(n);
    this.#hands = timelines(bench.hands);
    this.#held = {
      oven: timelines(bench.ovens),
      clamp: bench.clamps === null ? null : timelines(bench.clamps),
    };
    this.#longest = bench.time.windows.reduce((most, { from, to }) => Math.max(most, to - from), 0);
  }

  /** The earliest of several timelines that is free; which one it is stands in `#found`. */
  #freeIn(lines: readonly Timeline[], from: number, length: number): number {
    let best = Number.POSITIVE_INFINITY;
    for (let i = 0; i < lines.length; i += 1) {
      const at = (lines[i] as Timeline).free(from, length);
      if (at < best) {
        best = at;
        this.#found = i;
      }
    }
    return best;
  }

  /** The earliest bench minute, from one on, at which a task is done in one sitting; where none is long enough, that one. */
  #sitting(from: number, minutes: number): number {
    if (minutes > this.#longest) return from;
    const { time } = this.#bench;
    let at = from;
    for (let window = time.windowAt(from); window < time.windows.length; window += 1) {
      const [begins, ends] = time.edges(window);
      at = Math.max(from, begins);
      if (at + minutes <= ends + SAME) return at;
    }
    return at;
  }

  /** The earliest bench minute at which a pair of hands is free for all of a task. */
  #handsFrom(ready: number, minutes: number, { isWhole, sprays }: Task): number {
    let from = ready;
    for (;;) {
      const free = this.#freeIn(this.#hands, from, minutes);
      let at = free;
      if (sprays) at = within(this.#bench.sprayHours, at, minutes);
      if (isWhole) at = this.#sitting(at, minutes);
      if (at <= free + SAME) return free;
      from = at;
    }
  }

  /** The earliest moment at which what it is held in is free; the oven also by the hours it may run. */
  #heldFrom(moment: number, minutes: number, { holds }: Task): number {
    const lines = holds === 'nothing' ? null : this.#held[holds];
    if (lines === null) {
      this.#found = -1;
      return moment;
    }
    let at = moment;
    for (;;) {
      const allowed = holds === 'oven' ? within(this.#bench.ovenHours, at, minutes) : at;
      const free = this.#freeIn(lines, allowed, minutes);
      if (free === allowed) return free;
      at = free;
    }
  }

  #place(i: number, handsMin: number, waitMin: number): void {
    const task = this.#tasks[i] as Task;
    const { time, now } = this.#bench;
    let ready = Math.max(now, task.notBefore ?? now);
    for (const before of task.after) ready = Math.max(ready, this.done[before] as number);
    const earliest = time.gone(ready);
    let wanted = earliest;
    let from = earliest;
    let start = ready;
    let handsEnd = ready;
    let hand = -1;
    let holder = -1;
    let waitFrom = Number.POSITIVE_INFINITY;
    for (let tries = 0; ; tries += 1) {
      let at = earliest;
      let by = -1;
      let ends = ready;
      if (handsMin > 0) {
        at = this.#handsFrom(wanted, handsMin, task);
        by = this.#found;
        ends = time.moment(at + handsMin, true);
      }
      const waits = waitMin > 0 ? this.#heldFrom(ends, waitMin, task) : ends;
      // Laid in later it would come into the oven later: it rather stands before it for a while.
      if (waits > waitFrom + SAME) break;
      from = at;
      hand = by;
      handsEnd = ends;
      waitFrom = waits;
      holder = waitMin > 0 && task.holds !== 'nothing' ? this.#found : -1;
      if (handsMin > 0) start = Math.max(ready, time.moment(from));
      const later = time.gone(waitFrom) - handsMin;
      if (handsMin === 0 || waitFrom - handsEnd < SAME || later <= from + SAME || tries >= OVEN_TRIES) break;
      wanted = later;
    }
    this.hand[i] = hand;
    this.holder[i] = holder;
    this.start[i] = start;
    this.handsEnd[i] = handsEnd;
    this.waitFrom[i] = waitFrom;
    this.done[i] = waitFrom + waitMin;
    this.from[i] = from;
    this.to[i] = from + handsMin;
    if (hand >= 0) this.#hands[hand]?.take(from, from + handsMin);
    const lines = task.holds === 'nothing' ? null : this.#held[task.holds];
    if (lines && waitMin > 0) lines[holder]?.take(waitFrom, waitFrom + waitMin);
  }

  /**
   * Places all tasks.
   *
   * @param order places of tasks, each behind those it waits for
   * @param hands minutes at the bench of each task
   * @param waits minutes of waiting of each task
   * @returns when the last is over, minutes since 1970
   */
  place(order: ArrayLike<number>, hands: ArrayLike<number>, waits: ArrayLike<number>): number {
    for (const line of [...this.#hands, ...(this.#held.oven ?? []), ...(this.#held.clamp ?? [])])
      line.clear();
    let last = this.#bench.now;
    for (let k = 0; k < order.length; k += 1) {
      const i = order[k] as number;
      this.#place(i, hands[i] as number, waits[i] as number);
      last = Math.max(last, this.done[i] as number);
    }
    return last;
  }
}
