import { computed, type ReadonlySignal, type Signal, signal } from '@preact/signals-core';

/** A value whose parts are watched one by one. */
export interface Watched<T> {
  /** Reads like the value itself; what is read of it is remembered by whoever reckons. */
  readonly view: T;
  set(value: T): void;
}

/** Which fields of a record are watched deeper than by identity, and how. */
type Deeper<T> = { readonly [K in keyof T]?: (value: T[K]) => Watched<T[K]> };

type Key = string | symbol;

function sameKeys(a: readonly Key[], b: readonly Key[]): boolean {
  return a.length === b.length && a.every((key, i) => key === b[i]);
}

/**
 * A record whose fields are watched one by one. Its view is the same object for as long as the record lasts, so it must not be
 * kept in anything that is to stay as it was.
 */
export function watchRecord<T extends object>(first: T, deeper: Deeper<T> = {}): Watched<T> {
  let raw = first;
  const fields = new Map<Key, Signal<unknown>>();
  const inside = new Map<Key, Watched<unknown>>();
  const keys = signal<readonly Key[]>(Reflect.ownKeys(raw));
  for (const [key, watch] of Object.entries(deeper) as [
    keyof T & string,
    (value: unknown) => Watched<unknown>,
  ][])
    inside.set(key, watch(raw[key]));
  const read = (key: Key): unknown => {
    const nested = inside.get(key);
    if (nested) return nested.view;
    let field = fields.get(key);
    if (!field) {
      field = signal(Reflect.get(raw, key));
      fields.set(key, field);
    }
    return field.value;
  };
  const view = new Proxy({} as T, {
    get: (_, key) => read(key),
    has: (_, key) => keys.value.includes(key),
    ownKeys: () => [...keys.value],
    getOwnPropertyDescriptor: (_, key) =>
      keys.value.includes(key)
        ? { value: read(key), enumerable: true, configurable: true, writable: false }
        : undefined,
    set: () => false,
    deleteProperty: () => false,
  });
  return {
    view,
    set(value) {
      if (value === raw) return;
      raw = value;
      for (const [key, field] of fields) field.value = Reflect.get(value, key);
      for (const [key, nested] of inside) nested.set(Reflect.get(value, key));
      const now = Reflect.ownKeys(value);
      if (!sameKeys(now, keys.peek())) keys.value = now;
    },
  };
}

/** A list of records with ids: each is watched by itself, and so is which there are and in what order. */
export function watchEntries<T extends { readonly id: string }>(
  first: readonly T[],
  watch: (entry: T) => Watched<T>,
): Watched<readonly T[]> & { readonly byId: (id: string) => T | undefined } {
  const entries = new Map<string, Watched<T>>();
  const ids = signal<readonly string[]>([]);
  const set = (list: readonly T[]): void => {
    const there = new Set<string>();
    for (const entry of list) {
      there.add(entry.id);
      const known = entries.get(entry.id);
      if (known) known.set(entry);
      else entries.set(entry.id, watch(entry));
    }
    for (const id of entries.keys()) if (!there.has(id)) entries.delete(id);
    const now = list.map(({ id }) => id);
    if (!sameKeys(now, ids.peek())) ids.value = now;
  };
  set(first);
  const list: ReadonlySignal<readonly T[]> = computed(() =>
    ids.value.flatMap((id) => entries.get(id)?.view ?? []),
  );
  return {
    get view() {
      return list.value;
    },
    set,
    byId: (id) => entries.get(id)?.view,
  };
}
