import { type RunningBake, readRunningBake } from '@every-inch/core/bake';
import { store } from '../state/store.ts';
import { workshopChanged } from '../state/workshopSlice.ts';

/** Other tabs of the same browser: one bake is one bake in all of them. */
const channel = typeof BroadcastChannel === 'undefined' ? null : new BroadcastChannel('every-inch-bake');
let told = JSON.stringify(null);

/** Tells other tabs of the bake that is going on, when it has changed here. */
export function tellBake(bake: RunningBake | null): void {
  const now = JSON.stringify(bake);
  if (now === told) return;
  told = now;
  channel?.postMessage(bake);
}

/**
 * Takes over what another tab says of the bake.
 *
 * @returns stops listening
 */
export function hearBake(): () => void {
  told = JSON.stringify(store.getState().workshop.bake);
  if (!channel) return () => {};
  channel.onmessage = ({ data }: MessageEvent<unknown>) => {
    const bake = data === null ? null : readRunningBake(data);
    if (data !== null && bake === null) return;
    told = JSON.stringify(bake);
    store.dispatch(workshopChanged({ bake }));
  };
  return () => {
    channel.onmessage = null;
  };
}
