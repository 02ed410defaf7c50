import { type Addition, DEFAULT_ADDITION, LIMITS, newId, typedLimits } from '@every-inch/core/piece';
import { formatQuantity } from '@every-inch/core/reckoning';
import { BinButton } from '../../parts/BinButton.tsx';
import { NumberField } from '../../parts/NumberField.tsx';
import { Section } from '../../parts/Sections.tsx';
import { TextField } from '../../parts/TextField.tsx';
import { VerdictLine } from '../../parts/VerdictLine.tsx';
import { Working } from '../../parts/Working.tsx';
import { useFigure } from '../../spine/hooks.ts';
import { edit, editAt, useAppDispatch, useOpenPiece } from '../../state/store.ts';

const AMOUNTS = [
  ['hours', 'hours at the bench', 'h'],
  ['waitDays', 'days of waiting', 'days'],
  ['cost', 'material', ''],
] as const;

/** One addition: what it takes, and whether it is taken on. */
function AdditionRow({ addition }: { readonly addition: Addition }) {
  const dispatch = useAppDispatch();

  const { currency } = useOpenPiece().brief;
  const figure = useFigure(null, `addition.${addition.id}`);
  const set = (field: keyof Addition, value: unknown, label: string) =>
    dispatch(editAt(`${label} of ${addition.name}`, ['additions', addition.id, field], value));
  return (
    <tr className="border-b border-hair align-top">
      <td>
        <TextField
          hideLabel
          label={`Name of ${addition.name}`}
          className="w-44"
          value={addition.name}
          onText={(text) => text !== '' && set('name', text.slice(0, 200), 'name')}
        />
      </td>
      {AMOUNTS.map(([field, says, unit]) => (
        <td key={field} className="px-1">
          <NumberField
            {...typedLimits(LIMITS.addition[field])}
            entry={['additions', addition.id, field]}
            hideLabel
            label={`${addition.name}, ${says}`}
            className="w-14"
            value={addition[field]}
            after={field === 'cost' ? currency : unit}
            onNumber={(value) => set(field, value, says)}
          />
        </td>
      ))}
      <td className="min-w-48 py-1 text-[13px]">
        {figure ? (
          <span className="flex items-start">
            <Working figure={figure} />
            {figure.verdict ? (
              <VerdictLine verdict={figure.verdict} />
            ) : (
              (figure.note ?? `takes ${formatQuantity(figure.quantity)}`)
            )}
          </span>
        ) : (
          <span className="text-quiet">enter bench hours a day to see its days</span>
        )}
      </td>
      <td className="py-1">
        <label className="flex items-center gap-1">
          <input
            type="checkbox"
            checked={addition.accepted}
            onChange={(event) => set('accepted', event.currentTarget.checked, 'taking on')}
          />
          taken on
        </label>
      </td>
      <td>
        <BinButton
          label={`Take ${addition.name} out`}
          onPress={() =>
            dispatch(
              edit(`take ${addition.name} out`, (piece) => ({
                ...piece,
                additions: piece.additions.filter(({ id }) => id !== addition.id),
              })),
            )
          }
        />
      </td>
    </tr>
  );
}

/** Things added after the brief, with their price in hours, days and material before they are taken on. */
export function Additions() {
  const dispatch = useAppDispatch();
  const { additions } = useOpenPiece();
  return (
    <Section id="additions" title="Added later" edits={['additions']}>
      <p className="text-[13px] text-quiet">
        Write a wish down first: what it takes is seen before it is taken on.
      </p>
      {additions.length > 0 && (
        <div className="relative overflow-x-auto">
          <table className="mt-1 w-full">
            <thead>
              <tr className="heading border-b border-ink text-left">
                <th className="font-semibold">addition</th>
                {AMOUNTS.map(([field, says]) => (
                  <th key={field} className="px-1 font-semibold">
                    {says}
                  </th>
                ))}
                <th className="font-semibold">what it takes</th>
                <th>
                  <span className="sr-only">taken on</span>
                </th>
                <th>
                  <span className="sr-only">change</span>
                </th>
              </tr>
            </thead>
            <tbody>
              {additions.map((addition) => (
                <AdditionRow key={addition.id} addition={addition} />
              ))}
            </tbody>
          </table>
        </div>
      )}
      <button
        type="button"
        className="press-quiet text-fired"
        onClick={() =>
          dispatch(
            edit('an addition', (piece) => ({
              ...piece,
              additions: [
                ...piece.additions,
                { ...DEFAULT_ADDITION, id: newId('addition'), name: 'New wish' },
              ],
            })),
          )
        }
      >
        + An addition
      </button>
    </Section>
  );
}
