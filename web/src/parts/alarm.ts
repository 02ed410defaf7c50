/** Pitch and length of a tone, Hz and s. */
const PITCH = 880;
const LONG = 0.6;
/** Pattern of a shake, ms on and off. */
const SHAKE = [400, 200, 400, 200, 400];

/** A short tone; a browser that lets none sound stays still. */
function tone(): void {
  try {
    const audio = new AudioContext();
    const [pitch, loudness] = [audio.createOscillator(), audio.createGain()];
    pitch.frequency.value = PITCH;
    loudness.gain.value = 0.3;
    pitch.connect(loudness).connect(audio.destination);
    pitch.start();
    pitch.stop(audio.currentTime + LONG);
    pitch.onended = () => void audio.close();
  } catch {
    // No sound device: the clock on screen and the notice are still there.
  }
}

/** Sounds once, and shakes what can be shaken. */
export function sound(): void {
  tone();
  navigator.vibrate?.(SHAKE);
}

/** Puts a notice where the system shows them, if it may. */
export function notice(says: string): void {
  try {
    if ('Notification' in window && Notification.permission === 'granted') new Notification(says);
  } catch {
    // Some phones let only a service worker put up notices.
    navigator.serviceWorker?.ready.then((worker) => worker.showNotification(says)).catch(() => undefined);
  }
}

/**
 * Keeps the screen awake while it is wanted and the page is in sight.
 *
 * @returns lets it sleep again
 */
export function keepAwake(): () => void {
  let lock: WakeLockSentinel | null = null;
  let isOver = false;
  const ask = async (): Promise<void> => {
    if (isOver || document.visibilityState !== 'visible') return;
    try {
      lock = (await navigator.wakeLock?.request('screen')) ?? null;
      if (isOver) await lock?.release();
    } catch {
      // A battery that is low, or a browser without: the screen goes dark as it always does.
    }
  };
  void ask();
  document.addEventListener('visibilitychange', ask);
  return () => {
    isOver = true;
    document.removeEventListener('visibilitychange', ask);
    lock?.release().catch(() => undefined);
  };
}
