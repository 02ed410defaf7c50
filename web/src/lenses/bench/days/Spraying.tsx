import { dateOf, daySays, momentSays, type ScheduleFacts } from '@every-inch/core/schedule';
import { format } from 'date-fns';
import { edit, useAppDispatch, useOfPiece } from '../../../state/store.ts';

/** What is sprayed next, and a press by which a day is none for it: rain, cold, guests, the hour. */
export function Spraying({ facts: { steps, now } }: { readonly facts: ScheduleFacts }) {
  const dispatch = useAppDispatch();
  const off = useOfPiece((piece) => piece.bench.off);
  const next = steps.find(({ sprays }) => sprays);
  if (!next) return null;
  const dayOf = (minutes: number) => format(dateOf(minutes), 'yyyy-MM-dd');
  const without = off.filter(({ of, day }) => of === 'spray' && day >= dayOf(now));
  const set = (label: string, change: (old: typeof off) => typeof off) =>
    dispatch(
      edit(label, (piece) => ({ ...piece, bench: { ...piece.bench, off: [...change(piece.bench.off)] } })),
    );
  return (
    <p className="flex flex-wrap items-baseline gap-x-3 text-[13px]">
      <span>
        <span className="text-quiet">Sprayed next:</span> {next.title}, {momentSays(next.start, now)}
      </span>
      <button
        type="button"
        className="press-quiet text-fired"
        onClick={() =>
          set(`no spraying ${daySays(next.start, now)}`, (old) => [
            ...old,
            { day: dayOf(next.start), of: 'spray' },
          ])
        }
      >
        No spraying that day
      </button>
      {without.length > 0 && (
        <button
          type="button"
          className="press-quiet text-fired"
          onClick={() =>
            set('spray on any day', (old) => old.filter((one) => !without.some((other) => other === one)))
          }
        >
          {without.length === 1 ? 'One day is' : `${without.length} days are`} without spraying: let them be
          sprayed on
        </button>
      )}
    </p>
  );
}
