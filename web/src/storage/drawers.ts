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

const DATABASE = 'every-inch';
const NAMES = ['heads', 'pieces', 'revisions', 'pictures', 'settings', 'quarantine'] as const;
/** Where the storage library looks whether blobs can be kept; made with the others, or it would change the database once more. */
const LOOKED_FOR = 'local-forage-detect-blob-support';

/**
 * Has every change of the database on the disk before it is said to be done: by itself the browser says so as soon as the system
 * has it, and a power cut then takes the last seconds. The storage library has no setting for it.
 */
function writeStrictly(): void {
  const { transaction } = IDBDatabase.prototype;
  IDBDatabase.prototype.transaction = function strict(stores, mode, options) {
    const own = mode === 'readwrite' && this.name === DATABASE ? { durability: 'strict' as const } : {};
    return transaction.call(this, stores, mode, { ...own, ...options });
  };
}

/**
 * Makes the database with all its stores in one change of it. Left to the library each store is a change of its own, and a tab
 * that is killed between two of them leaves a database that is still being made.
 */
function makeDatabase(): Promise<void> {
  return new Promise((settle, refuse) => {
    const opening = indexedDB.open(DATABASE);
    opening.onupgradeneeded = ({ oldVersion }) => {
      if (oldVersion !== 0) return;
      for (const name of [...NAMES, LOOKED_FOR]) opening.result.createObjectStore(name);
    };
    opening.onsuccess = () => {
      opening.result.close();
      settle();
    };
    opening.onerror = () => refuse(opening.error);
    opening.onblocked = () =>
      refuse(new DOMException('the storage is held by another tab', 'InvalidStateError'));
  });
}

async function browserDrawer(name: string): Promise<Drawer> {
  const box = localforage.createInstance({
    name: DATABASE,
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

/** All drawers, and whether what is put in them outlives the tab. */
export interface Drawers extends Record<(typeof NAMES)[number], Drawer> {
  readonly lasting: boolean;
}

function drawersFrom(made: readonly Drawer[], rest: Pick<Drawers, 'lasting'>): Drawers {
  return { ...Object.fromEntries(NAMES.map((name, i) => [name, made[i]])), ...rest } as Drawers;
}

/** The same drawers in memory, for a browser that keeps nothing. */
export function drawersInMemory(): Drawers {
  return drawersFrom(NAMES.map(memoryDrawer), { lasting: false });
}

let isStrict = false;

/** Opens the browser’s storage; where there is none, the same drawers in memory. */
export async function openDrawers(): Promise<Drawers> {
  try {
    if (!isStrict) writeStrictly();
    isStrict = true;
    await makeDatabase();
    const made: Drawer[] = [];
    for (const name of NAMES) made.push(await browserDrawer(name));
    const [first] = made;
    await first?.keys();
    return drawersFrom(made, { lasting: true });
  } catch {
    return drawersInMemory();
  }
}
