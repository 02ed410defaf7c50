import { keepingChanged, type SessionState } from '../state/sessionSlice.ts';
import { store } from '../state/store.ts';
import type { Drawer, Drawers } from './drawers.ts';

/** The storage is waited for so long before it is said that it does not answer, ms. */
export const ANSWERS_WITHIN = 3000;

type Keeping = SessionState['keeping'];

const FAULTS: readonly Keeping[] = ['full', 'failed', 'slow'];

/** Takes back what was said of the storage. */
function well(): void {
  if (FAULTS.includes(store.getState().session.keeping)) store.dispatch(keepingChanged('kept'));
}

/** Says that something could not be kept, and why. */
export function sayUnkept(error: unknown): void {
  const isFull = error instanceof DOMException && error.name === 'QuotaExceededError';
  store.dispatch(keepingChanged(isFull ? 'full' : 'failed'));
}

/** Waits for the storage, and says so once it takes too long. */
export async function saidWhenSlow<T>(work: Promise<T>): Promise<T> {
  const timer = setTimeout(() => store.dispatch(keepingChanged('slow')), ANSWERS_WITHIN);
  try {
    const answer = await work;
    if (store.getState().session.keeping === 'slow') well();
    return answer;
  } finally {
    clearTimeout(timer);
  }
}

function watched(drawer: Drawer): Drawer {
  const write = async (work: Promise<void>): Promise<void> => {
    try {
      await saidWhenSlow(work);
      well();
    } catch (error) {
      sayUnkept(error);
      throw error;
    }
  };
  return {
    get: (key) => saidWhenSlow(drawer.get(key)),
    keys: () => saidWhenSlow(drawer.keys()),
    set: (key, value) => write(drawer.set(key, value)),
    remove: (key) => write(drawer.remove(key)),
  };
}

/** Drawers whose every write that fails, and every answer that does not come, is said: nothing is kept past them. */
export function watchedDrawers({ lasting, ...drawers }: Drawers): Drawers {
  const all = Object.entries(drawers).map(([name, drawer]) => [name, watched(drawer)] as const);
  return { ...Object.fromEntries(all), lasting } as Drawers;
}
