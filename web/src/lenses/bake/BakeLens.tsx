import type { BulkFacts } from '@every-inch/core/bulk';
import type { PartFacts } from '@every-inch/core/context';
import { CARE } from '@every-inch/core/handbook';
import type { Part } from '@every-inch/core/piece';
import { formatQuantity, formatRange, type ShownFigure } from '@every-inch/core/reckoning';
import { lazy, Suspense } from 'react';
import { Link } from 'react-router';
import { DrawingView } from '../../parts/DrawingView.tsx';
import { FigureRow } from '../../parts/FigureRow.tsx';
import { LensLayout, Stretch } from '../../parts/LensLayout.tsx';
import { Lessons } from '../../parts/Lessons.tsx';
import { OUTCOME_SAYS } from '../../parts/outcomes.ts';
import { Section } from '../../parts/Sections.tsx';
import { type Column, Table } from '../../parts/Table.tsx';
import { useSizeMm } from '../../parts/useSize.ts';
import { VerdictLine } from '../../parts/VerdictLine.tsx';
import { Working } from '../../parts/Working.tsx';
import { useAsk, useFiguresOf, useFind, usePartFacts, useTold } from '../../spine/hooks.ts';
import { selected } from '../../state/sessionSlice.ts';
import { selectPart, useAppDispatch, useAppSelector, useOpenPiece } from '../../state/store.ts';
import { Audit } from './Audit.tsx';
import { BakeCard } from './BakeCard.tsx';
import { LiveBake } from './LiveBake.tsx';
import { PrintCard } from './PrintCard.tsx';

const Doctor = lazy(() => import('../../parts/Doctor.tsx'));
const Loads = lazy(() => import('./Loads.tsx'));
const SimulatedBake = lazy(() => import('./SimulatedBake.tsx'));

/** A part that is baked, and the figures of its bake by itself. */
interface BakedPart {
  readonly part: Part;
  readonly thickest: ShownFigure;
  readonly temperature: ShownFigure;
  readonly hold: ShownFigure;
}

function PartName({ part }: { readonly part: Part }) {
  const dispatch = useAppDispatch();
  return (
    <button
      type="button"
      className="py-1.5 text-left hover:underline"
      onClick={() => dispatch(selected(part.id))}
    >
      {part.name}
    </button>
  );
}

function Told({ figure }: { readonly figure: ShownFigure }) {
  return (
    <span className="inline-flex items-center whitespace-nowrap">
      {formatRange(figure.quantity) ?? formatQuantity(figure.quantity)}
      <Working figure={figure} />
    </span>
  );
}

const COLUMNS: readonly Column<BakedPart>[] = [
  {
    id: 'part',
    title: 'baked by itself',
    isHead: true,
    cell: ({ part }) => <PartName part={part} />,
    sortBy: ({ part }) => part.name,
  },
  {
    id: 'thickest',
    title: 'thickest clay',
    holds: 'figures',
    cell: ({ thickest }) => <Told figure={thickest} />,
    sortBy: ({ thickest }) => thickest.quantity.value,
  },
  {
    id: 'oven',
    title: 'oven',
    holds: 'figures',
    canHide: true,
    cell: ({ temperature }) => <Told figure={temperature} />,
    sortBy: ({ temperature }) => temperature.quantity.value,
  },
  {
    id: 'time',
    title: 'time',
    holds: 'figures',
    cell: ({ hold }) => <Told figure={hold} />,
    sortBy: ({ hold }) => hold.quantity.value,
  },
  {
    id: 'verdict',
    title: 'verdict',
    cell: ({ hold }) => hold.verdict && <VerdictLine verdict={hold.verdict} waysOut={false} />,
  },
];

/** Each baked part: its thickest clay and the time that asks for. */
function PartsTable() {
  const piece = useOpenPiece();
  const find = useFind();
  const chosen = useAppSelector(selectPart);
  const baked = piece.parts.flatMap((part): BakedPart[] => {
    const [thickest, temperature, hold] = ['bulk.thickest', 'bake.temperature', 'bake.hold'].map((key) =>
      find(part.id, key),
    );
    return thickest && temperature && hold ? [{ part, thickest, temperature, hold }] : [];
  });
  if (baked.length === 0) return null;
  return (
    <Table
      className="mt-1"
      label="Parts baked by themselves"
      rows={baked}
      columns={COLUMNS}
      keyOf={({ part }) => part.id}
      rowClass={({ part }) => (part.id === chosen?.id ? 'bg-panel' : '')}
    />
  );
}

function Baked() {
  const part = useAppSelector(selectPart);
  const bulk = useTold('bulk.part', part?.id ?? null);
  const [ref, size] = useSizeMm<HTMLDivElement>();
  const drawing = useAsk(
    'bones.section',
    part && bulk && size ? { part: part.id, ...size, cured: true } : null,
  );
  return (
    <div ref={ref} className="h-[min(260px,34vh)] min-h-48">
      {drawing ? (
        <DrawingView
          drawing={drawing}
          label={`Section through ${part?.name}, baked, with its thickest clay`}
          className="size-full"
        />
      ) : (
        <p className="pt-10 text-center text-quiet">{part?.name} is not baked.</p>
      )}
    </div>
  );
}

/** The last bake of the part that did not come out well, and what the doctor says of it. */
function PastTrouble({ context, bulk }: { readonly context: PartFacts; readonly bulk: BulkFacts }) {
  const { part, piece } = context;
  const entry = piece.log.findLast((one) => one.part === part.id && one.bake && one.bake.outcome !== 'good');
  if (!entry?.bake) return null;
  return (
    <Section
      id="trouble"
      title="A bake that went wrong"
      says={`${entry.at.slice(0, 10)}: ${part.name} ${OUTCOME_SAYS[entry.bake.outcome]}`}
    >
      <Suspense fallback={null}>
        <Doctor context={context} bulk={bulk} record={entry.bake} />
      </Suspense>
    </Section>
  );
}

/** Bake: the card of one load, and what each part would ask for by itself. */
export default function BakeLens() {
  const part = useAppSelector(selectPart);
  const piece = useOpenPiece();
  const find = useFind();
  const context = usePartFacts(part?.id);
  const ownBulk = useTold('bulk.part', part?.id ?? null);
  const card = ['temperature', 'dial', 'hold', 'set'].map((key) => find(null, `bake.${key}`));
  const own = useFiguresOf('bake', part?.id ?? '');
  return (
    <LensLayout
      title="Bake"
      middle={
        <>
          <LiveBake />
          <Section id="card" title="Everything in one load" beside={card[0] && <PrintCard />}>
            {card[0] ? (
              <BakeCard figures={card} />
            ) : (
              <p className="text-quiet">
                Nothing here is baked: no part is of a clay that goes in the oven. Add one at Size, or choose
                its clay at Bulk.
              </p>
            )}
            {part && <Baked />}
            <PartsTable />
          </Section>
          <Suspense fallback={null}>
            <Loads />
          </Suspense>
          {context && ownBulk && <Audit part={context.part} />}
          {context && ownBulk && <PastTrouble context={context} bulk={ownBulk} />}
          {context && ownBulk && (
            <Suspense fallback={<p className="p-4 text-quiet">Looking into the oven …</p>}>
              <SimulatedBake key={context.part.id} context={context} bulk={ownBulk} />
            </Suspense>
          )}
          <p className="mt-3">
            <Link to={`/piece/${piece.id}/log`} className="text-fired underline underline-offset-2">
              Record a bake in the log
            </Link>
          </p>
        </>
      }
      reckoning={
        <>
          {part && own.length > 0 && (
            <Stretch title={`${part.name}, by itself`}>
              {own.map((figure) => (
                <FigureRow key={figure.id} figure={figure} />
              ))}
            </Stretch>
          )}
          <Lessons lens="bake" />
          <Stretch title="Care">
            <ul className="list-disc space-y-1 pl-4 text-[13px]">
              {CARE.filter(({ step }) => step === 'bake' || step === 'clay').map(({ says }) => (
                <li key={says}>{says}</li>
              ))}
            </ul>
          </Stretch>
        </>
      }
    />
  );
}
