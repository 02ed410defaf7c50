import { ABOUT_TO, type AboutTo } from '@every-inch/core/route';
import { useState } from 'react';
import { VerdictLine } from '../../parts/VerdictLine.tsx';
import { useAsk } from '../../spine/hooks.ts';
import { selectPart, useAppSelector } from '../../state/store.ts';

/** “I am about to …”: asked at any time, answered in two lines. */
export function AskFirst() {
  const part = useAppSelector(selectPart);
  const [deed, setDeed] = useState<AboutTo | null>(null);
  const answer = useAsk('route.about-to', part && deed ? { part: part.id, deed } : null);
  if (!part) return null;
  return (
    <section aria-label="I am about to" className="pb-2">
      <fieldset className="flex flex-wrap items-center gap-1">
        <legend className="sr-only">What you are about to do to {part.name}</legend>
        <span className="mr-1">I am about to</span>
        {ABOUT_TO.map((one) => (
          <button
            key={one}
            type="button"
            aria-pressed={deed === one}
            className={`press ${deed === one ? 'font-semibold' : ''}`}
            onClick={() => setDeed(deed === one ? null : one)}
          >
            {one}
          </button>
        ))}
        <span className="ml-1 min-w-0 truncate">{part.name}</span>
      </fieldset>
      {deed && answer && (
        <div role="status" className="mt-1">
          <VerdictLine verdict={{ level: answer.level, wording: 'state', says: answer.says, waysOut: [] }} />
          <p className="text-[14px] text-quiet">Then: {answer.after}</p>
        </div>
      )}
    </section>
  );
}
