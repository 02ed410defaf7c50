import { type Level, type Verdict, verdictWord, type WayOut } from '@every-inch/core/reckoning';
import { Check, Diamond, X } from 'lucide-react';
import { editAt, useAppDispatch } from '../state/store.ts';

const ICONS: Record<Level, typeof Check> = { good: Check, doubtful: Diamond, stop: X };
export const LEVEL_COLOURS: Record<Level, string> = {
  good: 'text-fits',
  doubtful: 'text-tight',
  stop: 'text-wont',
};

function WayOutLine({ way }: { readonly way: WayOut }) {
  const dispatch = useAppDispatch();
  const { change } = way;
  if (!change) return <li className="text-quiet">{way.says}</li>;
  return (
    <li>
      <button
        type="button"
        className="text-left text-fired underline underline-offset-2"
        onClick={() => dispatch(editAt(way.says, change.path, change.value))}
      >
        {way.says}
      </button>
    </li>
  );
}

/** The mark of a verdict alone, where there is no room for its words. */
export function VerdictMark({ verdict }: { readonly verdict: Verdict }) {
  const Icon = ICONS[verdict.level];
  return (
    <Icon
      role="img"
      aria-label={verdictWord(verdict)}
      className={`mr-1 inline size-3.5 align-[-2px] ${LEVEL_COLOURS[verdict.level]}`}
      strokeWidth={2.4}
    />
  );
}

/** A verdict: icon, word, colour, why, and the ways out. */
export function VerdictLine({
  verdict,
  waysOut = true,
}: {
  readonly verdict: Verdict;
  readonly waysOut?: boolean;
}) {
  const Icon = ICONS[verdict.level];
  return (
    <div className="text-[13px] leading-snug">
      <span className={`font-semibold ${LEVEL_COLOURS[verdict.level]}`}>
        <Icon aria-hidden className="mr-1 inline size-3.5 align-[-2px]" strokeWidth={2.4} />
        {verdictWord(verdict)}
      </span>{' '}
      <span className="text-quiet">{verdict.says}</span>
      {waysOut && verdict.waysOut.length > 0 && (
        <ul className="mt-0.5 space-y-0.5 border-l border-hair pl-2">
          {verdict.waysOut.map((way) => (
            <WayOutLine key={way.says} way={way} />
          ))}
        </ul>
      )}
    </div>
  );
}
