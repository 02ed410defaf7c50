import type { MapsAsk, ShapeMaps } from '@every-inch/core/finish';
import type { Form, Heroic } from '@every-inch/core/form';
import { useEffect, useRef, useState } from 'react';
import { leaveWorker, takeWorker } from './idle.ts';
import type { MapsAnswer, MapsQuestion } from './mapsMessages.ts';

/** What the worker has found of a surface so far. */
export interface MapsWork {
  readonly maps: ShapeMaps | null;
  readonly isFinest: boolean;
  readonly says: string | null;
}

const NOTHING: MapsWork = { maps: null, isFinest: false, says: null };

/** How the surface of a form lies, from a worker: a first look, then finer; a change puts an end to the work before. */
export function useMaps(
  form: Form,
  heroic: Heroic,
  ask: Omit<MapsAsk, 'cellMm'>,
  cellsMm: readonly number[],
): MapsWork {
  const asked = useRef(0);
  const [found, setFound] = useState<MapsWork>(NOTHING);
  // What is asked is small and made anew each time; a form is never changed in place.
  const rest = JSON.stringify({ heroic, ask, cellsMm });
  useEffect(() => {
    asked.current += 1;
    const id = asked.current;
    const worker = takeWorker('maps');
    let isDone = false;
    worker.onmessage = ({ data }: MessageEvent<MapsAnswer>) => {
      if (data.id !== id) return;
      isDone = data.kind === 'fault' || data.isFinest;
      setFound(
        data.kind === 'fault'
          ? { ...NOTHING, says: data.says }
          : { maps: data.maps, isFinest: data.isFinest, says: null },
      );
    };
    worker.onerror = ({ message: says }) => {
      setFound({ ...NOTHING, says: `The look at the surface broke off: ${says}` });
    };
    const message: MapsQuestion = { id, form, ...JSON.parse(rest) };
    worker.postMessage(message);
    return () => leaveWorker('maps', worker, isDone);
  }, [form, rest]);
  return found;
}
