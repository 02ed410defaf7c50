import { lowWaterFerry, tollFrogs } from '@every-inch/core/demo';
import { setAt } from '@every-inch/core/piece';
import type { Remote } from 'comlink';
import { describe, expect, it } from 'vitest';
import { type DeskThread, SpineClient } from './client.ts';
import type { Desk, Told } from './messages.ts';

const NOW = '2026-05-01T09:00:00Z';

/** A thread that only writes down what is asked of it. */
function written() {
  const calls: [name: string, asked: unknown][] = [];
  const ends: number[] = [];
  let tell: (told: Told) => void = () => undefined;
  let fail: (says: string) => void = () => undefined;
  let opened = 0;
  const openThread = (): DeskThread => {
    opened += 1;
    const desk = new Proxy({} as Remote<Desk>, {
      get: (_, name) =>
        name === 'then'
          ? undefined
          : (...asked: unknown[]) => {
              calls.push([String(name), asked[0]]);
              return Promise.resolve(name === 'open' ? ['one'] : undefined);
            },
    });
    return {
      desk,
      onTold: (listener) => {
        tell = listener;
      },
      onBroken: (listener) => {
        fail = listener;
      },
      end: () => ends.push(opened),
    };
  };
  const said: string[] = [];
  const client = new SpineClient(openThread, (says) => said.push(says));
  return {
    client,
    calls,
    said,
    ends,
    names: () => calls.map(([name]) => name),
    tell: (told: Partial<Told>) =>
      tell({
        kind: 'told',
        revision: 1,
        cells: [],
        shapes: [],
        gone: [],
        answers: [],
        settled: [],
        ...told,
      }),
    fail: (says: string) => fail(says),
    get opened() {
      return opened;
    },
  };
}

describe('the client of the spine', () => {
  const ferry = lowWaterFerry(NOW);
  const on = { piece: ferry, workshopOwn: {}, now: NOW };

  it('opens a piece whole, then sends only what differs', () => {
    const { client, calls, names } = written();
    client.follow(on);
    expect(names()).toEqual(['watch', 'open']);
    client.follow({ ...on, piece: setAt(ferry, ['name'], 'Ebb') });
    expect(calls.at(-1)).toEqual(['change', { revision: 2, piece: { fields: { name: 'Ebb' }, parts: {} } }]);
  });

  it('says nothing where nothing has changed', () => {
    const { client, names } = written();
    client.follow(on);
    client.follow({ ...on });
    expect(names()).toEqual(['watch', 'open']);
  });

  it('opens another piece anew', () => {
    const { client, names } = written();
    client.follow(on);
    client.follow({ ...on, piece: tollFrogs(NOW) });
    expect(names()).toEqual(['watch', 'open', 'watch', 'open']);
  });

  it('starts no thread before there is a piece, unless it is warmed', () => {
    const thread = written();
    thread.client.follow({ piece: null, workshopOwn: {}, now: '' });
    expect(thread.opened).toBe(0);
    thread.client.warm();
    thread.client.warm();
    expect(thread.opened).toBe(1);
  });

  it('shows an answer once however many use it, and lets it go with the last', () => {
    const { client, names } = written();
    client.follow(on);
    const [one, other] = [client.show('k', 'size.outline', {}), client.show('k', 'size.outline', {})];
    one();
    expect(names().filter((name) => name === 'hide')).toEqual([]);
    other();
    expect(names().filter((name) => name === 'show' || name === 'hide')).toEqual(['show', 'hide']);
  });

  it('starts a thread that broke off again with all that is shown, and says so', () => {
    const thread = written();
    thread.client.follow(on);
    thread.client.show('k', 'size.outline', { part: 'post' });
    thread.calls.length = 0;
    thread.fail('out of memory');
    expect(thread.opened).toBe(2);
    expect(thread.ends).toEqual([1]);
    expect(thread.names()).toEqual(['watch', 'open', 'show']);
    expect(thread.said).toEqual([expect.stringContaining('out of memory')]);
  });

  it('does not start a thread again for ever', () => {
    const thread = written();
    thread.client.follow(on);
    for (let i = 0; i < 6; i += 1) thread.fail('no code');
    expect(thread.opened).toBe(4);
    expect(thread.said.at(-1)).toContain('is kept all the same');
  });

  it('takes what is told by the thread it has, and nothing of one that is gone', () => {
    const thread = written();
    thread.client.follow(on);
    thread.tell({ settled: 'all' });
    expect(thread.client.figures.isSettled('size', 1)).toBe(true);
    expect(thread.client.figures.isSettled('size', 2)).toBe(false);
  });
});
