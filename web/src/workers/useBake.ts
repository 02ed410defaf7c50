import type { BakeAsk, PassAsk } from '@every-inch/core/bake/heat';
import type { Form, Heroic } from '@every-inch/core/form';
import { useCallback, useEffect, useRef, useState } from 'react';
import type { OvenAnswer, OvenQuestion } from './bakeMessages.ts';
import { leaveWorker, takeWorker } from './idle.ts';

/** A bake that has been worked through, and a part through all of its bakes. */
export type BakeFound = Extract<OvenAnswer, { kind: 'bake' }>;
export type HistoryFound = Extract<OvenAnswer, { kind: 'history' }>;

/** What the worker has found so far. */
export interface OvenWork<Found> {
  readonly found: readonly Found[];
  /** Minute of the bake that the next answer has come to. */
  readonly minute: number;
  readonly says: string | null;
  readonly isBusy: boolean;
  /** Leaves it at what there is. */
  readonly stop: () => void;
}

/** A change within this time makes the look before it pointless, ms. */
const PAUSE = 120;

/**
 * Has a question answered by a worker of its own; a change of it puts an end to the work on what was before.
 *
 * @param rest all of the question but the form, as text: what is asked is small and made anew each time; null asks nothing
 * @param keeps leaves what was found on show until the next answer comes
 */
function useOvenWorker<Found extends BakeFound | HistoryFound>(
  form: Form,
  rest: string | null,
  keeps: boolean,
): OvenWork<Found> {
  const worker = useRef<Worker | null>(null);
  const isDone = useRef(true);
  const asked = useRef(0);
  const [found, setFound] = useState<readonly Found[]>([]);
  const [minute, setMinute] = useState(0);
  const [says, setSays] = useState<string | null>(null);
  const [isBusy, setIsBusy] = useState(false);
  const leave = useCallback(() => {
    if (worker.current) leaveWorker('bake', worker.current, isDone.current);
    worker.current = null;
  }, []);
  const stop = useCallback(() => {
    leave();
    setIsBusy(false);
  }, [leave]);
  useEffect(() => stop, [stop]);
  useEffect(() => {
    leave();
    if (!keeps) setFound([]);
    setSays(null);
    setIsBusy(rest !== null);
    if (rest === null) return;
    asked.current += 1;
    const id = asked.current;
    let isFirst = true;
    const timer = setTimeout(() => {
      const at = takeWorker('bake');
      worker.current = at;
      isDone.current = false;
      at.onmessage = ({ data }: MessageEvent<OvenAnswer>) => {
        if (data.id !== asked.current) return;
        if (data.kind === 'minute') setMinute(data.minute);
        else if (data.kind === 'fault') setSays(data.says);
        else if (data.kind !== 'outlines') {
          const one = data as Found;
          const isFresh = isFirst;
          isFirst = false;
          setFound((before) => (isFresh ? [one] : [...before, one]));
        }
        if (data.kind === 'fault' || ((data.kind === 'bake' || data.kind === 'history') && data.isLast)) {
          isDone.current = true;
          setIsBusy(false);
        }
      };
      at.onerror = ({ message }) => {
        setSays(`The look at the bake broke off: ${message}`);
        setIsBusy(false);
      };
      const question: OvenQuestion = { id, form, ...JSON.parse(rest) };
      at.postMessage(question);
    }, PAUSE);
    return () => clearTimeout(timer);
  }, [form, rest, keeps, leave]);
  return { found, minute, says, isBusy, stop };
}

/**
 * A bake of a part worked through, one way after another; the last of what was found is the one to show.
 *
 * @param keeps leaves what was found on show until the next answer comes
 */
export function useBake(
  form: Form,
  heroic: Heroic,
  asks: readonly BakeAsk[] | null,
  untilMin: number,
  keeps = false,
): OvenWork<BakeFound> {
  return useOvenWorker(form, asks && JSON.stringify({ kind: 'bake', heroic, asks, untilMin }), keeps);
}

/** All bakes of a part worked through, and how far it reaches out over nothing. */
export function useBakeHistory(
  form: Form,
  heroic: Heroic,
  passes: readonly PassAsk[] | null,
): OvenWork<HistoryFound> {
  return useOvenWorker(form, passes && JSON.stringify({ kind: 'history', heroic, passes }), false);
}
