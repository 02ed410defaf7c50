import { type BonesFacts, coverAsk, type SolidCover } from '@every-inch/core/armature';
import { heroicOf, type PartFacts } from '@every-inch/core/context';
import { useEffect, useRef, useState } from 'react';
import { leaveWorker, takeWorker } from './idle.ts';
import type { CoverQuestion, FileAnswer } from './solidMessages.ts';

/** What the worker says of the clay over the wires. */
export type CoverWork =
  | { readonly state: 'busy' }
  | { readonly state: 'none' }
  | { readonly state: 'done'; readonly cover: SolidCover }
  | { readonly state: 'fault'; readonly says: string };

/** A change within this time makes the look before it pointless, ms. */
const PAUSE = 150;

/** Clay over the wires of a part on the solid itself, looked at in a worker; a newer armature lets go of the older. */
export function useCover(context: PartFacts, bones: BonesFacts): CoverWork {
  const [work, setWork] = useState<CoverWork>({ state: 'busy' });
  const worker = useRef<Worker | null>(null);
  /** Questions that are not answered yet. */
  const open = useRef(0);
  useEffect(
    () => () => {
      if (worker.current) leaveWorker('solid', worker.current, open.current === 0);
      worker.current = null;
    },
    [],
  );
  useEffect(() => {
    setWork({ state: 'busy' });
    let isNewest = true;
    const timer = setTimeout(() => {
      const at = worker.current ?? takeWorker('solid');
      worker.current = at;
      at.onmessage = ({ data }: MessageEvent<FileAnswer>) => {
        open.current -= 1;
        if (!isNewest) return;
        if (data.kind === 'fault') setWork({ state: 'fault', says: data.says });
        else if (data.kind === 'cover')
          setWork(data.cover ? { state: 'done', cover: data.cover } : { state: 'none' });
      };
      at.onerror = ({ message }) =>
        setWork({ state: 'fault', says: `The look through the solid broke off: ${message}` });
      const question: CoverQuestion = {
        kind: 'cover',
        form: context.part.form,
        heroic: heroicOf(context.scale.heroic, context.own),
        core: null,
        ask: coverAsk(context, bones),
      };
      open.current += 1;
      at.postMessage(question);
    }, PAUSE);
    return () => {
      isNewest = false;
      clearTimeout(timer);
    };
  }, [context, bones]);
  return work;
}
