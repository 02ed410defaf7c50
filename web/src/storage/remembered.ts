/** Names of the pieces on the shelf, in a place that outlives the database when the browser clears it. */
export interface Remembered {
  readonly id: string;
  readonly name: string;
}

const PLACE = 'every-inch/shelf';
const MOST = 500;

function read(): readonly Remembered[] {
  try {
    const found: unknown = JSON.parse(localStorage.getItem(PLACE) ?? '[]');
    return (Array.isArray(found) ? found : []).filter(
      (one): one is Remembered => typeof one?.id === 'string' && typeof one?.name === 'string',
    );
  } catch {
    return [];
  }
}

function write(all: readonly Remembered[]): void {
  try {
    localStorage.setItem(PLACE, JSON.stringify(all.slice(-MOST)));
  } catch {
    // It is for the day that all else is gone; without it that day has no names.
  }
}

/** What was on the shelf by name, so that it can be told what is gone. */
export const remembered = {
  all: read,
  add({ id, name }: Remembered): void {
    const all = read();
    if (all.some((one) => one.id === id && one.name === name)) return;
    write([...all.filter((one) => one.id !== id), { id, name }]);
  },
  forget(...ids: readonly string[]): void {
    const all = read();
    const left = all.filter(({ id }) => !ids.includes(id));
    if (left.length < all.length) write(left);
  },
} as const;
