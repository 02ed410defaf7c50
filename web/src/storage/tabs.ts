const CHANNEL = 'every-inch';

type Message = { readonly kind: 'kept' | 'hand-over' | 'shelf'; readonly piece: string };
/** What the other tab gets to keep its last change before the piece is taken over, ms. */
const HAND_OVER = 500;

let channel: BroadcastChannel | null = null;
function line(): BroadcastChannel | null {
  if (typeof BroadcastChannel === 'undefined') return null;
  channel ??= new BroadcastChannel(CHANNEL);
  return channel;
}

/** Tells other tabs that a piece was kept. */
export function announceKept(piece: string): void {
  line()?.postMessage({ kind: 'kept', piece } satisfies Message);
}

function onMessage(kind: Message['kind'], heard: (piece: string) => void): () => void {
  const on = ({ data }: MessageEvent<Message>): void => {
    if (data.kind === kind) heard(data.piece);
  };
  line()?.addEventListener('message', on);
  return () => line()?.removeEventListener('message', on);
}

/** Hears of pieces kept in other tabs. */
export function onKeptElsewhere(heard: (piece: string) => void): () => void {
  return onMessage('kept', heard);
}

/** Tells other tabs that a piece came onto the shelf or went from it. */
export function announceShelf(piece: string): void {
  line()?.postMessage({ kind: 'shelf', piece } satisfies Message);
}

/** Hears that something on the shelf is another now. */
export function onShelfChanged(heard: () => void): () => void {
  return onMessage('shelf', heard);
}

/** Hears that another tab is about to take a piece over. */
export function onHandOver(heard: (piece: string) => void): () => void {
  return onMessage('hand-over', heard);
}

/** Asks the tab that has a piece to keep its last change, and gives it the time. */
export async function askHandOver(piece: string): Promise<void> {
  line()?.postMessage({ kind: 'hand-over', piece } satisfies Message);
  await new Promise((done) => setTimeout(done, HAND_OVER));
}

/** A tab’s hold on a piece. */
export interface Claim {
  /** False when another tab edits it. */
  readonly isMine: boolean;
  release(): void;
}

/**
 * Waits until the tab that edits a piece has let go of it.
 *
 * @param onFree called once, when it can be edited here
 * @returns waits no longer
 */
export function whenFree(piece: string, onFree: () => void): () => void {
  const waiting = new AbortController();
  navigator.locks
    ?.request(`piece/${piece}`, { signal: waiting.signal }, () => undefined)
    // Only when it is let go again here, or this tab would stand in its own way.
    .then(onFree)
    // Waited no longer.
    .catch(() => undefined);
  return () => waiting.abort();
}

/**
 * Asks to be the tab that edits a piece.
 *
 * @param takeOver takes it from the tab that has it
 * @param onLost called when another tab takes it over
 */
export async function claimPiece(piece: string, takeOver: boolean, onLost: () => void): Promise<Claim> {
  // Without locks there is no way to know of other tabs.
  if (!navigator.locks) return { isMine: true, release: () => undefined };
  return new Promise((settle) => {
    let release: () => void = () => undefined;
    const held = new Promise<void>((done) => {
      release = done;
    });
    const options = takeOver ? { steal: true } : { ifAvailable: true };
    navigator.locks
      .request(`piece/${piece}`, options, (lock) => {
        if (!lock) {
          settle({ isMine: false, release });
          return undefined;
        }
        settle({ isMine: true, release });
        return held;
      })
      .catch(onLost);
  });
}
