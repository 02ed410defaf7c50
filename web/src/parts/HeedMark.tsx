import type { Heed } from '../spine/figureStore.ts';

/** What is to be heeded, told apart by shape and colour: a full square for what stops, a diamond for what is to be looked at. */
export function HeedMark({ heed: { stop, check } }: { readonly heed: Heed }) {
  if (stop === 0 && check === 0) return null;
  return (
    <span className="figure inline-flex items-center gap-1 text-[11px] leading-4">
      {stop > 0 && (
        <span className="bg-wont px-1 text-bench" title={`${stop} ${stop === 1 ? 'stop' : 'stops'}`}>
          {stop}
          <span className="sr-only"> {stop === 1 ? 'stop' : 'stops'}</span>
        </span>
      )}
      {check > 0 && (
        <span className="inline-flex items-center text-tight" title={`${check} to look at`}>
          <svg aria-hidden viewBox="0 0 8 8" className="mr-0.5 size-2 fill-none stroke-current">
            <path d="M4 0.7L7.3 4L4 7.3L0.7 4Z" />
          </svg>
          {check}
          <span className="sr-only"> to look at</span>
        </span>
      )}
    </span>
  );
}
