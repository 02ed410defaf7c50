import {
  type ColumnDef,
  getCoreRowModel,
  getSortedRowModel,
  type Header,
  type SortingState,
  useReactTable,
  type VisibilityState,
} from '@tanstack/react-table';
import { ArrowDown, ArrowUp } from 'lucide-react';
import { DropdownMenu } from 'radix-ui';
import { Fragment, memo, type ReactNode, useMemo, useState } from 'react';
import { useFolds } from './useFolds.ts';

/** One column of a table. */
export interface Column<Row> {
  readonly id: string;
  /** Its heading; one of buttons has none to be seen, and says what it is. */
  readonly title: string;
  readonly isQuiet?: boolean;
  readonly cell: (row: Row) => ReactNode;
  /** What its rows can be put in order by; without it they cannot. */
  readonly sortBy?: (row: Row) => number | string;
  /** Words stand at the left, figures at the right. */
  readonly holds?: 'words' | 'figures';
  /** Names the row. */
  readonly isHead?: boolean;
  /** Can be put away where there is little room. */
  readonly canHide?: boolean;
  readonly className?: string;
}

/** A table folds into one block a row where it has no more room than this. */
const NARROW_REM = 32;
const WIDE_REM = 44;

interface TableProps<Row> {
  readonly label: string;
  readonly rows: readonly Row[];
  readonly columns: readonly Column<Row>[];
  readonly keyOf: (row: Row, index: number) => string;
  /** Below a row, over its whole width, such as the fields of one that is open. */
  readonly below?: (row: Row) => ReactNode;
  readonly rowClass?: (row: Row) => string;
  /** Needs the whole width of the middle: folds sooner. */
  readonly isWide?: boolean;
  readonly className?: string;
}

function endsAt({ holds = 'words' }: { readonly holds?: 'words' | 'figures' }): string {
  return holds === 'figures' ? 'text-right' : 'text-left';
}

type Order = false | 'asc' | 'desc';

function spokenOrder(order: Order): 'ascending' | 'descending' | undefined {
  if (!order) return undefined;
  return order === 'asc' ? 'ascending' : 'descending';
}

function Heading<Row>({ header, column }: { header: Header<Row, unknown>; column: Column<Row> }) {
  const order = header.column.getIsSorted();
  const title = column.isQuiet ? <span className="sr-only">{column.title}</span> : column.title;
  return (
    <th
      scope="col"
      className={`table-head ${endsAt(column)}`}
      {...(order && { 'aria-sort': spokenOrder(order) })}
    >
      {header.column.getCanSort() ? (
        <button
          type="button"
          className="inline-flex items-center gap-0.5 font-semibold hover:underline"
          onClick={header.column.getToggleSortingHandler()}
        >
          {title}
          {order === 'asc' && <ArrowUp aria-hidden className="size-3" />}
          {order === 'desc' && <ArrowDown aria-hidden className="size-3" />}
        </button>
      ) : (
        title
      )}
    </th>
  );
}

interface ChoiceProps {
  readonly columns: readonly { readonly id: string; readonly title: string }[];
  readonly hidden: VisibilityState;
  readonly onHidden: (hidden: VisibilityState) => void;
}

/** Which columns are shown, where a table is folded. */
function ColumnChoice({ columns, hidden, onHidden }: ChoiceProps) {
  // What was put away can be brought back also where there is room again.
  const isNeeded = Object.values(hidden).includes(false);
  return (
    <DropdownMenu.Root>
      <DropdownMenu.Trigger
        className={`press-quiet text-[12.5px] text-quiet ${isNeeded ? 'ml-auto block' : 'table-choice'}`}
      >
        what is shown
      </DropdownMenu.Trigger>
      <DropdownMenu.Portal>
        <DropdownMenu.Content align="end" className="z-50 border border-ink bg-paper py-1 text-[13.5px]">
          {columns.map(({ id, title }) => (
            <DropdownMenu.CheckboxItem
              key={id}
              className="relative min-h-9 cursor-pointer py-1.5 pr-4 pl-7 outline-none data-[highlighted]:bg-panel"
              checked={hidden[id] !== false}
              onCheckedChange={(isOn) => onHidden({ ...hidden, [id]: isOn })}
              onSelect={(event) => event.preventDefault()}
            >
              <DropdownMenu.ItemIndicator aria-hidden className="absolute left-2">
                ✓
              </DropdownMenu.ItemIndicator>
              {title}
            </DropdownMenu.CheckboxItem>
          ))}
        </DropdownMenu.Content>
      </DropdownMenu.Portal>
    </DropdownMenu.Root>
  );
}

function WholeTable<Row>(props: TableProps<Row>) {
  const { label, rows, columns, keyOf, below, rowClass, isWide = false, className = '' } = props;
  const [sorting, setSorting] = useState<SortingState>([]);
  const [columnVisibility, setVisibility] = useState<VisibilityState>({});
  const byId = useMemo(() => new Map(columns.map((column) => [column.id, column])), [columns]);
  const defined = useMemo(
    () =>
      columns.map(
        ({ id, sortBy }): ColumnDef<Row> => ({
          id,
          ...(sortBy && { accessorFn: sortBy }),
          enableSorting: sortBy !== undefined,
        }),
      ),
    [columns],
  );
  const table = useReactTable<Row>({
    data: rows as Row[],
    columns: defined,
    state: { sorting, columnVisibility },
    onSortingChange: setSorting,
    onColumnVisibilityChange: setVisibility,
    getRowId: keyOf,
    getCoreRowModel: getCoreRowModel(),
    getSortedRowModel: getSortedRowModel(),
  });
  const canHide = columns.filter((column) => column.canHide);
  const { room, folds } = useFolds(isWide ? WIDE_REM : NARROW_REM);
  return (
    <div ref={room} data-folds={folds} className={`table-room ${className}`}>
      {canHide.length > 0 && (
        <ColumnChoice columns={canHide} hidden={columnVisibility} onHidden={setVisibility} />
      )}
      <table className={`w-full ${isWide ? 'table-wide' : 'table-narrow'}`}>
        <caption className="sr-only">{label}</caption>
        <thead>
          {table.getHeaderGroups().map((group) => (
            <tr key={group.id} className="heading">
              {group.headers.map((header) => {
                const column = byId.get(header.column.id);
                return column && <Heading key={header.id} header={header} column={column} />;
              })}
            </tr>
          ))}
        </thead>
        <tbody>
          {table.getRowModel().rows.map((row) => {
            const more = below?.(row.original);
            return (
              <Fragment key={row.id}>
                <tr className={`border-b border-hair ${rowClass?.(row.original) ?? ''}`}>
                  {row.getVisibleCells().map((cell) => {
                    const column = byId.get(cell.column.id);
                    if (!column) return null;
                    const shown = column.cell(row.original);
                    const look = `${endsAt(column)} ${column.className ?? ''}`;
                    return column.isHead ? (
                      <th key={cell.id} scope="row" className={`font-normal ${look}`}>
                        {shown}
                      </th>
                    ) : (
                      <td
                        key={cell.id}
                        className={`${column.holds === 'figures' ? 'figure' : ''} ${look}`}
                        data-title={column.isQuiet ? undefined : column.title}
                      >
                        {shown}
                      </td>
                    );
                  })}
                </tr>
                {more && (
                  <tr className="table-below border-b border-hair">
                    <td colSpan={row.getVisibleCells().length}>{more}</td>
                  </tr>
                )}
              </Fragment>
            );
          })}
        </tbody>
      </table>
    </div>
  );
}

/**
 * A table: its headings stay in sight and put its rows in order where they can be; where there is little room every row folds
 * to lines of its own, each with its heading before it, and columns can be put away. It is drawn again when what it is given is another.
 */
export const Table = memo(WholeTable) as typeof WholeTable;
