/** What a worker is for. */
type Kind = 'solid' | 'thickness' | 'bake' | 'maps';

const OPEN: Readonly<Record<Kind, () => Worker>> = {
  solid: () => new Worker(new URL('./solid.worker.ts', import.meta.url), { type: 'module' }),
  thickness: () => new Worker(new URL('./thickness.worker.ts', import.meta.url), { type: 'module' }),
  maps: () => new Worker(new URL('./maps.worker.ts', import.meta.url), { type: 'module' }),
  bake: () => new Worker(new URL('./bake.worker.ts', import.meta.url), { type: 'module' }),
};

/** Workers that have answered: what they have built of a form stays with them for the next question about it. */
const idle = new Map<Kind, Worker>();

/** A worker that is nobody else’s until it is left: one that waits, or else a new one. */
export function takeWorker(kind: Kind): Worker {
  const waiting = idle.get(kind);
  idle.delete(kind);
  return waiting ?? OPEN[kind]();
}

/**
 * Gives a worker back. One that is still at work on what nobody waits for any more is ended, as is a second that waits.
 *
 * @param isDone it has answered all that it was asked
 */
export function leaveWorker(kind: Kind, worker: Worker, isDone: boolean): void {
  worker.onmessage = null;
  worker.onerror = null;
  if (isDone && !idle.has(kind)) idle.set(kind, worker);
  else worker.terminate();
}
