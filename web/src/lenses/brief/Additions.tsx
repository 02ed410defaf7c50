import { type Addition, DEFAULT_ADDITION, LIMITS, newId, typedLimits } from '@every-inch/core/piece';
import { formatQuantity } from '@every-inch/core/reckoning';
import { BinButton } from '../../parts/BinButton.tsx';
import { NumberField } from '../../parts/NumberField.tsx';
import { Section } from '../../parts/Sections.tsx';
import { type Column, Table } from '../../parts/Table.tsx';
import { TextField } from '../../parts/TextField.tsx';
import { VerdictLine } from '../../parts/VerdictLine.tsx';
import { Working } from '../../parts/Working.tsx';
import { useFigure } from '../../spine/hooks.ts';
import { edit, editAt, useAppDispatch, useOfPiece } from '../../state/store.ts';

const AMOUNTS = [
  ['hours', 'hours at the bench', 'h'],
  ['waitDays', 'days of waiting', 'days'],
  ['cost', 'material', ''],
] as const;

function useAdditionEdit({ id, name }: Addition) {
  const dispatch = useAppDispatch();
  return (field: keyof Addition, value: unknown, label: string) =>
    dispatch(editAt(`${label} of ${name}`, ['additions', id, field], value));
}

interface CellProps {
  readonly addition: Addition;
}

function Name({ addition }: CellProps) {
  const set = useAdditionEdit(addition);
  return (
    <TextField
      hideLabel
      label={`Name of ${addition.name}`}
      className="w-44"
      value={addition.name}
      onText={(text) => text !== '' && set('name', text.slice(0, 200), 'name')}
    />
  );
}

interface AmountProps extends CellProps {
  readonly field: (typeof AMOUNTS)[number][0];
  readonly says: string;
  readonly unit: string;
}

function Amount({ addition, field, says, unit }: AmountProps) {
  const currency = useOfPiece((piece) => piece.brief.currency);
  const set = useAdditionEdit(addition);
  return (
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
  );
}

function WhatItTakes({ addition }: CellProps) {
  const figure = useFigure(null, `addition.${addition.id}`);
  if (!figure) return <span className="text-quiet">enter bench hours a day to see its days</span>;
  return (
    <span className="flex items-start">
      <Working figure={figure} />
      {figure.verdict ? (
        <VerdictLine verdict={figure.verdict} />
      ) : (
        (figure.note ?? `takes ${formatQuantity(figure.quantity)}`)
      )}
    </span>
  );
}

function TakenOn({ addition }: CellProps) {
  const set = useAdditionEdit(addition);
  return (
    <label className="flex items-center gap-1">
      <input
        type="checkbox"
        checked={addition.accepted}
        onChange={(event) => set('accepted', event.currentTarget.checked, 'taking on')}
      />
      taken on
    </label>
  );
}

function TakeOut({ addition: { id, name } }: CellProps) {
  const dispatch = useAppDispatch();
  return (
    <BinButton
      label={`Take ${name} out`}
      onPress={() =>
        dispatch(
          edit(`take ${name} out`, (piece) => ({
            ...piece,
            additions: piece.additions.filter((one) => one.id !== id),
          })),
        )
      }
    />
  );
}

const COLUMNS: readonly Column<Addition>[] = [
  { id: 'name', title: 'addition', cell: (addition) => <Name addition={addition} /> },
  ...AMOUNTS.map(
    ([field, says, unit]): Column<Addition> => ({
      id: field,
      title: says,
      cell: (addition) => <Amount addition={addition} field={field} says={says} unit={unit} />,
      sortBy: (addition) => addition[field],
    }),
  ),
  {
    id: 'takes',
    title: 'what it takes',
    className: 'min-w-48 py-1 text-[13px]',
    cell: (addition) => <WhatItTakes addition={addition} />,
  },
  { id: 'taken', title: 'taken on', isQuiet: true, cell: (addition) => <TakenOn addition={addition} /> },
  { id: 'out', title: 'change', isQuiet: true, cell: (addition) => <TakeOut addition={addition} /> },
];

/** Things added after the brief, with their price in hours, days and material before they are taken on. */
export function Additions() {
  const dispatch = useAppDispatch();
  const additions = useOfPiece((piece) => piece.additions);
  return (
    <Section id="additions" title="Added later" edits={['additions']}>
      <p className="text-[13px] text-quiet">
        Write a wish down first: what it takes is seen before it is taken on.
      </p>
      {additions.length > 0 && (
        <Table label="Added later" rows={additions} columns={COLUMNS} keyOf={({ id }) => id} isWide />
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
