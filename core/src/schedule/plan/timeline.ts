/** Two times nearer than this are one: a thousandth of a minute, over what adding up minutes since 1970 leaves. */
export const SAME = 1e-3;

/** What one hand, oven or clamp is taken up with, in order; stretches that touch are one. */
export class Timeline {
  readonly #from: number[] = [];
  readonly #to: number[] = [];

  clear(): void {
    this.#from.length = 0;
    this.#to.length = 0;
  }

  /** The first stretch that ends after a time. */
  #after(time: number): number {
    let [low, high] = [0, this.#to.length];
    while (low < high) {
      const middle = (low + high) >> 1;
      if ((this.#to[middle] as number) > time) high = middle;
      else low = middle + 1;
    }
    return low;
  }

  /** The earliest time, from one on, at which it is free for so long. */
  free(from: number, length: number): number {
    let at = from;
    for (let i = this.#after(from); i < this.#from.length; i += 1) {
      if ((this.#from[i] as number) >= at + length - SAME) return at;
      at = Math.max(at, this.#to[i] as number);
    }
    return at;
  }

  take(from: number, to: number): void {
    if (to <= from) return;
    const at = this.#after(from);
    const meetsBefore = at > 0 && from - (this.#to[at - 1] as number) < SAME;
    const meetsAfter = at < this.#from.length && (this.#from[at] as number) - to < SAME;
    if (meetsBefore && meetsAfter) {
      this.#to[at - 1] = this.#to[at] as number;
      this.#from.splice(at, 1);
      this.#to.splice(at, 1);
    } else if (meetsBefore) this.#to[at - 1] = to;
    else if (meetsAfter) this.#from[at] = from;
    else {
      this.#from.splice(at, 0, from);
      this.#to.splice(at, 0, to);
    }
  }
}
