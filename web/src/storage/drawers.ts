import localforage from 'localforage';

/** A place where values are kept by key. */
export interface Drawer {
  get<T>(key: string): Promise<T | null>;
  set(key: string, value: unknown): Promise<void>;
  remove(key: string): Promise<void>;
  keys(): Promise<string[]>;
}

function memoryDrawer(): Drawer {
  const held = new Map<string, unknown>();
  return {
    get: async <T>(key: string) => (held.get(key) as T | undefined) ?? null,
    set: async (key, value) => void held.set(key, structuredClone(value)),
    remove: async (key) => void held.delete(key),
    keys: async () => [...held.keys()],
  };
}

async function browserDrawer(name: string): Promise<Drawer> {
  const box = localforage.createInstance({
    name: 'every-inch',
    storeName: name,
    driver: localforage.INDEXEDDB,
  });
  await box.ready();
  return {
    get: (key) => box.getItem(key),
    set: async (key, value) => void (await box.setItem(key, value)),
    remove: (key) => box.removeItem(key),
    keys: () => box.keys(),
  };
}

const NAMES = ['heads', 'pieces', 'revisions', 'pictures', 'settings', 'quarantine'] as const;

/** All drawers, and whether what is put in them outlives the tab. */
export interface Drawers extends Record<(typeof NAMES)[number], Drawer> {
  readonly lasting: boolean;
}

/** Opens the browser’s storage; where there is none, the same drawers in memory. */
export async function openDrawers(): Promise<Drawers> {
  try {
    const made: Drawer[] = [];
    // One after another: each store is a version change of the one database.
    for (const name of NAMES) made.push(await browserDrawer(name));
    const [first] = made;
    await first?.keys();
    return { ...Object.fromEntries(NAMES.map((name, i) => [name, made[i]])), lasting: true } as Drawers;
  } catch {
    return { ...Object.fromEntries(NAMES.map((name) => [name, memoryDrawer()])), lasting: false } as Drawers;
  }
}
