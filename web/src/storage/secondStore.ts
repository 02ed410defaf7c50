import type { Piece } from '@every-inch/core/piece';

/**
 * A second place of the browser where the newest state of every piece is kept: another store than the database, so that what
 * befalls the one leaves the other.
 */
export interface SecondStore {
  keep(copy: SecondCopy): Promise<void>;
  forget(id: string): Promise<void>;
  copy(id: string): Promise<SecondCopy | null>;
  ids(): Promise<readonly string[]>;
}

/** The newest state of a piece, as it was kept. */
export interface SecondCopy {
  readonly id: string;
  /** When, ISO. */
  readonly at: string;
  readonly piece: Piece;
}

const CACHE = 'every-inch/second-copies';
/** The copies stand under addresses that no page has. */
const ADDRESS = '/second-copies/';

/** No second place. */
export const NOWHERE: SecondStore = {
  keep: async () => undefined,
  forget: async () => undefined,
  copy: async () => null,
  ids: async () => [],
};

function inCache(cache: Cache): SecondStore {
  const addressOf = (id: string) => ADDRESS + encodeURIComponent(id);
  return {
    keep: (copy) => cache.put(addressOf(copy.id), Response.json(copy)),
    forget: async (id) => void (await cache.delete(addressOf(id))),
    async copy(id) {
      const found = await cache.match(addressOf(id));
      return found ? ((await found.json()) as SecondCopy) : null;
    },
    ids: async () =>
      (await cache.keys()).map(({ url }) => decodeURIComponent(url.slice(url.lastIndexOf('/') + 1))),
  };
}

/** Opens the second place; without a secure address a browser has none, and nothing is kept twice. */
export async function openSecondStore(): Promise<SecondStore> {
  try {
    return inCache(await caches.open(CACHE));
  } catch {
    return NOWHERE;
  }
}
