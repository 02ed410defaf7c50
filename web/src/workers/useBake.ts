import type { BakeAsk } from '@every-inch/core/bake/heat';
import type { Form, Heroic } from '@every-inch/core/form';
import { useCallback, useEffect, useRef, useState } from 'react';
import type { BakeAnswer, BakeQuestion } from './bakeMessages.ts';

/** A bake that has been worked through. */
export type BakeFound = Extract<BakeAnswer, { kind: 'bake' }>;

/** What the worker has found so far. */
export interface BakeWork {
  readonly found: BakeFound | null;
  /** Minute of the bake that the next answer has come to. */
  readonly minute: number;
  readonly says: string | null;
  readonly isBusy: boolean;
  /** Leaves it at what there is. */
  readonly stop: () => void;
}

/** A change within this time makes the look before it pointless, ms. */
const PAUSE = 120;

/** A bake of a part worked through in a worker; a change puts an end to the work on what was before. */
export function useBake(
  form: Form,
  heroic: Heroic,
  asks: readonly BakeAsk[] | null,
  untilMin: number,
): BakeWork {
  const worker = useRef<Worker | null>(null);
  const asked = useRef(0);
  const [found, setFound] = useState<BakeFound | null>(null);
  const [minute, setMinute] = useState(0);
  const [says, setSays] = useState<string | null>(null);
  const [isBusy, setIsBusy] = useState(false);
  const stop = useCallback(() => {
    worker.current?.terminate();
    worker.current = null;
    setIsBusy(false);
  }, []);
  useEffect(() => stop, [stop]);
  // What is asked is small and made anew each time; a form is never changed in place.
  const rest = asks && JSON.stringify({ heroic, asks, untilMin });
  useEffect(() => {
    worker.current?.terminate();
    worker.current = null;
    setFound(null);
    setSays(null);
    setIsBusy(rest !== null);
    if (rest === null) return;
    asked.current += 1;
    const id = asked.current;
    const timer = setTimeout(() => {
      const at = new Worker(new URL('./bake.worker.ts', import.meta.url), { type: 'module' });
      worker.current = at;
      at.onmessage = ({ data }: MessageEvent<BakeAnswer>) => {
        if (data.id !== asked.current) return;
        if (data.kind === 'minute') setMinute(data.minute);
        else if (data.kind === 'fault') setSays(data.says);
        else setFound(data);
        if (data.kind === 'fault' || (data.kind === 'bake' && data.isFinest)) setIsBusy(false);
      };
      at.onerror = ({ message }) => {
        setSays(`The look at the bake broke off: ${message}`);
        setIsBusy(false);
      };
      const question: BakeQuestion = { id, form, ...JSON.parse(rest) };
      at.postMessage(question);
    }, PAUSE);
    return () => clearTimeout(timer);
  }, [form, rest]);
  return { found, minute, says, isBusy, stop };
}
