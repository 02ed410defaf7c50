import { bakeStage, clockText } from '@every-inch/core/bake';
import { useEffect, useRef } from 'react';
import { Link } from 'react-router';
import { toast } from 'sonner';
import { useNow } from '../parts/useNow.ts';
import { useAppSelector } from '../state/store.ts';

/** A short tone; a browser that lets none sound stays still. */
function tone(): void {
  try {
    const audio = new AudioContext();
    const [pitch, loudness] = [audio.createOscillator(), audio.createGain()];
    pitch.frequency.value = 880;
    loudness.gain.value = 0.2;
    pitch.connect(loudness).connect(audio.destination);
    pitch.start();
    pitch.stop(audio.currentTime + 0.6);
    pitch.onended = () => void audio.close();
  } catch {
    // No sound device: the clock on screen and the notice are still there.
  }
}

function notify(says: string): void {
  tone();
  toast(says, { duration: 60_000 });
  if ('Notification' in window && Notification.permission === 'granted') new Notification(says);
}

/** The bake that is going on, in the head of every stage: how long it still is in, or how far it is over. */
export function RunningBake() {
  const bake = useAppSelector((state) => state.workshop.bake);
  const now = useNow(1000, bake !== null);
  const stage = bake && bakeStage(bake, now).stage;
  const before = useRef(stage);
  useEffect(() => {
    if (before.current === 'in' && stage === 'over' && bake)
      notify(`${bake.what}: the time is up, out of the heat.`);
    if (before.current === 'cooling' && stage === 'cool' && bake)
      notify(`${bake.what} is cool enough to be handled.`);
    before.current = stage;
  }, [stage, bake]);
  if (!bake) return null;
  const { ms } = bakeStage(bake, now);
  const says = { in: 'in the oven', over: 'OVER', cooling: 'cooling', cool: 'cool' }[stage ?? 'in'];
  return (
    <Link
      to={`/piece/${bake.pieceId}/bake`}
      className={`whitespace-nowrap border px-2 py-0.5 ${stage === 'over' ? 'border-wont text-wont' : 'border-fired text-fired'}`}
      aria-label={`Bake of ${bake.what}: ${says} ${clockText(ms)}`}
      title={`${bake.what}, ${bake.pieceName}`}
    >
      {says} <span className="figure">{clockText(ms)}</span>
    </Link>
  );
}
