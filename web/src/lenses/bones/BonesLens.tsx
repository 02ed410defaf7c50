import { type BonesFacts, coverWanted, type SolidCover, wireSays } from '@every-inch/core/armature';
import type { PartFacts } from '@every-inch/core/context';
import { newId, setAt } from '@every-inch/core/piece';
import { formatMiniMm, miniMm } from '@every-inch/core/units';
import { lazy, Suspense, useCallback, useState } from 'react';
import { DrawingView } from '../../parts/DrawingView.tsx';
import { FigureList } from '../../parts/FigureList.tsx';
import { useLensKey } from '../../parts/keys.ts';
import { LensLayout, Stretch } from '../../parts/LensLayout.tsx';
import { Section } from '../../parts/Sections.tsx';
import { ASSUMED_PX_PER_MM, useTrueSize } from '../../parts/screenScale.ts';
import { TrueSize } from '../../parts/TrueSize.tsx';
import { useSizeMm } from '../../parts/useSize.ts';
import {
  askOnce,
  useAllFacts,
  useAsk,
  useFigure,
  useFiguresOf,
  useIsSettled,
  usePartFacts,
  useTold,
} from '../../spine/hooks.ts';
import { edit, selectPart, useAppDispatch, useAppSelector } from '../../state/store.ts';
import { type CoverWork, useCover } from '../../workers/useCover.ts';
import { Branches } from './Branches.tsx';
import { CutList } from './CutList.tsx';
import { DrawBoard } from './DrawBoard.tsx';
import { Holes } from './Holes.tsx';
import { LaterBends } from './LaterBends.tsx';
import { OtherScales } from './OtherScales.tsx';
import { PlainShapes } from './PlainShapes.tsx';
import { RunsTable } from './RunsTable.tsx';
import { BendingSheet } from './SavedPages.tsx';
import { WireFields } from './WireFields.tsx';

const PoseBoard = lazy(() => import('../../parts/PoseBoard.tsx'));

interface PartProps {
  readonly context: PartFacts;
  readonly bones: BonesFacts;
}

/** How many times a sag is drawn, so that it is seen. */
const SAG_TIMES = 8;

/** Figures of a part that matter at the wire. */
const MATTER = [
  'bones.wire',
  'bones.cover',
  'bones.sag',
  'bones.handled',
  'bones.stands',
  'bones.length',
  'bones.weight',
];

interface SkeletonProps extends Pick<PartProps, 'context'> {
  readonly isSagging: boolean;
  readonly solid: SolidCover | null;
  /** CSS pixels to a true millimetre, for the size of the clay; null fits it into the room. */
  readonly pxPerMm: number | null;
}

/** The part from the front and the side with its wires in it, as large as there is room or as it will be. */
function Skeleton({ context, isSagging, solid, pxPerMm }: SkeletonProps) {
  const [ref, size] = useSizeMm<HTMLDivElement>();
  const views =
    useAsk(
      'bones.skeleton',
      size && {
        part: context.part.id,
        widthMm: size.widthMm - 6,
        heightMm: size.heightMm,
        per: pxPerMm === null ? null : pxPerMm / ASSUMED_PX_PER_MM,
        sagTimes: isSagging ? SAG_TIMES : 0,
        twice: solid?.at ?? null,
      },
    ) ?? [];
  return (
    <div
      ref={ref}
      className={`flex h-(--room) min-h-56 justify-around overflow-auto ${pxPerMm === null ? 'items-end' : 'items-start'}`}
    >
      {views.map(({ view, drawing }) => (
        <DrawingView
          key={view}
          drawing={drawing}
          label={`${context.part.name} with its wires, ${view}`}
          className={pxPerMm === null ? 'max-h-full max-w-[49%]' : 'max-w-none shrink-0'}
          pxPerMm={ASSUMED_PX_PER_MM}
        />
      ))}
    </div>
  );
}

/** What the solid itself says of the clay over the wires. */
function CoverLine({ context, work }: { readonly context: PartFacts; readonly work: CoverWork }) {
  const wanted = coverWanted(context);
  const told = useFigure(context.part.id, 'bones.cover')?.quantity.value;
  switch (work.state) {
    case 'busy':
      return <p className="text-[13px] text-quiet">Looking through the solid for wire that shows …</p>;
    case 'none':
      return null;
    case 'fault':
      return <p className="text-[13px] text-wont">{work.says}</p>;
    case 'done': {
      const { coverMm, errorMm } = work.cover;
      if (coverMm < 0)
        return (
          <p className="text-[13px] text-wont">
            Through the solid itself: the wire comes out of the clay where it is ringed twice. Bend it there,
            or take it thinner.
          </p>
        );
      // One question, one figure: where the solid bears the panel out within its error, it says so.
      if (told !== undefined && Math.abs(told - coverMm) <= errorMm)
        return (
          <p className="text-[13px] text-quiet">
            Through the solid itself it is so too, to {formatMiniMm(miniMm(errorMm))} mm; least where it is
            ringed twice.
          </p>
        );
      const tone = coverMm < wanted / 2 ? 'text-tight' : 'text-quiet';
      return (
        <p className={`text-[13px] ${tone}`}>
          Through the solid itself: {formatMiniMm(miniMm(coverMm))} mm of clay over the wire at its least,
          where it is ringed twice, right to {formatMiniMm(miniMm(errorMm))} mm.
        </p>
      );
    }
  }
}

/** The upper half: the wires in the part, or its joints to be pulled. */
function Upper({ context, bones }: PartProps) {
  const { part } = context;
  const [board, setBoard] = useState<'wires' | 'pose' | 'draw'>('wires');
  const hasDrawn = part.runs.some(({ drawn }) => drawn.length > 0);
  const toggle = useCallback((to: 'pose' | 'draw') => setBoard((now) => (now === to ? 'wires' : to)), []);
  const [isSagging, setIsSagging] = useState(false);
  const screen = useTrueSize();
  const [isTrue, setIsTrue] = useState(false);
  useLensKey(
    'j',
    useCallback(() => toggle('pose'), [toggle]),
  );
  const solid = useCover(context, bones);
  const bends = 'angles' in part.form;
  return (
    <div>
      <div className="heading flex flex-wrap items-center justify-between gap-x-3">
        <span>
          Wire in {part.name}: {wireSays(bones.wire)}
        </span>
        <span className="flex items-center gap-3 font-normal text-ink">
          {bends && (
            <button
              type="button"
              className="press-quiet"
              aria-pressed={board === 'pose'}
              onClick={() => toggle('pose')}
            >
              {board === 'pose' ? 'Back to the wires' : 'Pose it by hand'}{' '}
              <kbd className="figure text-quiet">J</kbd>
            </button>
          )}
          {hasDrawn && (
            <button
              type="button"
              className="press-quiet"
              aria-pressed={board === 'draw'}
              onClick={() => toggle('draw')}
            >
              {board === 'draw' ? 'Back to the wires' : 'Bend the drawn wires'}
            </button>
          )}
          <label className="flex items-center gap-1.5">
            <input
              type="checkbox"
              checked={isSagging}
              onChange={(event) => setIsSagging(event.currentTarget.checked)}
            />
            sag, {SAG_TIMES} times
          </label>
          <TrueSize isTrue={isTrue} onTrue={setIsTrue} screen={screen} />
        </span>
      </div>
      {board === 'draw' && hasDrawn ? (
        <div className="h-(--room) min-h-64">
          <DrawBoard context={context} bones={bones} />
        </div>
      ) : board === 'pose' && 'angles' in part.form ? (
        <div className="relative h-(--room) min-h-56">
          <Suspense fallback={<p className="p-4 text-quiet">Laying the joints out …</p>}>
            <PoseBoard context={context} part={{ ...part, form: part.form }} />
          </Suspense>
        </div>
      ) : (
        <Skeleton
          context={context}
          isSagging={isSagging}
          solid={solid.state === 'done' ? solid.cover : null}
          pxPerMm={isTrue ? screen[0] : null}
        />
      )}
      <CoverLine context={context} work={solid} />
    </div>
  );
}

function PartBonesView({ context, bones }: PartProps) {
  return (
    <>
      <Section id="wires" title="Wires" edits={['parts.*.wire', 'parts.*.runs']}>
        <WireFields context={context} bones={bones} />
        <RunsTable context={context} bones={bones} />
      </Section>
      {context.part.form.kind === 'tree' && <Branches context={context} bones={bones} />}
    </>
  );
}

/** Why a part has no wire; one can be put in all the same. */
function NoBones({ context }: { readonly context: PartFacts | undefined }) {
  const dispatch = useAppDispatch();
  const isSettled = useIsSettled('bones');
  if (!isSettled) return <p className="text-quiet">Reckoning the wires …</p>;
  if (!context) return <p className="text-quiet">Choose a part that can be built.</p>;
  const { part } = context;
  if (part.mix.length === 0)
    return <p className="text-quiet">{part.name} is not of clay: nothing in it wants a wire.</p>;
  const put = async () => {
    const run = await askOnce('bones.straight', { part: part.id, id: newId('run') });
    if (run)
      dispatch(
        edit(`a wire drawn in of ${part.name}`, (old) =>
          setAt(old, ['parts', part.id, 'runs'], [...part.runs, run]),
        ),
      );
  };
  return (
    <p className="text-quiet">
      {part.form.kind === 'mesh' || part.form.kind === 'drawn'
        ? `Nothing is known of what ${part.name} has inside: draw its wires.`
        : `${part.name} is stout enough to do without a wire.`}{' '}
      <button type="button" className="press-quiet text-fired" onClick={() => void put()}>
        + A straight wire, to be bent
      </button>
    </p>
  );
}

/** Bones: the wire inside, whether it hides, holds and stands, and what is cut. */
export default function BonesLens() {
  const part = useAppSelector(selectPart);
  const readOnly = useAppSelector((state) => state.document.readOnly);
  const context = usePartFacts(part?.id);
  const contexts = useAllFacts();
  const own = useTold('bones.part', part?.id ?? null);
  const figures = useFiguresOf('bones', part?.id ?? '');
  return (
    <LensLayout
      title="Bones"
      drawing={
        context &&
        own && (
          <fieldset disabled={readOnly} className="min-w-0">
            <Upper key={context.part.id} context={context} bones={own} />
          </fieldset>
        )
      }
      middle={
        <fieldset disabled={readOnly} className="min-w-0">
          {context && own ? (
            <>
              <PartBonesView key={context.part.id} context={context} bones={own} />
              <Section id="bending" title="Bending drawing">
                <BendingSheet context={context} />
              </Section>
              <Section id="later" title="Bent later, over its clay" startsClosed>
                <LaterBends bones={own} />
              </Section>
              {context.part.sized === 'life' && (
                <Section id="scales" title="At other scales" startsClosed>
                  <OtherScales key={`scales of ${context.part.id}`} context={context} />
                </Section>
              )}
            </>
          ) : (
            <NoBones context={context} />
          )}
          <CutList />
          <Holes any={context ?? [...contexts.values()][0]} />
          <PlainShapes />
        </fieldset>
      }
      reckoning={
        <Stretch title={part?.name ?? 'The piece'}>
          <FigureList figures={figures} matter={MATTER} />
        </Stretch>
      }
    />
  );
}
