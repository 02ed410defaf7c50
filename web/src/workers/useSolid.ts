import type { CoreDepth, Form, Heroic } from '@every-inch/core/form';
import { useEffect, useRef, useState } from 'react';
import type { SolidAnswer, SolidQuestion } from './solidMessages.ts';

/** A first look within a frame or two, then what the screen can show. */
const CELLS = [15_000, 250_000] as const;

/** The solid of a form from the worker: the coarse one first, then the fine one; null before the first. */
export function useSolid(form: Form, heroic: Heroic, core: CoreDepth | null): SolidAnswer | null {
  const worker = useRef<Worker | null>(null);
  const asked = useRef(0);
  const [answer, setAnswer] = useState<SolidAnswer | null>(null);
  useEffect(() => {
    const made = new Worker(new URL('./solid.worker.ts', import.meta.url), { type: 'module' });
    made.onmessage = ({ data }: MessageEvent<SolidAnswer>) => {
      if (data.id === asked.current) setAnswer(data);
    };
    worker.current = made;
    return () => {
      made.terminate();
      worker.current = null;
    };
  }, []);
  // Forms are never changed in place; the two others are small and made anew each time.
  const rest = JSON.stringify({ heroic, core });
  useEffect(() => {
    asked.current += 1;
    const message: SolidQuestion = { id: asked.current, form, ...JSON.parse(rest), cells: CELLS };
    worker.current?.postMessage(message);
  }, [form, rest]);
  return answer;
}
