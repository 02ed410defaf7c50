import {
  type BonesFacts,
  bendsOf,
  cutWire,
  endMm,
  pathLength,
  type Run,
  wireSays,
  withRunChoice,
} from '@every-inch/core/armature';
import type { PartFacts } from '@every-inch/core/context';
import { newId, type RunChoice } from '@every-inch/core/piece';
import type { DocumentPath } from '@every-inch/core/reckoning';
import { formatMiniMm, miniMm } from '@every-inch/core/units';
import { useState } from 'react';
import { LengthField } from '../../parts/LengthField.tsx';
import { type Column, Table } from '../../parts/Table.tsx';
import { TextField } from '../../parts/TextField.tsx';
import { askOnce } from '../../spine/hooks.ts';
import { editAt, useAppDispatch } from '../../state/store.ts';
import { WirePick } from './WireFields.tsx';

interface RunsProps {
  readonly context: PartFacts;
  readonly bones: BonesFacts;
}

const mm = (value: number) => formatMiniMm(miniMm(value));

/** Changes what is settled about the wires of a part. */
function useRunEdit({ part }: PartFacts) {
  const dispatch = useAppDispatch();
  const put = (runs: readonly RunChoice[], label: string) =>
    dispatch(editAt(`${label} of ${part.name}`, ['parts', part.id, 'runs'], runs));
  return {
    put,
    /** For a proposed wire by its name, for a drawn one by its own entry. */
    change: (run: Pick<Run, 'name' | 'drawnId'>, change: Partial<Omit<RunChoice, 'id' | 'drawn'>>) =>
      put(
        run.drawnId !== null
          ? part.runs.map((one) => (one.id === run.drawnId ? { ...one, ...change } : one))
          : withRunChoice(part.runs, run.name, change, () => newId('run')),
        `wire “${run.name}”`,
      ),
    remove: (run: Run) =>
      put(
        part.runs.filter((one) => one.id !== run.drawnId),
        `wire “${run.name}”`,
      ),
  };
}

interface DepthProps {
  readonly label: string;
  readonly settled: number | null;
  readonly reckoned: number;
  readonly entry: DocumentPath | undefined;
  readonly onDepth: (mm: number | null) => void;
}

function Depth({ label, settled, reckoned, entry, onDepth }: DepthProps) {
  return (
    <LengthField
      label={label}
      entry={entry}
      className="w-20"
      sign="nonNegative"
      shown={settled === null ? '' : mm(settled)}
      placeholder={mm(reckoned)}
      unit="mm"
      onLength={(value) => onDepth(Math.min(1000, value))}
      onEmpty={() => onDepth(null)}
    />
  );
}

/** Everything about one wire that can be settled. */
function RunFields({ context, bones, run }: RunsProps & { readonly run: Run }) {
  const { change, remove } = useRunEdit(context);
  const [start, end] = run.ends;
  const wire = cutWire(context, run, bones.wire);
  // As it was typed, before its wire has been reckoned.
  const settled = context.part.runs.find((one) =>
    run.drawnId === null ? one.name === run.name && one.drawn.length === 0 : one.id === run.drawnId,
  );
  const entry = (field: string): DocumentPath | undefined =>
    settled && ['parts', context.part.id, 'runs', settled.id, field];
  return (
    <div className="flex flex-wrap items-end gap-x-5 gap-y-2 bg-bench px-3 py-2">
      {run.drawnId !== null && (
        <TextField
          label="Name"
          value={run.name}
          onText={(name) => name.trim() && change(run, { name: name.trim() })}
        />
      )}
      <WirePick wire={wire} onWire={(value) => change(run, { wire: value })} />
      <Depth
        label="Start goes in, mm"
        entry={entry('startMm')}
        settled={settled?.startMm ?? null}
        reckoned={endMm(context, { ...start, mm: null }, wire)}
        onDepth={(startMm) => change(run, { startMm })}
      />
      <Depth
        label="End goes in, mm"
        entry={entry('endMm')}
        settled={settled?.endMm ?? null}
        reckoned={endMm(context, { ...end, mm: null }, wire)}
        onDepth={(value) => change(run, { endMm: value })}
      />
      {wire.strands > 1 && (
        <LengthField
          label="One turn of the twist, mm"
          entry={entry('layMm')}
          className="w-20"
          shown={typeof settled?.layMm === 'number' ? mm(settled.layMm) : ''}
          placeholder="as usual"
          unit="mm"
          onLength={(layMm) => change(run, { layMm: Math.min(1000, layMm) })}
          onEmpty={() => change(run, { layMm: null })}
        />
      )}
      {settled?.wire && (
        <button type="button" className="press-quiet text-fired" onClick={() => change(run, { wire: null })}>
          same wire as the rest
        </button>
      )}
      {run.drawnId !== null ? (
        <button type="button" className="press-quiet text-fired" onClick={() => remove(run)}>
          take it away
        </button>
      ) : (
        <button type="button" className="press-quiet text-fired" onClick={() => change(run, { out: true })}>
          leave it out
        </button>
      )}
    </div>
  );
}

/** Several like wires told as one row. */
interface Row {
  readonly key: string;
  readonly name: string;
  readonly runs: readonly Run[];
}

/** More like wires than this are told as one row. */
const MANY = 4;

function rowsOf(runs: readonly Run[]): Row[] {
  const rows: Row[] = [];
  for (const group of ['tips', 'twigs'] as const) {
    const alike = runs.filter((run) => run.group === group);
    if (alike.length > MANY) rows.push({ key: group, name: `${group}, ${alike.length} wires`, runs: alike });
  }
  const told = new Set(rows.flatMap((row) => row.runs));
  return [
    ...runs
      .filter((run) => !told.has(run))
      .map((run) => ({ key: run.drawnId ?? run.name, name: run.name, runs: [run] })),
    ...rows,
  ];
}

function span(values: readonly number[]): string {
  const [low, high] = [Math.min(...values), Math.max(...values)];
  return mm(low) === mm(high) ? mm(low) : `${mm(low)} to ${mm(high)}`;
}

function bendsSay(run: Run): string {
  const bends = bendsOf(run.path);
  return (
    bends
      .map(({ atMm, degrees, towards }) => `${atMm.toFixed(0)} mm ${Math.round(degrees)}° ${towards}`)
      .join(', ') || 'none'
  );
}

function goesSay({ isFolded }: Run, start: number, end: number): string {
  if (isFolded) return 'folded';
  if (start > 0 && end > 0) return mm(start) === mm(end) ? `${mm(start)} both` : `${mm(start)}, ${mm(end)}`;
  if (start === 0 && end === 0) return '–';
  return start > 0 ? `${mm(start)} start` : `${mm(end)} end`;
}

/** A row with what of it is worked out. */
interface Shown extends Row {
  readonly first: Run;
  readonly cut: BonesFacts['pieces'];
  readonly context: PartFacts;
  readonly bones: BonesFacts;
}

function longest(values: readonly number[]): number {
  return Math.max(0, ...values);
}

function goesIn({ first, context, bones }: Shown): string {
  const wire = cutWire(context, first, bones.wire);
  const [start, end] = first.ends.map((one) => endMm(context, one, wire));
  return goesSay(first, start ?? 0, end ?? 0);
}

const COLUMNS: readonly Column<Shown>[] = [
  {
    id: 'run',
    title: 'run',
    isHead: true,
    className: 'min-w-24',
    cell: ({ name }) => name,
    sortBy: ({ name }) => name,
  },
  {
    id: 'wire',
    title: 'wire',
    className: 'min-w-24',
    cell: ({ first, context, bones }) =>
      first.wire || first.group === 'twigs' ? (
        wireSays(cutWire(context, first, bones.wire))
      ) : (
        <span className="text-quiet">as the part</span>
      ),
  },
  {
    id: 'along',
    title: 'along it, mm',
    holds: 'figures',
    cell: ({ runs }) => span(runs.map(({ path }) => pathLength(path))),
    sortBy: ({ runs }) => longest(runs.map(({ path }) => pathLength(path))),
  },
  {
    id: 'in',
    title: 'goes in, mm',
    holds: 'figures',
    className: 'min-w-20',
    cell: goesIn,
  },
  {
    id: 'bends',
    title: 'bends, from its start',
    holds: 'figures',
    canHide: true,
    className: 'text-[12.5px]',
    cell: ({ runs, first }) => (runs.length > 1 ? 'see the drawing' : bendsSay(first)),
  },
  {
    id: 'cut',
    title: 'cut, mm',
    holds: 'figures',
    cell: ({ cut }) => span(cut.map(({ lengthMm }) => lengthMm)),
    sortBy: ({ cut }) => longest(cut.map(({ lengthMm }) => lengthMm)),
  },
  {
    id: 'many',
    title: 'how many',
    holds: 'figures',
    cell: ({ cut }) => cut.reduce((sum, { count }) => sum + count, 0),
  },
];

/** The wires of a part; each can be changed or left out, and others put in. */
export function RunsTable({ context, bones }: RunsProps) {
  const { change, put } = useRunEdit(context);
  const { part } = context;
  const [open, setOpen] = useState<string | null>(null);
  const rows = rowsOf(bones.runs);
  const leftOut = part.runs.filter(({ out, drawn }) => out && drawn.length === 0);
  const add = async () => {
    const run = await askOnce('bones.straight', { part: part.id, id: newId('run') });
    if (run) put([...part.runs, run], 'a wire drawn in');
    setOpen(null);
  };
  const shown = rows.flatMap((row): Shown[] => {
    const [first] = row.runs;
    const cut = row.runs.flatMap((run) => bones.pieces[bones.runs.indexOf(run)] ?? []);
    return first ? [{ ...row, first, cut, context, bones }] : [];
  });
  const columns: readonly Column<Shown>[] = [
    ...COLUMNS,
    {
      id: 'change',
      title: 'change',
      isQuiet: true,
      cell: ({ key, name, runs }) =>
        runs.length === 1 && (
          <button
            type="button"
            className="press-quiet"
            aria-expanded={open === key}
            aria-label={`Change the wire “${name}”`}
            onClick={() => setOpen(open === key ? null : key)}
          >
            {open === key ? 'done' : 'change'}
          </button>
        ),
    },
  ];
  return (
    <div className="mt-3">
      <Table
        label={`Wires of ${part.name}`}
        rows={shown}
        columns={columns}
        keyOf={({ key }) => key}
        below={({ key, runs, first }) =>
          open === key && runs.length === 1 && <RunFields context={context} bones={bones} run={first} />
        }
        isWide
      />
      <p className="mt-1 flex flex-wrap gap-x-4">
        <button type="button" className="press-quiet text-fired" onClick={() => void add()}>
          + A straight wire, to be bent
        </button>
        {leftOut.map(({ id, name }) => (
          <button
            key={id}
            type="button"
            className="press-quiet text-fired"
            onClick={() => change({ name, drawnId: null }, { out: false })}
          >
            put “{name}” back in
          </button>
        ))}
      </p>
    </div>
  );
}
