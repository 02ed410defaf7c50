// @vitest-environment happy-dom
import { act, cleanup, render, screen } from '@testing-library/react';
import { Provider } from 'react-redux';
import { MemoryRouter } from 'react-router';
import { toast } from 'sonner';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { store } from '../state/store.ts';
import { workshopChanged } from '../state/workshopSlice.ts';
import { press } from '../testing/bench.tsx';
import { RUNNING_BAKE } from '../testing/runningBake.ts';
import { ClockStrip } from './ClockStrip.tsx';

vi.mock('sonner', () => ({ toast: vi.fn() }));

const AT = Date.parse(RUNNING_BAKE.startedAt);
const MIN = 60_000;
const strip = () => document.querySelector('aside[aria-label=Clocks]');
const link = () => strip()?.querySelector('a')?.getAttribute('aria-label') ?? null;
const said = () => vi.mocked(toast).mock.calls.map(([says]) => String(says));
let tones = 0;
let awake = 0;

beforeEach(() => {
  [tones, awake] = [0, 0];
  vi.mocked(toast).mockClear();
  document.title = 'Every Inch';
  vi.useFakeTimers({ now: AT + 5 * MIN });
  vi.stubGlobal(
    'AudioContext',
    class {
      currentTime = 0;
      destination = {};
      createOscillator = () => ({
        frequency: {},
        connect: (to: unknown) => to,
        start: () => {
          tones += 1;
        },
        stop: () => undefined,
      });
      createGain = () => ({ gain: {}, connect: (to: unknown) => to });
      close = async () => undefined;
    },
  );
  Object.defineProperty(navigator, 'wakeLock', {
    configurable: true,
    value: {
      request: async () => {
        awake += 1;
        return {
          release: async () => {
            awake -= 1;
          },
        };
      },
    },
  });
});
afterEach(() => {
  act(() => void store.dispatch(workshopChanged({ bake: null })));
  cleanup();
  vi.useRealTimers();
  vi.unstubAllGlobals();
});

function anyPage() {
  render(
    <Provider store={store}>
      <MemoryRouter>
        <ClockStrip />
        <h1>Any page</h1>
      </MemoryRouter>
    </Provider>,
  );
}
const pass = (minutes: number) => act(() => vi.advanceTimersByTimeAsync(minutes * MIN));
const start = (change = {}) =>
  act(() => void store.dispatch(workshopChanged({ bake: { ...RUNNING_BAKE, ...change } })));

describe('the strip of clocks', () => {
  it('is there while something is in the oven, in the title too, and holds the screen awake', async () => {
    anyPage();
    expect(strip()).toBeNull();
    start();
    await pass(0);
    expect(link()).toBe('Bake of Goose: in the oven 15:00');
    expect(document.title).toBe('in the oven 15:00 · Every Inch');
    expect(awake).toBe(1);
    await pass(5);
    expect(link()).toBe('Bake of Goose: in the oven 10:00');
    act(() => void store.dispatch(workshopChanged({ bake: null })));
    await pass(0);
    expect(strip()).toBeNull();
    expect(document.title).toBe('Every Inch');
    expect(awake).toBe(0);
  });

  it('calls when the time is up, again and again until it is heard', async () => {
    anyPage();
    start();
    await pass(14.9);
    expect(tones).toBe(0);
    await pass(0.2);
    expect(tones).toBe(1);
    expect(said().join()).toContain('Goose: the time is up, out of the heat.');
    await pass(1);
    expect(tones).toBeGreaterThan(3);
    press('Quiet');
    const heard = tones;
    await pass(3);
    expect(tones).toBe(heard);
    press('Out of the heat');
    await pass(0);
    expect(link()).toContain('cooling');
    expect(store.getState().workshop.bake?.outAt).not.toBeNull();
    await pass(20.1);
    expect(link()).toContain('Goose: cool');
    expect(said().join()).toContain('cool enough to be handled');
  });

  it('one that was missed while no page was open is said with what to look at', async () => {
    vi.setSystemTime(AT + 140 * MIN);
    anyPage();
    start();
    await pass(0);
    expect(link()).toBe('Bake of Goose: OVER 2:00:00');
    expect(said().join()).toMatch(/was up 2:00:00 ago and no page was open.*browning/);
    expect(tones).toBe(1);
  });

  it('a machine’s clock that was put back is no time to go by', async () => {
    vi.setSystemTime(AT - 365 * 24 * 60 * MIN);
    anyPage();
    start();
    await pass(0);
    expect(link()).toBe('Bake of Goose: in the oven –');
    expect(screen.getByText(/clock was put back: go by another/)).toBeDefined();
  });
});
