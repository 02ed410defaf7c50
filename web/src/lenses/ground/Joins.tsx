import { withJoin } from '@every-inch/core/ground';
import { type Board, GROUND_MOST, LIMITS, typedLimits } from '@every-inch/core/piece';
import { BinButton } from '../../parts/BinButton.tsx';
import { NumberField } from '../../parts/NumberField.tsx';
import { edit, editAt, useAppDispatch } from '../../state/store.ts';

/** Lines that the base comes apart along, to travel. */
export function Joins({ board: { joins } }: { readonly board: Board }) {
  const dispatch = useAppDispatch();
  const set = (id: string, field: 'turnDeg' | 'besideMm', value: number, label: string) =>
    dispatch(editAt(label, ['board', 'joins', id, field], value));
  return (
    <>
      {joins.length > 0 && (
        <ul aria-label="Lines it comes apart along">
          {joins.map(({ id, turnDeg, besideMm }, i) => (
            <li key={id} className="flex flex-wrap items-end gap-x-5 gap-y-2 py-1">
              <NumberField
                {...typedLimits(LIMITS.boardJoin.turnDeg)}
                label={`Cut ${i + 1}, against the front`}
                entry={['board', 'joins', id, 'turnDeg']}
                value={turnDeg}
                after="°"
                className="w-16"
                onNumber={(value) => set(id, 'turnDeg', value, `way of cut ${i + 1}`)}
              />
              <NumberField
                {...typedLimits(LIMITS.boardJoin.besideMm)}
                label="Beside the middle"
                entry={['board', 'joins', id, 'besideMm']}
                value={besideMm}
                after="mm"
                className="w-20"
                onNumber={(value) => set(id, 'besideMm', value, `place of cut ${i + 1}`)}
              />
              <BinButton
                label={`no cut ${i + 1}`}
                onPress={() =>
                  dispatch(
                    editAt(
                      `no cut ${i + 1}`,
                      ['board', 'joins'],
                      joins.filter((one) => one.id !== id),
                    ),
                  )
                }
              />
            </li>
          ))}
        </ul>
      )}
      {joins.length < GROUND_MOST.joins && (
        <button
          type="button"
          className="press-quiet text-fired"
          onClick={() => dispatch(edit('a line the base comes apart along', withJoin))}
        >
          + a line it comes apart along
        </button>
      )}
    </>
  );
}
