// @vitest-environment happy-dom
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { store } from '../state/store.ts';
import { workshopChanged } from '../state/workshopSlice.ts';
import { RUNNING_BAKE } from '../testing/runningBake.ts';
import { hearBake, tellBake } from './bakeChannel.ts';

const BAKE = RUNNING_BAKE;
const SOON = 20_000;
const bakeNow = () => store.getState().workshop.bake;

let other: BroadcastChannel;
let stop: () => void;
const heard: unknown[] = [];
beforeEach(() => {
  heard.length = 0;
  other = new BroadcastChannel('every-inch-bake');
  other.onmessage = ({ data }) => heard.push(data);
  store.dispatch(workshopChanged({ bake: null }));
  stop = hearBake();
});
afterEach(() => {
  stop();
  other.close();
});

describe('the bake in other tabs', () => {
  it('is told when it has changed, and only then', async () => {
    tellBake(BAKE);
    tellBake({ ...BAKE });
    tellBake({ ...BAKE, holdMin: 25 });
    tellBake(null);
    await vi.waitFor(() => expect(heard).toHaveLength(3), SOON);
    expect(heard).toEqual([BAKE, { ...BAKE, holdMin: 25 }, null]);
  });

  it('that another tab starts, moves and ends is this one’s as well, and is not told back', async () => {
    other.postMessage(BAKE);
    await vi.waitFor(() => expect(bakeNow()).toEqual(BAKE), SOON);
    tellBake(bakeNow());
    other.postMessage({ ...BAKE, outAt: '2026-05-01T09:20:00Z' });
    await vi.waitFor(() => expect(bakeNow()?.outAt).toBe('2026-05-01T09:20:00Z'), SOON);
    other.postMessage(null);
    await vi.waitFor(() => expect(bakeNow()).toBeNull(), SOON);
    expect(heard).toEqual([]);
  });

  it('what is no bake is not taken', async () => {
    other.postMessage(BAKE);
    await vi.waitFor(() => expect(bakeNow()).toEqual(BAKE), SOON);
    other.postMessage({ what: 'nonsense' });
    other.postMessage('stop');
    other.postMessage({ ...BAKE, holdMin: 21 });
    await vi.waitFor(() => expect(bakeNow()?.holdMin).toBe(21), SOON);
  });
});
