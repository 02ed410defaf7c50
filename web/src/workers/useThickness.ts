import type { ThicknessMap } from '@every-inch/core/bulk';
import type { Form, Heroic } from '@every-inch/core/form';
import { useCallback, useEffect, useRef, useState } from 'react';
import { leaveWorker, takeWorker } from './idle.ts';
import type { ThicknessAnswer, ThicknessQuestion } from './solidMessages.ts';

/** What the worker has found so far. */
export interface ThicknessWork {
  readonly map: ThicknessMap | null;
  readonly isFinest: boolean;
  /** Share of the finest map that is done. */
  readonly share: number;
  readonly says: string | null;
  /** Leaves it at what there is. */
  readonly stop: () => void;
  readonly isBusy: boolean;
}

type Found = Pick<ThicknessWork, 'map' | 'isFinest' | 'share' | 'says'>;
const NOTHING: Found = { map: null, isFinest: false, share: 0, says: null };

/** Thickness of a part’s clay from a worker; a change puts an end to the work on what was before. */
export function useThickness(
  form: Form,
  heroic: Heroic,
  ask: ThicknessQuestion['ask'],
  cells: readonly number[],
): ThicknessWork {
  const worker = useRef<Worker | null>(null);
  const isDone = useRef(true);
  const asked = useRef(0);
  const [found, setFound] = useState<Found>(NOTHING);
  const [isBusy, setIsBusy] = useState(true);
  const leave = useCallback(() => {
    if (worker.current) leaveWorker('thickness', worker.current, isDone.current);
    worker.current = null;
  }, []);
  const stop = useCallback(() => {
    leave();
    setIsBusy(false);
  }, [leave]);
  useEffect(() => stop, [stop]);
  // What is asked is small and made anew each time; a form is never changed in place.
  const rest = JSON.stringify({ heroic, ask, cells });
  useEffect(() => {
    asked.current += 1;
    const id = asked.current;
    // A fine map that is no longer wanted takes a second: it is not waited for.
    leave();
    const at = takeWorker('thickness');
    worker.current = at;
    isDone.current = false;
    at.onmessage = ({ data }: MessageEvent<ThicknessAnswer>) => {
      if (data.id !== asked.current) return;
      if (data.kind === 'share') setFound((now) => ({ ...now, share: data.share }));
      else if (data.kind === 'fault') setFound({ ...NOTHING, says: data.says });
      else setFound({ map: data.map, isFinest: data.isFinest, share: data.isFinest ? 1 : 0, says: null });
      if (data.kind === 'fault' || (data.kind === 'map' && data.isFinest)) {
        isDone.current = true;
        setIsBusy(false);
      }
    };
    at.onerror = ({ message: says }) => {
      setFound({ ...NOTHING, says: `The look through the clay broke off: ${says}` });
      setIsBusy(false);
    };
    setIsBusy(true);
    const message: ThicknessQuestion = {
      kind: 'thickness',
      id,
      form,
      core: null,
      ...JSON.parse(rest),
    };
    at.postMessage(message);
  }, [form, rest, leave]);
  return { ...found, isBusy, stop };
}
