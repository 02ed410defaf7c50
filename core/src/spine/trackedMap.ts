/**
 * A map whose values are looked up when they are asked for: who asks for one entry has read that entry only, who goes
 * through it has read them all.
 */
export class TrackedMap<V> implements ReadonlyMap<string, V> {
  readonly #keys: () => readonly string[];
  readonly #find: (key: string) => V | undefined;

  constructor(keys: () => readonly string[], find: (key: string) => V | undefined) {
    this.#keys = keys;
    this.#find = find;
  }

  get size(): number {
    return this.#keys().length;
  }

  get(key: string): V | undefined {
    return this.#find(key);
  }

  has(key: string): boolean {
    return this.#find(key) !== undefined;
  }

  keys(): MapIterator<string> {
    return this.#keys().values();
  }

  *values(): MapIterator<V> {
    for (const [, value] of this.entries()) yield value;
  }

  *entries(): MapIterator<[string, V]> {
    for (const key of this.#keys()) {
      const value = this.#find(key);
      if (value !== undefined) yield [key, value];
    }
  }

  forEach(call: (value: V, key: string, map: ReadonlyMap<string, V>) => void): void {
    for (const [key, value] of this.entries()) call(value, key, this);
  }

  [Symbol.iterator](): MapIterator<[string, V]> {
    return this.entries();
  }
}
