// @vitest-environment happy-dom
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { type Heard, listenAsOne } from './oneStream.ts';

/** Streams that are open, as the server would count them. */
let open: Stream[] = [];
class Stream extends EventTarget {
  static readonly CLOSED = 2;
  readonly readyState = 1;
  constructor(readonly address: string) {
    super();
    open.push(this);
  }
  close(): void {
    open = open.filter((one) => one !== this);
  }
}

/** Locks that are given one after another, in the order they were asked for. */
function lockQueue() {
  let last: Promise<unknown> = Promise.resolve();
  return {
    request: (_: string, { signal }: { signal: AbortSignal }, work: () => Promise<void>) => {
      const turn = last.then(() => {
        if (signal.aborted) throw new DOMException('aborted', 'AbortError');
        return work();
      });
      last = turn.catch(() => undefined);
      return turn;
    },
  };
}

const SOON = 20_000;
const heard: Record<string, Heard[]> = {};
const tab = (name: string) => {
  heard[name] = [];
  return listenAsOne('/events', (one) => heard[name]?.push(one));
};
const send = (data: string) => open[0]?.dispatchEvent(new MessageEvent('reading', { data }));

beforeEach(() => {
  open = [];
  vi.stubGlobal('EventSource', Stream);
  vi.stubGlobal('navigator', { locks: lockQueue() });
});
afterEach(() => void vi.unstubAllGlobals());

describe('one stream for all tabs', () => {
  it('seven tabs have one, and each hears of every reading', async () => {
    const names = ['a', 'b', 'c', 'd', 'e', 'f', 'g'];
    const stops = names.map(tab);
    await vi.waitFor(() => expect(open).toHaveLength(1), SOON);
    send('12.5');
    for (const name of names)
      await vi.waitFor(() => expect(heard[name]).toContainEqual({ kind: 'reading', data: '12.5' }), SOON);
    for (const stop of stops) stop();
    await vi.waitFor(() => expect(open).toHaveLength(0), SOON);
  });

  it('when the tab that has it is closed the next takes it over; one that was closed before its turn never does', async () => {
    const [stopFirst, stopSecond, stopThird] = ['first', 'second', 'third'].map(tab);
    await vi.waitFor(() => expect(open).toHaveLength(1), SOON);
    stopSecond?.();
    stopFirst?.();
    await vi.waitFor(() => expect(open).toHaveLength(1), SOON);
    send('7');
    await vi.waitFor(() => expect(heard.third).toContainEqual({ kind: 'reading', data: '7' }), SOON);
    expect(heard.second?.filter(({ kind }) => kind === 'reading')).toEqual([]);
    stopThird?.();
    await vi.waitFor(() => expect(open).toHaveLength(0), SOON);
  });

  it('a tab that comes later is told whether there is a bench', async () => {
    const stop = tab('early');
    await vi.waitFor(() => expect(open).toHaveLength(1), SOON);
    open[0]?.dispatchEvent(new Event('open'));
    const stopLate = tab('late');
    await vi.waitFor(() => expect(heard.late).toContainEqual({ kind: 'connected', data: 'yes' }), SOON);
    stop();
    stopLate();
  });
});
