import { registerSW } from 'virtual:pwa-register';
import { toast } from 'sonner';
import { store } from '../state/store.ts';

/** Calls once no clock runs: a page is not loaded anew while something is in the oven. */
function whenNoClockRuns(then: () => void): void {
  if (store.getState().workshop.bake === null) {
    then();
    return;
  }
  const stop = store.subscribe(() => {
    if (store.getState().workshop.bake !== null) return;
    stop();
    then();
  });
}

/** Has the browser keep the whole application, so that it opens without network; a newer version is offered, never forced. */
export function keepApplication(): void {
  const update = registerSW({
    onNeedRefresh: () =>
      whenNoClockRuns(() =>
        toast('A newer Every Inch is here. What you have open stays as it is.', {
          duration: Number.POSITIVE_INFINITY,
          action: { label: 'Take it now', onClick: () => void update(true) },
        }),
      ),
    // A browser that keeps no application still runs it.
    onRegisterError: () => undefined,
  });
}
