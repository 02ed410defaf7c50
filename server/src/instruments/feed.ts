import type { InstrumentKind } from './simulate.ts';

/** One reading as it goes out, a JSON line. */
export interface Reading {
  /** Counts up from 1 for as long as the bench runs. */
  readonly seq: number;
  readonly instrument: InstrumentKind | 'oven';
  readonly value: number;
  readonly unit: 'mm' | 'g' | '°C';
  /** ISO time. */
  readonly at: string;
  /** Minutes of the oven’s own time, which may be sped up; only for its probe. */
  readonly minute?: number;
}

/** Most readings kept for a listener that is slow, and for one that comes back. */
export const MOST_QUEUED = 64;
/** Most listeners at once. */
export const MOST_LISTENERS = 16;

/** One listener: what it has not yet been sent. */
export interface Listener {
  /** The next reading, as soon as there is one; null once the listener has left. */
  next(): Promise<Reading | null>;
  leave(): void;
}

/** Hands readings out to every listener; each has a queue of its own, and the oldest go first when it is full. */
export class Feed {
  readonly #listeners = new Set<{ push: (reading: Reading) => void }>();
  readonly #recent: Reading[] = [];
  #seq = 0;

  get listeners(): number {
    return this.#listeners.size;
  }

  publish(reading: Omit<Reading, 'seq'>): Reading {
    this.#seq += 1;
    const whole = { seq: this.#seq, ...reading };
    this.#recent.push(whole);
    if (this.#recent.length > MOST_QUEUED) this.#recent.shift();
    for (const { push } of this.#listeners) push(whole);
    return whole;
  }

  /**
   * A new listener; null when there are as many as are let in.
   *
   * @param after the last reading it has seen: those since then that are still kept come first; null for none
   */
  listen(after: number | null): Listener | null {
    if (this.#listeners.size >= MOST_LISTENERS) return null;
    const queue = after === null ? [] : this.#recent.filter(({ seq }) => seq > after);
    let waiting: ((reading: Reading | null) => void) | null = null;
    let gone = false;
    const self = {
      push: (reading: Reading): void => {
        if (waiting) {
          const settle = waiting;
          waiting = null;
          settle(reading);
          return;
        }
        queue.push(reading);
        if (queue.length > MOST_QUEUED) queue.shift();
      },
    };
    this.#listeners.add(self);
    return {
      next: () =>
        new Promise((settle) => {
          const first = queue.shift();
          if (first) settle(first);
          else if (gone) settle(null);
          else waiting = settle;
        }),
      leave: () => {
        gone = true;
        this.#listeners.delete(self);
        waiting?.(null);
        waiting = null;
      },
    };
  }
}
