import { wireLines } from '@every-inch/core/armature';
import type { PartFacts } from '@every-inch/core/context';
import { CORES, type CoreKind } from '@every-inch/core/handbook';
import { lazy, Suspense, useCallback, useMemo, useState } from 'react';
import { DrawingView } from '../../parts/DrawingView.tsx';
import { FigureList } from '../../parts/FigureList.tsx';
import { FigureRow } from '../../parts/FigureRow.tsx';
import { useLensKey } from '../../parts/keys.ts';
import { LensLayout, Stretch } from '../../parts/LensLayout.tsx';
import { Section } from '../../parts/Sections.tsx';
import { useSizeMm } from '../../parts/useSize.ts';
import { useAsk, useFigure, useFiguresOf, usePartFacts, useTold } from '../../spine/hooks.ts';
import { selectPart, useAppSelector, useOpenPiece } from '../../state/store.ts';
import { BulkFields } from './BulkFields.tsx';
import { ClayTable } from './ClayTable.tsx';
import { Inserts } from './Inserts.tsx';
import { Regions } from './Regions.tsx';
import { Sheets } from './Sheets.tsx';
import { SoftnessDoctor } from './SoftnessDoctor.tsx';
import { Staging } from './Staging.tsx';
import { ThinParts } from './ThinParts.tsx';

const ClayBill = lazy(() => import('./ClayBill.tsx'));
const Colours = lazy(() => import('./Colours.tsx'));
const Panels = lazy(() => import('./Panels.tsx'));
const SolidView = lazy(() => import('../../parts/solid/SolidView.tsx'));
const Thickness = lazy(() => import('./Thickness.tsx'));

/** Figures of a part that matter when clay is weighed out. */
const MATTER = [
  'bulk.clay',
  'bulk.skin',
  'bulk.thickest',
  'bulk.panels-gap',
  'bulk.foil',
  'bulk.coil',
  'bulk.wood',
  'bulk.card',
  'bulk.fibre',
  'bulk.air-dry',
  'bulk.hole*',
  'bulk.weight',
  'bulk.core',
];

const HATCHED = '[background:repeating-linear-gradient(45deg,var(--paper)_0_2px,var(--foil)_2px_4px)]';
/** Each kind of core as it is drawn. */
const CORE_SWATCH: Readonly<Record<CoreKind, string>> = {
  foil: HATCHED,
  coil: HATCHED,
  wood: 'bg-wood',
  card: 'bg-paper',
  fibre: 'bg-wood',
  'air-dry': 'bg-cured',
};

function SectionDrawing() {
  const part = useAppSelector(selectPart);
  const own = useTold('bulk.part', part?.id ?? null);
  const armature = useTold('bones.part', part?.id ?? null);
  const [ref, size] = useSizeMm<HTMLDivElement>();
  const drawing = useAsk('bones.section', part && size ? { part: part.id, ...size, cured: false } : null);
  const core = CORES.find(({ id }) => id === own?.kind)?.title;
  return (
    <div>
      <div className="heading flex flex-wrap gap-x-4">
        <span>Section, miniature mm</span>
        <span className="flex items-center gap-1">
          <span aria-hidden className="inline-block size-3 border border-ink bg-raw" /> clay
        </span>
        {core && (
          <span className="flex items-center gap-1">
            <span
              aria-hidden
              className={`inline-block size-3 border border-ink ${CORE_SWATCH[own?.kind ?? 'foil']}`}
            />{' '}
            {core}
          </span>
        )}
        {armature && (
          <span className="flex items-center gap-1">
            <span aria-hidden className="inline-block h-1 w-3 bg-wire" /> wire
          </span>
        )}
        <span className="flex items-center gap-1 text-fired">
          <span aria-hidden className="inline-block size-3 rounded-full border border-fired" /> thickest clay
        </span>
      </div>
      <div ref={ref} className="h-(--room) min-h-56">
        {drawing && (
          <DrawingView drawing={drawing} label={`Section through ${part?.name}`} className="size-full" />
        )}
      </div>
    </div>
  );
}

/** Ways to look at the inside of a part, with their keys. */
const WAYS = [
  { id: 'section', says: 'Section', key: null },
  { id: 'thickness', says: 'Thickness everywhere', key: 't' },
  { id: 'space', says: 'In space, peeled', key: 'v' },
] as const;
type Way = (typeof WAYS)[number]['id'];

/** The part in space, peeled to its core and its wires. */
function Space({ context }: { readonly context: PartFacts }) {
  const armature = useTold('bones.part', context.part.id);
  const { shrink } = context;
  const wires = useMemo(
    () =>
      (armature ? wireLines(context, armature) : []).map(({ points, widthMm }) => ({
        points: points.map(([x, y, z]) => [x * shrink, y * shrink, z * shrink] as const),
        widthMm: widthMm * shrink,
      })),
    [context, armature, shrink],
  );
  return (
    <div className="h-(--room) min-h-72">
      <SolidView context={context} wires={wires} startsAt="core" />
    </div>
  );
}

/** The inside of the part: its section, the thickness of its clay everywhere, or peeled in space. */
function Upper() {
  const part = useAppSelector(selectPart);
  const context = usePartFacts(part?.id);
  const [way, setWay] = useState<Way>('section');
  const toggle = useCallback((to: Way) => setWay((now) => (now === to ? 'section' : to)), []);
  useLensKey('t', () => toggle('thickness'));
  useLensKey('v', () => toggle('space'));
  const canLook = context !== undefined && context.part.mix.length > 0;
  const shown = canLook ? way : 'section';
  return (
    <>
      {canLook && (
        <fieldset className="flex justify-end gap-1">
          <legend className="sr-only">How the inside is shown</legend>
          {WAYS.map(({ id, says, key }) => (
            <button
              key={id}
              type="button"
              className={`press-quiet ${shown === id ? 'font-semibold' : ''}`}
              aria-pressed={shown === id}
              onClick={() => setWay(id)}
            >
              {says} {key && <kbd className="figure text-quiet">{key.toUpperCase()}</kbd>}
            </button>
          ))}
        </fieldset>
      )}
      {shown === 'section' && <SectionDrawing />}
      {context && shown !== 'section' && (
        <Suspense fallback={<p className="p-4 text-quiet">Looking into the clay …</p>}>
          {shown === 'thickness' ? <Thickness context={context} /> : <Space context={context} />}
        </Suspense>
      )}
    </>
  );
}

/** Bulk: what is inside, how much of everything, and where it is too thick. */
export default function BulkLens() {
  const piece = useOpenPiece();
  const part = useAppSelector(selectPart);
  const readOnly = useAppSelector((state) => state.document.readOnly);
  const context = usePartFacts(part?.id);
  const own = useFiguresOf('bulk', part?.id ?? '');
  const cost = useFigure(null, 'bulk.cost');
  return (
    <LensLayout
      title="Bulk"
      drawing={
        part ? (
          <Upper key={part.id} />
        ) : (
          <p className="my-10 text-center text-quiet">Add a part at Size first; its section is drawn here.</p>
        )
      }
      middle={
        <fieldset disabled={readOnly} className="min-w-0">
          {part && (
            <Section id="core" title="Core and clay" edits={['parts.*.core', 'parts.*.mix']}>
              <BulkFields part={part} />
            </Section>
          )}
          {context && context.part.mix.length > 0 && (
            <Staging key={`staging ${context.part.id}`} context={context} />
          )}
          {context && context.shape.regions.length > 1 && <Regions context={context} />}
          {context?.part.form.kind === 'panels' && (
            <Suspense fallback={null}>
              <Panels context={context} />
            </Suspense>
          )}
          <ClayTable />
          <Suspense fallback={null}>
            <ClayBill />
          </Suspense>
          {context && (
            <Suspense fallback={null}>
              <Colours context={context} />
            </Suspense>
          )}
          {context && context.part.mix.length > 0 && <ThinParts context={context} />}
          {part && <Inserts part={part} />}
          <Sheets />
          <SoftnessDoctor />
        </fieldset>
      }
      reckoning={
        <>
          {part && (
            <Stretch title={part.name}>
              <FigureList
                figures={own}
                matter={MATTER}
                beside={({ quantity }) => (quantity.unit === 'money' ? { after: piece.brief.currency } : {})}
              />
              {own.length === 0 && <p className="text-quiet">Not of clay: no core and no bake.</p>}
            </Stretch>
          )}
          {cost && (
            <Stretch title="The piece">
              <FigureRow figure={cost} after={piece.brief.currency} />
            </Stretch>
          )}
        </>
      }
    />
  );
}
