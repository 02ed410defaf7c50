import { sheetsDrawing } from '@every-inch/core/bench';
import { type Part, setAt } from '@every-inch/core/piece';
import { oneLog } from '@every-inch/core/repeats';
import { formatMiniMm, miniMm } from '@every-inch/core/units';
import { useMemo, useState } from 'react';
import { DrawingView } from '../../parts/DrawingView.tsx';
import { FigureList } from '../../parts/FigureList.tsx';
import { FigureRow } from '../../parts/FigureRow.tsx';
import { LensLayout, Stretch } from '../../parts/LensLayout.tsx';
import { Section } from '../../parts/Sections.tsx';
import { type Column, Table } from '../../parts/Table.tsx';
import {
  useAsk,
  useCount,
  useFigure,
  useFiguresOf,
  useFind,
  usePartFacts,
  useTold,
} from '../../spine/hooks.ts';
import { selected } from '../../state/sessionSlice.ts';
import { edit, selectPart, useAppDispatch, useAppSelector, useOpenPiece } from '../../state/store.ts';
import { save } from '../../storage/shelf.ts';
import { AddSet } from './AddSet.tsx';
import { Mould } from './Mould.tsx';
import { Pattern } from './Pattern.tsx';
import { Guide, SetDrawing } from './SetDrawing.tsx';
import { SetFields } from './SetFields.tsx';
import { Spacing } from './Spacing.tsx';
import { Tally } from './Tally.tsx';
import { timeSays, Ways } from './Ways.tsx';

/** Figures of a part that matter when many are made. */
const MATTER = [
  'repeats.make',
  'repeats.needed',
  'repeats.minutes',
  'repeats.place',
  'repeats.left',
  'mould.half',
  'mould.stuff',
];

/** Every set of the piece, how far each has come. */
function SetList() {
  const { parts } = useOpenPiece();
  const dispatch = useAppDispatch();
  const find = useFind();
  const part = useAppSelector(selectPart);
  const sets = parts.filter(({ repeat }) => repeat !== null);
  if (sets.length === 0)
    return <p className="text-quiet">No sets yet: shingles, teeth, rivets, leaves, legs, mugs.</p>;
  const value = (id: string, key: string) => find(id, key)?.quantity.value;
  const columns: Column<Part>[] = [
    {
      id: 'set',
      title: 'set',
      isHead: true,
      cell: ({ id, name }) => (
        <button
          type="button"
          className="press-quiet max-w-48 truncate text-left text-fired"
          aria-current={id === part?.id ? 'true' : undefined}
          onClick={() => dispatch(selected(id))}
        >
          {name}
        </button>
      ),
    },
    { id: 'on', title: 'on', cell: ({ parent }) => parts.find(({ id }) => id === parent)?.name ?? '–' },
    { id: 'needed', title: 'needed', holds: 'figures', cell: ({ id }) => value(id, 'repeats.needed') ?? '–' },
    { id: 'make', title: 'to make', holds: 'figures', cell: ({ id }) => value(id, 'repeats.make') ?? '–' },
    { id: 'good', title: 'made', holds: 'figures', cell: ({ repeat }) => repeat?.tally.good ?? 0 },
    {
      id: 'time',
      title: 'takes',
      holds: 'figures',
      cell: ({ id }) => {
        const minutes = value(id, 'repeats.minutes');
        return minutes === undefined ? '–' : timeSays(minutes);
      },
    },
  ];
  return <Table label="Sets" rows={sets} columns={columns} keyOf={({ id }) => id} isWide />;
}

/** What is cut from sheets for a flat set. */
function FromSheet({ part }: { readonly part: Part }) {
  const cut = useAsk('repeats.sheets', { part: part.id });
  const [isOpen, setIsOpen] = useState(false);
  const first = cut?.nest.sheets[0];
  const drawing = useMemo(() => (isOpen && first ? sheetsDrawing([first]) : null), [isOpen, first]);
  if (!cut || cut.perSheet === 0) return null;
  return (
    <details className="mt-2" onToggle={(event) => setIsOpen(event.currentTarget.open)}>
      <summary className="heading cursor-pointer">
        {cut.perSheet} to a sheet, {cut.sheets === 1 ? 'one sheet' : `${cut.sheets} sheets`}
      </summary>
      {drawing && (
        <DrawingView
          drawing={drawing}
          label={`A sheet of ${part.name}`}
          className="mt-1 max-h-72 w-full max-w-xl"
        />
      )}
    </details>
  );
}

const MM3 = 1000;

/** All of a set rolled as one log and cut alike; pairs from a log that is folded in half. */
function AsOneLog({ part }: { readonly part: Part }) {
  const volume = useTold('bulk.part', part.id)?.solid.quantity.value;
  const count = useCount(part);
  const facts = usePartFacts(part.id);
  if (!volume || !facts || count < 2) return null;
  const extents = [0, 1, 2].map(
    (k) => ((facts.shape.box.max[k] ?? 0) - (facts.shape.box.min[k] ?? 0)) / facts.shrink,
  );
  const log = oneLog(volume * MM3, Math.min(...extents), count);
  const mm = (value: number) => formatMiniMm(miniMm(value));
  return (
    <p className="mt-2 text-[14px]">
      <span className="heading">As one log</span> <span className="figure">{mm(log.thickMm)} mm</span> thick
      and <span className="figure">{mm(log.lengthMm)} mm</span> long, cut every{' '}
      <span className="figure">{mm(log.cutMm)} mm</span>: all take the same clay.{' '}
      <span className="text-quiet">For pairs fold it in half and cut both at once; turn one over.</span>
    </p>
  );
}

function SetOf({ part }: { readonly part: Part }) {
  const dispatch = useAppDispatch();
  const facts = useTold('repeats.set', part.id);
  const make = useFigure(part.id, 'repeats.make')?.quantity.value;
  const rule = part.repeat;
  // As many as the rule came to stay.
  const free = () =>
    dispatch(
      edit(`${part.name} counted by hand`, (piece) => {
        const counted = make === undefined ? piece : setAt(piece, ['parts', part.id, 'count'], make);
        return setAt(counted, ['parts', part.id, 'repeat'], null);
      }),
    );
  return (
    <>
      <Section
        id="set"
        title={part.name}
        edits={['parts.*.repeat']}
        className="max-w-5xl"
        beside={rule && make !== undefined && <span className="text-quiet">{make} to make</span>}
      >
        {rule ? (
          <>
            <SetFields part={part} rule={rule} />
            <Guide part={part} />
            <FromSheet part={part} />
            <AsOneLog part={part} />
            <button type="button" className="press-quiet mt-1 text-fired" onClick={free}>
              count {part.name} by hand again
            </button>
          </>
        ) : (
          <p>{part.count === 1 ? `One ${part.name}` : `${part.count} of ${part.name}`}, counted at Size.</p>
        )}
        <AddSet part={part} />
      </Section>
      {rule && <Tally key={part.id} part={part} rule={rule} />}
      {rule && facts && make !== undefined && <Ways part={part} facts={facts} n={make} />}
    </>
  );
}

/** Saves the sets with their tallies as a table. */
function SaveSets() {
  const { name, parts } = useOpenPiece();
  const find = useFind();
  if (!parts.some(({ repeat }) => repeat !== null)) return null;
  const onSave = async () => {
    const { setsCsv } = await import('@every-inch/core/repeats/csv');
    save(new File([setsCsv(parts, find)], `${name}, sets.csv`, { type: 'text/csv' }));
  };
  return (
    <button type="button" className="press-quiet text-fired" onClick={() => void onSave()}>
      as CSV
    </button>
  );
}

function Middle() {
  const part = useAppSelector(selectPart);
  return (
    <>
      <Section id="sets" title="Sets" beside={<SaveSets />}>
        <SetList />
      </Section>
      {part && <SetOf part={part} />}
      {part && <Mould part={part} />}
      {part && <Pattern part={part} />}
      <Spacing />
    </>
  );
}

function Upper() {
  const part = useAppSelector(selectPart);
  return part?.repeat ? <SetDrawing key={part.id} part={part} rule={part.repeat} /> : null;
}

function Reckoned() {
  const part = useAppSelector(selectPart);
  const figures = useFiguresOf('repeats', part?.id ?? null);
  const all = useFigure(null, 'repeats.all');
  return (
    <>
      {part && figures.length > 0 && (
        <Stretch title={part.name}>
          <FigureList figures={figures} matter={MATTER} />
        </Stretch>
      )}
      {all && (
        <Stretch title="The piece">
          <FigureRow figure={all} />
        </Stretch>
      )}
    </>
  );
}

/** Many of a kind: how many, evenly spaced, and by the way that pays. */
export default function RepeatsLens() {
  const part = useAppSelector(selectPart);
  return (
    <LensLayout
      title="Repeats"
      drawing={part?.repeat && part.repeat.kind !== 'counted' ? <Upper /> : undefined}
      middle={<Middle />}
      reckoning={<Reckoned />}
    />
  );
}
