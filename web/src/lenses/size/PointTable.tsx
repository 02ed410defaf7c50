import type { BarPoint, Form, PlanePoint, ProfilePoint } from '@every-inch/core/form';
import type { DocumentPath } from '@every-inch/core/reckoning';
import { realMm } from '@every-inch/core/units';
import { LengthField } from '../../parts/LengthField.tsx';
import { useLifeFormat } from '../../parts/lengths.ts';
import { Table, type Column as TableColumn } from '../../parts/Table.tsx';

/** One column of a table of points. */
interface Column<P> {
  readonly title: string;
  /** Of the point, that it sets. */
  readonly field: string;
  /** What is kept ÷ what is typed; 1 where it is not said. */
  readonly times?: number;
  readonly says: (i: number) => string;
  readonly read: (point: P) => number;
  readonly write: (point: P, mm: number) => P;
  readonly sign: 'nonNegative' | 'any';
}

interface PointTableProps<P> {
  readonly title: string;
  readonly points: readonly P[];
  readonly columns: readonly Column<P>[];
  /** Fewest points such a form is made of. */
  readonly least: number;
  readonly onPoints: (points: readonly P[]) => void;
  /** Where the points stand in the document. */
  readonly entry: DocumentPath | undefined;
}

/** A line of points to be typed, added to and taken from. */
function PointTable<P>({ title, points, columns, least, onPoints: put, entry }: PointTableProps<P>) {
  const format = useLifeFormat();
  const rows = points.map((point, at) => ({ point, at }));
  const shown: TableColumn<{ point: P; at: number }>[] = [
    ...columns.map(
      (column): TableColumn<{ point: P; at: number }> => ({
        id: column.title,
        title: column.title,
        holds: 'figures',
        cell: ({ point, at }) => (
          <LengthField
            hideLabel
            label={column.says(at + 1)}
            entry={entry && [...entry, String(at), column.field]}
            entryTimes={column.times}
            shown={format(realMm(column.read(point)))}
            unit="mm"
            sign={column.sign}
            onLength={(mm) => put(points.map((old, j) => (j === at ? column.write(old, mm) : old)))}
          />
        ),
      }),
    ),
    {
      id: 'change',
      title: 'change',
      isQuiet: true,
      cell: ({ point, at }) => (
        <>
          <button
            type="button"
            className="press-quiet"
            onClick={() => put([...points.slice(0, at + 1), point, ...points.slice(at + 1)])}
          >
            another after
          </button>
          <button
            type="button"
            className="press-quiet"
            disabled={points.length <= least}
            onClick={() => put(points.filter((_, j) => j !== at))}
          >
            take out
          </button>
        </>
      ),
    },
  ];
  return (
    <details className="mt-3">
      <summary className="heading cursor-pointer">
        {title}, {points.length} points
      </summary>
      <Table
        className="mt-1 max-w-xl"
        label={title}
        rows={rows}
        columns={shown}
        keyOf={({ at }) => String(at)}
      />
    </details>
  );
}

const PROFILE: readonly Column<ProfilePoint>[] = [
  {
    title: 'across',
    field: 'radiusMm',
    times: 1 / 2,
    says: (i) => `Across at point ${i}`,
    read: (point) => 2 * point.radiusMm,
    write: (point, mm) => ({ ...point, radiusMm: mm / 2 }),
    sign: 'nonNegative',
  },
  {
    title: 'height',
    field: 'heightMm',
    says: (i) => `Height of point ${i}`,
    read: (point) => point.heightMm,
    write: (point, mm) => ({ ...point, heightMm: mm }),
    sign: 'nonNegative',
  },
];

type Axis = 'xMm' | 'yMm' | 'zMm';

function along<P extends { readonly [key in A]: number }, A extends Axis>(axis: A, title: string): Column<P> {
  return {
    title,
    field: axis,
    says: (i) => `Point ${i}, ${title}`,
    read: (point) => point[axis],
    write: (point, mm) => ({ ...point, [axis]: mm }),
    sign: 'any',
  };
}

const CUT_OUT: readonly Column<PlanePoint>[] = [along('xMm', 'to the right'), along('yMm', 'up')];
const BAR: readonly Column<BarPoint>[] = [
  along('xMm', 'to the right'),
  along('yMm', 'up'),
  along('zMm', 'towards you'),
];

interface FormPointsProps<F extends Form> {
  readonly form: F;
  /** Takes the form with other points, and what of it was changed. */
  readonly onForm: (form: F, label: string) => void;
  /** Where the form stands in the document. */
  readonly entry?: DocumentPath;
}

/** The points that a turned, cut-out or bent form is drawn through. */
export function FormPoints<F extends Form>({ form, onForm, entry }: FormPointsProps<F>) {
  switch (form.kind) {
    case 'turned':
      return (
        <PointTable
          title="Profile from the foot up"
          onPoints={(profile) => onForm({ ...form, profile }, 'profile')}
          points={form.profile}
          entry={entry && [...entry, 'profile']}
          columns={PROFILE}
          least={3}
        />
      );
    case 'extruded':
      return (
        <PointTable
          title="Outline"
          onPoints={(points) => onForm({ ...form, points }, 'outline')}
          points={form.points}
          entry={entry && [...entry, 'points']}
          columns={CUT_OUT}
          least={3}
        />
      );
    case 'tube':
      return (
        <PointTable
          title="Corners of the bar"
          onPoints={(points) => onForm({ ...form, points }, 'corners')}
          points={form.points}
          entry={entry && [...entry, 'points']}
          columns={BAR}
          least={2}
        />
      );
    default:
      return null;
  }
}
