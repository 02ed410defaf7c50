import { reckonDeform } from '@every-inch/core/bake/doctor';
import type { RegionHistory } from '@every-inch/core/bake/heat';
import { judgeHistory, type PlannedBake, passAsks } from '@every-inch/core/bake/plan';
import type { BulkFacts } from '@every-inch/core/bulk';
import { heroicOf, type PartFacts } from '@every-inch/core/context';
import { memo, useMemo } from 'react';
import { FigureRow } from '../../parts/FigureRow.tsx';
import { Section } from '../../parts/Sections.tsx';
import { type Column, Table } from '../../parts/Table.tsx';
import { VerdictLine } from '../../parts/VerdictLine.tsx';
import { useFind, usePlan, useTold } from '../../spine/hooks.ts';
import { useBakeHistory } from '../../workers/useBake.ts';

/** History is worked through on cells so many times as large as one look: it is several bakes. */
const COARSER = 1.6;
/** Shades of the bakes of a bar, first to last. */
const SHADES = ['bg-(--raw)', 'bg-(--cured)', 'bg-(--wire)', 'bg-(--moss)', 'bg-(--water)'];

interface BarProps {
  readonly row: RegionHistory;
  readonly mostMin: number;
  /** Which of all bakes each is. */
  readonly numberOf: (id: string) => number;
}

/** Minutes that a region is at its heat, bake after bake. */
function Bar({ row, mostMin, numberOf }: BarProps) {
  return (
    <span
      className="flex h-3 w-full"
      role="img"
      aria-label={`${row.region}: ${row.bakes.map(({ meanMin }) => `${meanMin.toFixed(0)} min`).join(', then ')}`}
    >
      {row.bakes.map(({ id, meanMin }) => (
        <span
          key={id}
          className={`${SHADES[(numberOf(id) - 1) % SHADES.length]} border-r border-bench`}
          style={{ width: `${(100 * meanMin) / mostMin}%` }}
        />
      ))}
    </span>
  );
}

const NO_BAKES: readonly PlannedBake[] = [];

interface HistoryProps {
  readonly context: PartFacts;
  readonly bulk: BulkFacts;
}

/** What every region has been through when all bakes of the route are over, and how clay moves. */
export default memo(function BakeHistory({ context, bulk }: HistoryProps) {
  const bakes = usePlan() ?? NO_BAKES;
  const find = useFind();
  const { part, scale, own } = context;
  const bones = useTold('bones.part', part.id);
  const passes = useMemo(() => passAsks(context, bulk, bakes, COARSER), [context, bulk, bakes]);
  const { found, says, isBusy } = useBakeHistory(
    part.form,
    heroicOf(scale.heroic, own),
    passes.length > 0 ? passes : null,
  );
  const one = found.at(-1);
  const titles = new Map(bakes.map(({ step, number, title }) => [step, `${number}. ${title}`]));
  const ids = passes.map(({ id }) => id);
  const numberOf = (id: string) => ids.indexOf(id) + 1;
  const ofLoads = find(part.id, 'bake.minutes')?.verdict;
  const standing = find(part.id, 'bones.stands')?.verdict?.level;
  const deform = one
    ? reckonDeform({
        context,
        bulk,
        overhang: one.overhang,
        hasWire: (bones?.runs.length ?? 0) > 0,
        stands: standing === undefined ? null : standing !== 'stop',
        find: (key) => find(part.id, `${key}`),
      })
    : [];
  const mostMin = Math.max(1, ...(one?.history.regions.map(({ totalMin }) => totalMin) ?? []));
  const columns: Column<RegionHistory>[] = [
    {
      id: 'region',
      title: 'region',
      isHead: true,
      cell: ({ region }) => region,
      sortBy: ({ region }) => region,
    },
    {
      id: 'minutes',
      title: 'minutes at its heat',
      className: 'w-2/5',
      cell: (row) => <Bar row={row} mostMin={mostMin} numberOf={numberOf} />,
    },
    {
      id: 'all',
      title: 'in all',
      holds: 'figures',
      cell: ({ totalMin }) => `${totalMin.toFixed(0)} min`,
      sortBy: ({ totalMin }) => totalMin,
    },
    {
      id: 'hottest',
      title: 'hottest',
      holds: 'figures',
      cell: ({ peakC }) => `${peakC.toFixed(0)} °C`,
      sortBy: ({ peakC }) => peakC,
    },
    {
      id: 'is',
      title: 'it is',
      cell: (row) => <VerdictLine verdict={judgeHistory(context, bulk, row, ofLoads)} />,
    },
  ];
  return (
    <Section id="history" title="What it goes through" says={`What ${part.name} goes through, bake by bake`}>
      {passes.length === 0 && <p className="text-quiet">No bake of the route takes it.</p>}
      {says && (
        <p role="alert" className="text-wont">
          {says}
        </p>
      )}
      {isBusy && <progress aria-label="Working its bakes through" className="mt-1" />}
      {one && (
        <>
          <ol className="mt-1 flex flex-wrap gap-x-4 text-[12.5px] text-quiet">
            {one.history.runs.map(({ id, run }) => (
              <li key={id} className="flex items-center gap-1.5">
                <span
                  aria-hidden
                  className={`inline-block size-3 ${SHADES[(numberOf(id) - 1) % SHADES.length]}`}
                />
                {titles.get(id)}, {Math.round(run.holdMin ?? 0)} min in
              </li>
            ))}
          </ol>
          <Table
            className="mt-1"
            label={`Bakes of ${part.name}, region by region`}
            rows={one.history.regions}
            columns={columns}
            keyOf={({ region }) => region}
          />
          <h4 className="mt-4 font-semibold">How it moves in the heat</h4>
          <div className="max-w-xl">
            {deform.map((figure) => (
              <FigureRow key={figure.key} figure={figure} />
            ))}
          </div>
        </>
      )}
    </Section>
  );
});
