import { PAPERS, type Paper } from '@every-inch/core/drawing';
import { findRow, isOwnRow, ownLimits, type Row, TABLES } from '@every-inch/core/handbook';
import { formatQuantity } from '@every-inch/core/reckoning';
import { useEffect, useState } from 'react';
import { Link } from 'react-router';
import { useReadings } from '../instruments/useReadings.ts';
import { Choice } from '../parts/Choice.tsx';
import { NumberField } from '../parts/NumberField.tsx';
import { type Column, Table } from '../parts/Table.tsx';
import { RoomHead } from '../shell/RoomHead.tsx';
import { useAppDispatch, useAppSelector } from '../state/store.ts';
import { ownValueSet, workshopChanged } from '../state/workshopSlice.ts';
import { pieceStore } from '../storage/keeper.ts';
import { sayUnkept } from '../storage/keeping.ts';
import type { Replaced } from '../storage/workshopEntries.ts';
import { earlierValues } from '../storage/workshopKeeper.ts';

function Own({ row }: { readonly row: Row }) {
  const dispatch = useAppDispatch();
  const own = useAppSelector((state) => state.workshop.own[row.id]);
  return (
    <NumberField
      hideLabel
      label={`Your own: ${row.title}`}
      value={own ?? null}
      placeholder="yours"
      {...ownLimits(row)}
      after={row.unit}
      onNumber={(value) => dispatch(ownValueSet({ row: row.id, value }))}
      onEmpty={() => dispatch(ownValueSet({ row: row.id, value: null }))}
    />
  );
}

const COLUMNS: readonly Column<Row>[] = [
  { id: 'fact', title: 'fact', isHead: true, className: 'py-1 pr-3', cell: ({ title }) => title },
  {
    id: 'handbook',
    title: 'handbook',
    holds: 'figures',
    className: 'px-3 text-quiet',
    cell: (row) => formatQuantity(row),
  },
  { id: 'own', title: 'yours', className: 'w-44 pl-3', cell: (row) => <Own row={row} /> },
];

const OWN_TABLES = TABLES.map(({ id, title, rows }) => ({
  id,
  title,
  rows: rows.filter((row) => isOwnRow(row.id)),
})).filter(({ rows }) => rows.length > 0);

function OwnTables() {
  return OWN_TABLES.map(({ id, title, rows }) => (
    <section key={id} className="mt-5">
      <h3 className="heading">{title}</h3>
      <Table label={title} rows={rows} columns={COLUMNS} keyOf={(row) => row.id} />
    </section>
  ));
}

const SETTINGS: Readonly<Record<string, string>> = {
  system: 'Sizes in life',
  paper: 'Paper',
  theme: 'Light',
  ruleMeasuredMm: 'Printed rule',
};

/** Values that gave way to newer ones, here or in another tab, to be looked up again. */
function EarlierValues() {
  const [earlier, setEarlier] = useState<readonly Replaced[]>([]);
  const workshop = useAppSelector((state) => state.workshop);
  // biome-ignore lint/correctness/useExhaustiveDependencies: with every change there may be one more
  useEffect(() => {
    pieceStore()
      .then(({ drawers }) => earlierValues(drawers))
      .then(setEarlier)
      .catch(sayUnkept);
  }, [workshop]);
  if (earlier.length === 0) return null;
  return (
    <details className="mt-6">
      <summary className="cursor-pointer font-semibold">Earlier values</summary>
      <ul className="mt-1 text-[13px]">
        {earlier.map(({ key, value, at, until }) => (
          <li key={`${key} ${at} ${until}`} className="flex gap-3 border-t border-hair py-1">
            <span className="min-w-0 flex-1 truncate">
              {SETTINGS[key] ?? findRow(key.replace(/^own\//, ''))?.title ?? key}
            </span>
            <span className="figure">{value === null ? 'none' : String(value)}</span>
            <span className="figure text-quiet">until {until.slice(0, 16).replace('T', ' ')}</span>
          </li>
        ))}
      </ul>
    </details>
  );
}

/** The workshop: how things are shown, and the maker’s own values for every piece. */
export default function WorkshopPage() {
  const dispatch = useAppDispatch();
  useReadings();
  const { system, paper, theme } = useAppSelector((state) => state.workshop);
  useEffect(() => {
    void pieceStore();
  }, []);
  return (
    <>
      <RoomHead title="Workshop" />
      <main className="mx-auto max-w-3xl px-4 py-6">
        <h2 className="font-semibold">How things are shown</h2>
        <div className="mt-2 flex flex-wrap gap-6">
          <Choice
            label="Sizes in life"
            value={system}
            options={[
              { value: 'metric', says: 'metres and centimetres' },
              { value: 'feet', says: 'feet and inches' },
            ]}
            onChoose={(value) => dispatch(workshopChanged({ system: value }))}
          />
          <Choice
            label="Paper"
            value={paper}
            options={(Object.keys(PAPERS) as Paper[]).map((value) => ({ value, says: value }))}
            onChoose={(value) => dispatch(workshopChanged({ paper: value }))}
          />
          <Choice
            label="Light"
            value={theme}
            options={[
              { value: 'system', says: 'as the system' },
              { value: 'light', says: 'light' },
              { value: 'dark', says: 'dark' },
            ]}
            onChoose={(value) => dispatch(workshopChanged({ theme: value }))}
          />
        </div>
        <h2 className="mt-6 font-semibold">Instruments</h2>
        <p className="text-[13px] text-quiet">
          A caliper, a balance and a thermometer can type into the field that has the cursor.{' '}
          <Link to="/instruments" target="_blank" className="text-fired underline">
            Open the bench’s own, simulated
          </Link>
        </p>
        <h2 className="mt-6 font-semibold">Your own values, for every piece</h2>
        <p className="text-[13px] text-quiet">
          Measured by you, they go before the handbook’s everywhere. A piece may still have a value of its
          own; its file carries them all.
        </p>
        <OwnTables />
        <EarlierValues />
        <p className="mt-6 text-[13px]">
          <Link to="/notices" className="text-fired underline">
            Notices of the work of others that ships with this
          </Link>
        </p>
      </main>
    </>
  );
}
