import { type LayoutRow, takeLayout, withLayout } from '@every-inch/core/ground';
import { GROUND_MOST } from '@every-inch/core/piece';
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

interface Row {
  /** Null for the one that is laid out now. */
  readonly id: string | null;
  readonly name: string;
  /** What it comes to; null until that is worked out. */
  readonly row: LayoutRow | null;
}

const told = (row: LayoutRow | null, say: (row: LayoutRow) => string | number) => (row ? say(row) : '…');
const grams = (value: number) => formatQuantity({ value, unit: 'g' });

/** Ways of laying it out side by side: what each weighs, takes and hides. */
export function Layouts() {
  const dispatch = useAppDispatch();
  const { layouts } = useOpenPiece();
  const found = useAsk('ground.layouts', layouts.length > 0 ? {} : null) ?? [];
  // Rows are those of the piece as it is; what they come to follows when it is worked out.
  const comesTo = new Map(found.map((row) => [row.id, row]));
  const rows: readonly Row[] =
    layouts.length === 0
      ? []
      : [{ id: null, name: 'as it is now' }, ...layouts].map(({ id, name }) => ({
          id,
          name,
          row: comesTo.get(id) ?? null,
        }));
  const next = freeName(layouts.map(({ name }) => name));
  const columns: Column<Row>[] = [
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
    {
      id: 'weight',
      title: 'weighs',
      holds: 'figures',
      cell: ({ row }) => told(row, ({ weightG }) => grams(weightG)),
    },
    {
      id: 'hours',
      title: 'bench, h',
      holds: 'figures',
      cell: ({ row }) => told(row, ({ hours }) => hours.toFixed(1)),
    },
    {
      id: 'days',
      title: 'waits, days',
      holds: 'figures',
      cell: ({ row }) => told(row, ({ waitDays }) => waitDays.toFixed(1)),
    },
    {
      id: 'mix',
      title: 'to mix',
      holds: 'figures',
      cell: ({ row }) => told(row, ({ mixG }) => (mixG > 0 ? grams(mixG) : '–')),
    },
    {
      id: 'hidden',
      title: 'half hidden',
      holds: 'figures',
      cell: ({ row }) => told(row, ({ hidden }) => hidden ?? '–'),
    },
    {
      id: 'says',
      title: 'to be looked at',
      cell: ({ row }) =>
        told(row, ({ says }) => (says.length === 0 ? 'nothing' : says.slice(0, 2).join('; '))),
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
      {layouts.length < GROUND_MOST.layouts && (
        <button
          type="button"
          className="press-quiet text-fired"
          onClick={() => dispatch(edit('layout set aside', (piece) => withLayout(piece, next)))}
        >
          + set this layout aside, and try another
        </button>
      )}
    </>
  );
}
