import type { Nudge, Part, RepeatRule } from '@every-inch/core/piece';
import { type KeyboardEvent, useState } from 'react';
import { DrawingView } from '../../parts/DrawingView.tsx';
import { PrintTrue } from '../../parts/PrintTrue.tsx';
import { usePartEdit } from '../../parts/usePartEdit.ts';
import { useAsk } from '../../spine/hooks.ts';
import { SetInSpace } from './SetInSpace.tsx';

/** How far an arrow key moves one of a set, mm. */
const STEP = 0.5;
const ARROWS: Readonly<Record<string, readonly [number, number]>> = {
  ArrowLeft: [-STEP, 0],
  ArrowRight: [STEP, 0],
  ArrowUp: [0, STEP],
  ArrowDown: [0, -STEP],
};

function moved(nudged: readonly Nudge[], place: number, [dx, dy]: readonly [number, number]): Nudge[] {
  const old = nudged.find((one) => one.place === place);
  const next = { place, alongMm: (old?.alongMm ?? 0) + dx, upMm: (old?.upMm ?? 0) + dy };
  return [...nudged.filter((one) => one !== old), next];
}

/** A set in its place: each can be picked and moved by the arrow keys. */
export function SetDrawing({ part, rule }: { readonly part: Part; readonly rule: RepeatRule }) {
  const set = usePartEdit(part);
  const found = useAsk('repeats.drawing', { part: part.id });
  const [picked, setPicked] = useState<string | null>(null);
  const [inSpace, setInSpace] = useState(false);
  if (!found) return null;
  const onKey = (event: KeyboardEvent) => {
    const by = ARROWS[event.key];
    if (!by || picked === null) return;
    event.preventDefault();
    set('repeat.nudged', moved(rule.nudged, Number(picked), by), 'place of one');
  };
  return (
    <div>
      <div className="heading flex flex-wrap gap-x-4">
        <span>In their place, miniature mm</span>
        {!inSpace && (
          <span className="text-quiet">
            {picked === null ? 'pick one to move it' : `number ${Number(picked) + 1}: arrows move it`}
          </span>
        )}
        <label className="flex items-center gap-1.5">
          <input type="checkbox" checked={inSpace} onChange={() => setInSpace(!inSpace)} />
          in space
        </label>
        {rule.nudged.length > 0 && (
          <button
            type="button"
            className="press-quiet text-fired"
            onClick={() => set('repeat.nudged', [], 'places')}
          >
            all back where the rule puts them
          </button>
        )}
      </div>
      {inSpace ? (
        <SetInSpace part={part} />
      ) : (
        <fieldset
          className="h-(--room) min-h-40"
          // biome-ignore lint/a11y/noNoninteractiveTabindex: the arrow keys move what was picked
          tabIndex={0}
          onKeyDown={onKey}
        >
          <legend className="sr-only">Set in its place</legend>
          <DrawingView
            drawing={found.drawing}
            label={`${part.name} in their place`}
            className="size-full"
            picked={picked}
            onPick={setPicked}
          />
        </fieldset>
      )}
    </div>
  );
}

/** What to work to, printed at true size. */
export function Guide({ part }: { readonly part: Part }) {
  const guide = useAsk('repeats.drawing', { part: part.id })?.guide;
  return guide ? (
    <p className="mt-2 flex flex-wrap items-center gap-x-3">
      <PrintTrue drawing={guide} name={`${part.name}, lines to work to`} says="Print the lines to work to" />
    </p>
  ) : null;
}
