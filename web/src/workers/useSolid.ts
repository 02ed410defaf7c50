import type { CoreAsk, Form, Heroic } from '@every-inch/core/form';
import { useCallback, useEffect, useRef, useState } from 'react';
import { leaveWorker, takeWorker } from './idle.ts';
import type { FileAnswer, SeenQuestion, SolidAnswer, SolidQuestion, StlQuestion } from './solidMessages.ts';

/** A first look within a frame or two, then what the screen can show. */
const CELLS = [15_000, 80_000, 300_000] as const;

/** What the worker has made of a form so far. */
export interface SolidWork {
  /** The coarse solid first, then finer ones; null before the first. */
  readonly answer: SolidAnswer | null;
  /** Whether a finer one is on its way. */
  readonly isBusy: boolean;
  /** Leaves it at what there is. */
  readonly stop: () => void;
}

/**
 * The solid of a form from a worker. A new form puts an end to the work on the old one, in whatever step it is.
 */
export function useSolid(form: Form, heroic: Heroic, core: CoreAsk | null): SolidWork {
  const worker = useRef<Worker | null>(null);
  const isDone = useRef(true);
  const asked = useRef(0);
  const [answer, setAnswer] = useState<SolidAnswer | null>(null);
  const [isBusy, setIsBusy] = useState(true);
  const stop = useCallback(() => {
    if (worker.current) leaveWorker('solid', worker.current, isDone.current);
    worker.current = null;
    setIsBusy(false);
  }, []);
  useEffect(() => stop, [stop]);
  // Forms are never changed in place; the two others are small and made anew each time.
  const rest = JSON.stringify({ heroic, core });
  useEffect(() => {
    asked.current += 1;
    const id = asked.current;
    const at = worker.current ?? takeWorker('solid');
    worker.current = at;
    at.onmessage = ({ data }: MessageEvent<SolidAnswer>) => {
      if (data.id !== asked.current) return;
      setAnswer(data);
      isDone.current = data.kind !== 'solid' || data.step >= data.of;
      setIsBusy(!isDone.current);
    };
    at.onerror = ({ message: says }) => {
      // A worker that broke off is not asked again.
      leaveWorker('solid', at, false);
      worker.current = null;
      isDone.current = true;
      setAnswer({ kind: 'fault', id, says: `The solid broke off: ${says}` });
      setIsBusy(false);
    };
    isDone.current = false;
    setIsBusy(true);
    const message: SolidQuestion = { kind: 'surface', id, form, ...JSON.parse(rest), cells: CELLS };
    at.postMessage(message);
  }, [form, rest]);
  return { answer, isBusy, stop };
}

/** Has a worker make one file, so that the view stays quick. */
export async function askFile(question: StlQuestion | SeenQuestion): Promise<FileAnswer> {
  const worker = takeWorker('solid');
  let isDone = false;
  try {
    const file = await new Promise<FileAnswer>((resolve, reject) => {
      worker.onmessage = ({ data }: MessageEvent<FileAnswer>) => resolve(data);
      worker.onerror = (event) => reject(new Error(event.message));
      worker.postMessage(question);
    });
    isDone = true;
    return file;
  } finally {
    leaveWorker('solid', worker, isDone);
  }
}
