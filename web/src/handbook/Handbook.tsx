import { CARE, CLAYS, type Row, TABLES } from '@every-inch/core/handbook';
import { LIMITS, typedLimits } from '@every-inch/core/piece';
import { formatQuantity } from '@every-inch/core/reckoning';
import { resolveScale, toMiniature, toReal } from '@every-inch/core/scale';
import {
  formatInchFraction,
  formatMiniMm,
  formatRealFeet,
  formatRealMetric,
  miniMm,
  realMm,
} from '@every-inch/core/units';
import { useEffect, useState } from 'react';
import { LengthField } from '../parts/LengthField.tsx';
import { NumberField } from '../parts/NumberField.tsx';
import { type Column, Table } from '../parts/Table.tsx';
import { RoomHead } from '../shell/RoomHead.tsx';
import { useAppSelector } from '../state/store.ts';
import { pieceStore } from '../storage/keeper.ts';
import { CutStickCalculator } from './CutStickCalculator.tsx';

function shownValue(row: Row): string {
  const { low, high, unit } = row;
  if (low !== undefined && high !== undefined && unit !== '°C apart')
    return `${formatQuantity({ value: low, unit })} to ${formatQuantity({ value: high, unit })}`;
  return formatQuantity(row);
}

function Value({ row }: { readonly row: Row }) {
  const own = useAppSelector((state) => state.workshop.own[row.id]);
  return (
    <>
      {shownValue(row)}
      {own !== undefined && (
        <div className="text-fired">yours: {formatQuantity({ value: own, unit: row.unit })}</div>
      )}
    </>
  );
}

const sourceOf = ({ standing, source }: Row) => (standing === 'published' ? source : standing);

const COLUMNS: readonly Column<Row>[] = [
  {
    id: 'fact',
    title: 'fact',
    isHead: true,
    className: 'py-1.5 pr-3 align-baseline',
    cell: ({ title }) => title,
    sortBy: ({ title }) => title,
  },
  {
    id: 'value',
    title: 'value',
    holds: 'figures',
    className: 'whitespace-nowrap px-3 align-baseline',
    cell: (row) => <Value row={row} />,
    sortBy: ({ value }) => value,
  },
  {
    id: 'source',
    title: 'where it is from',
    className: 'pl-3 text-[13px] text-quiet align-baseline',
    cell: sourceOf,
    sortBy: sourceOf,
  },
];

/** Life to miniature at any ratio, without a piece. */
function Calculator() {
  const [ratio, setRatio] = useState(12);
  const [lifeMm, setLifeMm] = useState(1750);
  const scale = resolveScale({ kind: 'ratio', ratio });
  const life = realMm(lifeMm);
  const mini = toMiniature(life, scale);
  return (
    <section className="mb-6 border-b border-ink pb-4">
      <h2 className="font-semibold">Reckon a size</h2>
      <div className="mt-2 flex flex-wrap items-end gap-5">
        <NumberField
          {...typedLimits(LIMITS.ratioScale.ratio)}
          label="Scale 1 :"
          value={ratio}
          onNumber={setRatio}
        />
        <LengthField
          label="In life"
          shown={formatRealMetric(life)}
          unit="mm"
          onLength={setLifeMm}
          className="w-32"
        />
        <LengthField
          label="Miniature"
          shown={`${formatMiniMm(mini)} mm`}
          unit="mm"
          onLength={(mm) => setLifeMm(toReal(miniMm(mm), scale))}
          className="w-32"
        />
        <output className="figure pb-1 text-fired">
          {formatInchFraction(mini).text} in · {formatRealFeet(life)} in life
        </output>
      </div>
    </section>
  );
}

/** The handbook: every fact the figures lean on, with its source. */
export default function Handbook() {
  const [sought, setSought] = useState('');
  useEffect(() => {
    // The maker’s own values are shown beside the handbook’s.
    void pieceStore();
  }, []);
  const words = sought.toLowerCase().split(/\s+/).filter(Boolean);
  const found = TABLES.map((table) => ({
    ...table,
    rows: table.rows.filter((row) =>
      words.every((word) =>
        `${table.title} ${row.title} ${row.source} ${row.standing}`.toLowerCase().includes(word),
      ),
    ),
  })).filter(({ rows }) => rows.length > 0);
  const count = found.reduce((sum, { rows }) => sum + rows.length, 0);
  return (
    <>
      <RoomHead title="Handbook" />
      <main className="mx-auto max-w-4xl px-4 py-6">
        <Calculator />
        <CutStickCalculator />
        <label htmlFor="seek" className="heading block">
          Find
        </label>
        <input
          id="seek"
          type="search"
          className="field w-full max-w-md"
          placeholder="knee, foil, firm clay, published …"
          value={sought}
          onChange={(event) => setSought(event.currentTarget.value)}
        />
        <p role="status" className="mt-1 text-[13px] text-quiet">
          {count} {count === 1 ? 'fact' : 'facts'}. “From memory” and “common practice” are starting values:
          measure, and enter your own in the Workshop.
        </p>
        {found.map((table) => (
          <section key={table.id} className="mt-6">
            <h2 className="font-semibold">{table.title}</h2>
            {table.id === 'clays' && (
              <p className="text-[13px] text-quiet">
                {CLAYS.map(({ title, character }) => `${title}: ${character}`).join('. ')}.
              </p>
            )}
            <Table
              className="mt-1"
              label={table.title}
              rows={table.rows}
              columns={COLUMNS}
              keyOf={({ id }) => id}
            />
          </section>
        ))}
        {words.length === 0 && (
          <section className="mt-6">
            <h2 className="font-semibold">Care</h2>
            <ul className="mt-1 list-disc space-y-1 pl-5">
              {CARE.map(({ says }) => (
                <li key={says}>{says}</li>
              ))}
            </ul>
          </section>
        )}
      </main>
    </>
  );
}
