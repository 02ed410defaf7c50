import type { Part, RepeatRule } from '@every-inch/core/piece';
import { LIMITS, typedLimits } from '@every-inch/core/piece';
import { tallied, tallyLogged } from '@every-inch/core/repeats';
import { useCallback, useRef } from 'react';
import { useLensKey } from '../../parts/keys.ts';
import { NumberField } from '../../parts/NumberField.tsx';
import { Section } from '../../parts/Sections.tsx';
import { usePartEdit } from '../../parts/usePartEdit.ts';
import { useFigure } from '../../spine/hooks.ts';
import { edit, useAppDispatch } from '../../state/store.ts';

const MINUTE = 60_000;

interface TallyProps {
  readonly part: Part;
  readonly rule: RepeatRule;
}

/** Counts a set as it is made: one press for each, the minutes between them counted by themselves. */
export function Tally({ part, rule }: TallyProps) {
  const dispatch = useAppDispatch();
  const set = usePartEdit(part);
  const make = useFigure(part.id, 'repeats.make')?.quantity.value;
  const left = useFigure(part.id, 'repeats.left')?.quantity.value;
  const last = useRef<number | null>(null);
  const { tally } = rule;
  const { id } = part;
  const count = useCallback(
    (made: number, good: number) => {
      const now = Date.now();
      const since = last.current === null ? 0 : (now - last.current) / MINUTE;
      last.current = now;
      dispatch(
        edit(
          'tally',
          (piece) => {
            const own = piece.parts.find((one) => one.id === id);
            return own?.repeat ? tallied(piece, own, { made, good }, since) : piece;
          },
          `tally/${id}`,
        ),
      );
    },
    [dispatch, id],
  );
  useLensKey('m', () => count(1, 1));
  useLensKey('x', () => count(1, 0));
  const wanted = make ?? part.count;
  const isDone = tally.good >= wanted;
  return (
    <Section id="tally" title="Tally" edits={['parts.*.repeat.tally']} className="max-w-4xl">
      <div className="flex flex-wrap items-stretch gap-3">
        <button
          type="button"
          aria-label={`One more of ${part.name}: ${tally.good} of ${wanted}`}
          className="min-h-24 min-w-56 flex-1 border-2 border-ink bg-paper px-4 py-2 text-left max-md:min-h-40"
          onClick={() => count(1, 1)}
        >
          <span className="figure block text-[40px] leading-tight max-md:text-[64px]">
            {tally.good} <span className="text-[22px] text-quiet">of {wanted}</span>
          </span>
          <span className="text-quiet">
            {isDone
              ? 'all made'
              : left === undefined
                ? 'press for each that is good'
                : `${Math.max(1, Math.round(left))} min to go at your rate`}
          </span>
        </button>
        <div className="flex flex-col justify-between gap-1">
          <button type="button" className="press min-h-11" onClick={() => count(1, 0)}>
            made, no good
          </button>
          <button
            type="button"
            className="press min-h-11"
            disabled={tally.made === 0}
            onClick={() => count(-1, -1)}
          >
            one less
          </button>
        </div>
      </div>
      <div className="mt-2 flex flex-wrap items-end gap-x-5 gap-y-2">
        {(['made', 'good', 'used'] as const).map((field) => (
          <NumberField
            key={field}
            {...typedLimits(LIMITS.tally[field])}
            label={field}
            entry={['parts', part.id, 'repeat', 'tally', field]}
            value={tally[field]}
            className="w-16"
            onNumber={(n) => set(`repeat.tally.${field}`, n, 'tally')}
          />
        ))}
        <NumberField
          {...typedLimits(LIMITS.tally.minutes)}
          label="at it"
          entry={['parts', part.id, 'repeat', 'tally', 'minutes']}
          value={Math.round(tally.minutes * 10) / 10}
          after="min"
          className="w-16"
          onNumber={(n) => set('repeat.tally.minutes', n, 'minutes')}
        />
        <button
          type="button"
          className="press"
          disabled={tally.made === 0}
          onClick={() =>
            dispatch(
              edit('tally into the log', (piece) =>
                tallyLogged(piece, part, wanted, new Date().toISOString()),
              ),
            )
          }
        >
          Write it into the log
        </button>
      </div>
    </Section>
  );
}
