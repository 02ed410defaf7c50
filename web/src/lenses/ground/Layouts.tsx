import { type LayoutRow, takeLayout, withLayout } from '@every-inch/core/ground';
import { formatQuantity } from '@every-inch/core/reckoning';
import { BinButton } from '../../parts/BinButton.tsx';
import { type Column, Table } from '../../parts/Table.tsx';
import { TextField } from '../../parts/TextField.tsx';
import { useAsk } from '../../spine/hooks.ts';
import { edit, editAt, useAppDispatch, useOpenPiece } from '../../state/store.ts';

/** A name that no layout that was set aside has yet. */
function freeName(taken: readonly string[]): string {
  let k = taken.length + 1;
  while (taken.includes(`layout ${k}`)) k += 1;
  return `layout ${k}`;
}

const grams = (value: number) => formatQuantity({ value, unit: 'g' });

/** Ways of laying it out side by side: what each weighs, takes and hides. */
export function Layouts() {
  const dispatch = useAppDispatch();
  const { layouts } = useOpenPiece();
  const rows = useAsk('ground.layouts', layouts.length > 0 ? {} : null) ?? [];
  const next = freeName(layouts.map(({ name }) => name));
  const columns: Column<LayoutRow>[] = [
    {
      id: 'name',
      title: 'laid out',
      isHead: true,
      cell: ({ id, name }) =>
        id === null ? (
          <b className="font-semibold">{name}</b>
        ) : (
          <TextField
            hideLabel
            label={`Name of ${name}`}
            entry={['layouts', id, 'name']}
            value={name}
            className="w-32"
            onText={(text) =>
              text.trim() !== '' &&
              dispatch(editAt('name of a layout', ['layouts', id, 'name'], text.slice(0, 200)))
            }
          />
        ),
    },
    { id: 'weight', title: 'weighs', holds: 'figures', cell: ({ weightG }) => grams(weightG) },
    { id: 'hours', title: 'bench, h', holds: 'figures', cell: ({ hours }) => hours.toFixed(1) },
    { id: 'days', title: 'waits, days', holds: 'figures', cell: ({ waitDays }) => waitDays.toFixed(1) },
    { id: 'mix', title: 'to mix', holds: 'figures', cell: ({ mixG }) => (mixG > 0 ? grams(mixG) : '–') },
    { id: 'hidden', title: 'half hidden', holds: 'figures', cell: ({ hidden }) => hidden ?? '–' },
    {
      id: 'says',
      title: 'to be looked at',
      cell: ({ says }) => (says.length === 0 ? 'nothing' : says.slice(0, 2).join('; ')),
    },
    {
      id: 'take',
      title: '',
      cell: ({ id, name }) =>
        id !== null && (
          <span className="flex items-center gap-x-2">
            <button
              type="button"
              className="press-quiet text-fired"
              onClick={() => dispatch(edit(`laid out as ${name}`, (piece) => takeLayout(piece, id, next)))}
            >
              take it
            </button>
            <BinButton
              label={`no ${name}`}
              onPress={() =>
                dispatch(
                  edit(`no ${name}`, (piece) => ({
                    ...piece,
                    layouts: piece.layouts.filter((one) => one.id !== id),
                  })),
                )
              }
            />
          </span>
        ),
    },
  ];
  return (
    <>
      {rows.length > 0 && (
        <Table
          label="Ways of laying it out"
          rows={rows}
          columns={columns}
          keyOf={({ id }) => id ?? 'now'}
          isWide
        />
      )}
      <button
        type="button"
        className="press-quiet text-fired"
        onClick={() => dispatch(edit('layout set aside', (piece) => withLayout(piece, next)))}
      >
        + set this layout aside, and try another
      </button>
    </>
  );
}
