import { BILL_BY, type BillBy, type BilledPart, type BillRow, clayBill } from '@every-inch/core/bulk';
import { useMemo, useState } from 'react';
import { Bar, BarChart, ResponsiveContainer, Tooltip, XAxis, YAxis } from 'recharts';
import { Choice } from '../../parts/Choice.tsx';
import { Section } from '../../parts/Sections.tsx';
import { type Column, Table } from '../../parts/Table.tsx';
import { useAllFacts, useToldOfAll } from '../../spine/hooks.ts';
import { useOpenPiece } from '../../state/store.ts';

const SAYS: Readonly<Record<BillBy, string>> = {
  part: 'part',
  region: 'region',
  pass: 'bake it goes on for',
  zone: 'colour zone',
};
/** Height of one bar with its gap, and of the axis, px. */
const BAR = 22;
const AXIS = 30;
/** Most bars that are drawn: the heaviest. */
const MOST_BARS = 24;

/** The clay of the whole piece, a bar for each part, region, pass or zone, stacked by colour. */
export default function ClayBill() {
  const piece = useOpenPiece();
  const contexts = useAllFacts();
  const bulk = useToldOfAll('bulk.part');
  const [by, setBy] = useState<BillBy>('part');
  const rows = useMemo(() => {
    const parts = [...bulk].flatMap(([id, own]): BilledPart[] => {
      const context = contexts.get(id);
      return context ? [{ context, bulk: own }] : [];
    });
    return clayBill(parts, by);
  }, [bulk, contexts, by]);
  const used = piece.clays.filter(({ id }) => rows.some(({ grams }) => (grams.get(id) ?? 0) > 0));
  if (rows.length === 0) return null;
  const columns: Column<BillRow>[] = [
    { id: 'name', title: SAYS[by], isHead: true, cell: ({ name }) => name, sortBy: ({ name }) => name },
    ...used.map(
      ({ id, name }): Column<BillRow> => ({
        id,
        title: name,
        holds: 'figures',
        canHide: true,
        cell: ({ grams }) => (grams.has(id) ? (grams.get(id) ?? 0).toFixed(1) : '–'),
        sortBy: ({ grams }) => grams.get(id) ?? 0,
      }),
    ),
    {
      id: 'all',
      title: 'all',
      holds: 'figures',
      cell: ({ totalG }) => totalG.toFixed(1),
      sortBy: ({ totalG }) => totalG,
    },
  ];
  const shown = [...rows].sort((a, b) => (by === 'pass' ? 0 : b.totalG - a.totalG)).slice(0, MOST_BARS);
  const data = shown.map(({ name, grams }) => ({
    name,
    ...Object.fromEntries([...grams].map(([id, g]) => [id, Math.round(g * 10) / 10])),
  }));
  return (
    <Section
      id="bill"
      title="Clay bill"
      says="Clay bill, g with copies and waste"
      beside={
        <Choice
          label="Drawn up by"
          value={by}
          options={BILL_BY.map((value) => ({ value, says: SAYS[value] }))}
          onChoose={setBy}
        />
      }
    >
      <div style={{ height: AXIS + BAR * shown.length }} aria-hidden>
        <ResponsiveContainer width="100%" height="100%">
          <BarChart
            accessibilityLayer={false}
            data={data}
            layout="vertical"
            margin={{ left: 8, right: 16, top: 4, bottom: 4 }}
          >
            <XAxis type="number" tick={{ fill: 'var(--quiet)', fontSize: 11 }} stroke="var(--hair)" />
            <YAxis
              type="category"
              dataKey="name"
              width={150}
              tick={{ fill: 'var(--ink)', fontSize: 12 }}
              stroke="var(--hair)"
              interval={0}
            />
            <Tooltip
              cursor={{ fill: 'var(--hair)', opacity: 0.4 }}
              contentStyle={{ background: 'var(--panel)', border: '1px solid var(--ink)', borderRadius: 0 }}
              formatter={(value) => `${value} g`}
            />
            {used.map(({ id, name, colour }) => (
              <Bar
                key={id}
                dataKey={id}
                name={name}
                stackId="clay"
                fill={colour}
                stroke="var(--ink)"
                strokeWidth={0.6}
                isAnimationActive={false}
              />
            ))}
          </BarChart>
        </ResponsiveContainer>
      </div>
      {rows.length > shown.length && (
        <p className="text-[13px] text-quiet">
          The {shown.length} heaviest of {rows.length} are drawn; all are in the table.
        </p>
      )}
      <details>
        <summary className="cursor-pointer text-[13px] text-quiet">As a table</summary>
        <Table label={`Clay by ${SAYS[by]}`} rows={rows} columns={columns} keyOf={({ name }) => name} />
      </details>
    </Section>
  );
}
