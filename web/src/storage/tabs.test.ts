// @vitest-environment happy-dom
import { afterEach, describe, expect, it, vi } from 'vitest';
import { announceKept, askHandOver, claimPiece, onHandOver, onKeptElsewhere } from './tabs.ts';

type Grant = (lock: object | null) => Promise<void> | undefined;

/** Locks as the browser has them, for the two ways in which they are asked for. */
function fakeLocks() {
  const held = new Map<string, (reason: Error) => void>();
  return {
    request: (name: string, options: { steal?: boolean; ifAvailable?: boolean }, grant: Grant) => {
      if (options.steal) held.get(name)?.(new Error('stolen'));
      else if (held.has(name)) return Promise.resolve(grant(null));
      return new Promise<void>((done, fail) => {
        held.set(name, fail);
        const free = () => {
          if (held.get(name) === fail) held.delete(name);
          done();
        };
        void grant({ name })?.then(free);
      });
    },
  };
}

const other = new BroadcastChannel('every-inch');
const heard = (message: unknown) =>
  new Promise<unknown>((resolve) => {
    other.addEventListener('message', ({ data }: MessageEvent) => resolve(data), { once: true });
    void message;
  });

afterEach(() => {
  vi.unstubAllGlobals();
  vi.useRealTimers();
});

describe('one tab edits a piece', () => {
  it('the first has it, the second reads, and once it is let go the next has it', async () => {
    vi.stubGlobal('navigator', { locks: fakeLocks() });
    const lost = vi.fn();
    const first = await claimPiece('ferry', false, lost);
    const second = await claimPiece('ferry', false, lost);
    const elsewhere = await claimPiece('frogs', false, lost);
    expect([first.isMine, second.isMine, elsewhere.isMine]).toEqual([true, false, true]);
    first.release();
    await Promise.resolve();
    await Promise.resolve();
    expect((await claimPiece('ferry', false, lost)).isMine).toBe(true);
    expect(lost).not.toHaveBeenCalled();
  });

  it('a tab that takes it over has it, and the one that had it is told', async () => {
    vi.stubGlobal('navigator', { locks: fakeLocks() });
    const lost = vi.fn();
    await claimPiece('ferry', false, lost);
    const taker = await claimPiece('ferry', true, vi.fn());
    await vi.waitFor(() => expect(lost).toHaveBeenCalledOnce(), 20_000);
    expect(taker.isMine).toBe(true);
  });

  it('where the browser has no locks it is this tab’s', async () => {
    vi.stubGlobal('navigator', {});
    expect((await claimPiece('ferry', false, vi.fn())).isMine).toBe(true);
  });
});

describe('tabs tell each other', () => {
  it('what was kept here, and hear what was kept there, until they stop', async () => {
    const coming = heard('kept');
    announceKept('ferry');
    expect(await coming).toEqual({ kind: 'kept', piece: 'ferry' });
    const [kept, handOver] = [vi.fn(), vi.fn()];
    const stops = [onKeptElsewhere(kept), onHandOver(handOver)];
    other.postMessage({ kind: 'kept', piece: 'frogs' });
    await vi.waitFor(() => expect(kept).toHaveBeenCalledWith('frogs'), 20_000);
    expect(handOver).not.toHaveBeenCalled();
    for (const stop of stops) stop();
    other.postMessage({ kind: 'hand-over', piece: 'frogs' });
    await new Promise((resolve) => setTimeout(resolve, 30));
    expect(handOver).not.toHaveBeenCalled();
  });

  it('that one is about to take over, and give the other half a second for its last change', async () => {
    const coming = heard('hand-over');
    vi.useFakeTimers();
    const taken = vi.fn();
    const asking = askHandOver('ferry').then(taken);
    await vi.advanceTimersByTimeAsync(499);
    expect(taken).not.toHaveBeenCalled();
    await vi.advanceTimersByTimeAsync(1);
    await asking;
    expect(taken).toHaveBeenCalledOnce();
    vi.useRealTimers();
    expect(await coming).toEqual({ kind: 'hand-over', piece: 'ferry' });
  });
});
