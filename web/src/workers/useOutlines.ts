import type { SeenOutlines } from '@every-inch/core/bake/loads';
import { heroicOf, type PartFacts } from '@every-inch/core/context';
import type { Form } from '@every-inch/core/form';
import { useEffect, useMemo, useState } from 'react';
import type { OutlinesQuestion, OvenAnswer } from './bakeMessages.ts';
import { leaveWorker, takeWorker } from './idle.ts';

/** What was seen of a form at a size stays true: forms are never changed in place. */
const seen = new WeakMap<Form, Map<string, SeenOutlines>>();

function keyOf({ scale, own, shrink }: PartFacts): string {
  return JSON.stringify([heroicOf(scale.heroic, own), shrink]);
}

/** What parts cover from above, from the front and from the side, looked at in a worker; those not yet seen are missing. */
export function useOutlines(contexts: readonly PartFacts[]): ReadonlyMap<string, SeenOutlines> {
  const [count, setCount] = useState(0);
  useEffect(() => {
    const missing = contexts.filter((one) => !seen.get(one.part.form)?.has(keyOf(one)));
    if (missing.length === 0) return;
    const worker = takeWorker('bake');
    const byPart = new Map(missing.map((one) => [one.part.id as string, one]));
    let left = byPart.size;
    worker.onmessage = ({ data }: MessageEvent<OvenAnswer>) => {
      const one = data.kind === 'outlines' ? byPart.get(data.part) : undefined;
      if (one && data.kind === 'outlines') {
        const known = seen.get(one.part.form) ?? new Map<string, SeenOutlines>();
        seen.set(one.part.form, known.set(keyOf(one), data.outlines));
      }
      left -= 1;
      setCount((before) => before + 1);
      if (left <= 0) leaveWorker('bake', worker, true);
    };
    // Without outlines things in the oven are drawn as the boxes they fit into.
    worker.onerror = () => {
      left = 0;
      leaveWorker('bake', worker, false);
    };
    const question: OutlinesQuestion = {
      kind: 'outlines',
      id: 1,
      things: missing.map(({ part, scale, own, shrink }) => ({
        part: part.id,
        form: part.form,
        heroic: heroicOf(scale.heroic, own),
        shrink,
      })),
    };
    worker.postMessage(question);
    return () => {
      if (left > 0) leaveWorker('bake', worker, false);
    };
  }, [contexts]);
  // biome-ignore lint/correctness/useExhaustiveDependencies: what has been seen grows with the count
  return useMemo(
    () =>
      new Map(
        contexts.flatMap((one) => {
          const outlines = seen.get(one.part.form)?.get(keyOf(one));
          return outlines ? [[one.part.id as string, outlines] as const] : [];
        }),
      ),
    [contexts, count],
  );
}
