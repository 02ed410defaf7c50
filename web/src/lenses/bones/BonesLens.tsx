import {
  bendsOf,
  bonesDrawing,
  type PartBones,
  pathLength,
  pegsOf,
  wireSays,
} from '@every-inch/core/armature';
import { METALS, METRIC_WIRES, type Metal } from '@every-inch/core/handbook';
import { formatMiniMm, miniMm } from '@every-inch/core/units';
import type { PartContext } from '@every-inch/core/whole';
import { lazy, Suspense, useCallback, useMemo, useState } from 'react';
import { Choice } from '../../parts/Choice.tsx';
import { DrawingView } from '../../parts/DrawingView.tsx';
import { FigureRow } from '../../parts/FigureRow.tsx';
import { NumberField } from '../../parts/NumberField.tsx';
import { ASSUMED_PX_PER_MM, useTrueSize } from '../../parts/screenScale.ts';
import { TrueSize } from '../../parts/TrueSize.tsx';
import { useSizeMm } from '../../parts/useSize.ts';
import { useLensKey } from '../../shell/Keys.tsx';
import { LensLayout, Stretch } from '../../shell/LensLayout.tsx';
import { useReckoned } from '../../state/derived.ts';
import { editAt, selectPart, useAppDispatch, useAppSelector } from '../../state/store.ts';
import { BendingSheet } from './BendingSheet.tsx';
import { CutList } from './CutList.tsx';
import { PlainShapes } from './PlainShapes.tsx';

const PoseBoard = lazy(() => import('../../parts/PoseBoard.tsx'));

interface PartProps {
  readonly context: PartContext;
  readonly bones: PartBones;
}

/** How many times a sag is drawn, so that it is seen. */
const SAG_TIMES = 8;

interface SkeletonProps extends PartProps {
  readonly isSagging: boolean;
  /** CSS pixels to a true millimetre, for the size of the clay; null fits it into the room. */
  readonly pxPerMm: number | null;
}

/** The part from the front and the side with its wires in it, as large as there is room or as it will be. */
function Skeleton({ context, bones, isSagging, pxPerMm }: SkeletonProps) {
  const [ref, size] = useSizeMm<HTMLDivElement>();
  const views = useMemo(() => {
    const marks = { cover: true, sagTimes: isSagging ? SAG_TIMES : 0 };
    const draw = (per: number) =>
      (['front', 'side'] as const).map((view) => ({
        view,
        drawing: bonesDrawing(context, bones, view, per, marks),
      }));
    const [front, side] = draw(1);
    if (!size || !front || !side) return [];
    if (pxPerMm !== null) return draw(pxPerMm / ASSUMED_PX_PER_MM);
    return draw(
      Math.min(
        (size.widthMm - 6) / (front.drawing.widthMm + side.drawing.widthMm),
        size.heightMm / Math.max(front.drawing.heightMm, side.drawing.heightMm),
      ),
    );
  }, [context, bones, size, isSagging, pxPerMm]);
  return (
    <div
      ref={ref}
      className={`flex h-[min(380px,46vh)] min-h-56 justify-around overflow-auto ${pxPerMm === null ? 'items-end' : 'items-start'}`}
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

/** The upper half: the wires in the part, or its joints to be pulled. */
function Upper({ context, bones }: PartProps) {
  const { part } = context;
  const [isPosing, setIsPosing] = useState(false);
  const [isSagging, setIsSagging] = useState(false);
  const screen = useTrueSize();
  const [isTrue, setIsTrue] = useState(false);
  useLensKey(
    'j',
    useCallback(() => setIsPosing((now) => !now), []),
  );
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
              aria-pressed={isPosing}
              onClick={() => setIsPosing(!isPosing)}
            >
              {isPosing ? 'Back to the wires' : 'Pose it by hand'} <kbd className="figure text-quiet">J</kbd>
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
      {isPosing && 'angles' in part.form ? (
        <div className="relative h-[min(380px,46vh)] min-h-56">
          <Suspense fallback={<p className="p-4 text-quiet">Laying the joints out …</p>}>
            <PoseBoard context={context} part={{ ...part, form: part.form }} />
          </Suspense>
        </div>
      ) : (
        <Skeleton context={context} bones={bones} isSagging={isSagging} pxPerMm={isTrue ? screen[0] : null} />
      )}
    </div>
  );
}

/** The wire that is taken: the one advised, or the maker’s own. */
function WireFields({ context, bones }: PartProps) {
  const dispatch = useAppDispatch();
  const { part } = context;
  const { wire } = bones;
  const set = (value: PartContext['part']['wire']) =>
    dispatch(editAt(`wire of ${part.name}`, ['parts', part.id, 'wire'], value));
  return (
    <div className="mt-3 flex flex-wrap items-end gap-x-5 gap-y-2">
      <Choice
        label="Metal"
        value={wire.metal}
        options={METALS.map((value) => ({ value, says: value }))}
        onChoose={(metal: Metal) => set({ ...wire, metal })}
      />
      <Choice
        label="Thickness"
        value={String(wire.diameterMm)}
        options={[...new Set<number>([...METRIC_WIRES, wire.diameterMm])]
          .sort((a, b) => a - b)
          .map((mm) => ({ value: String(mm), says: `${mm} mm` }))}
        onChoose={(mm) => set({ ...wire, diameterMm: Number(mm) })}
      />
      <NumberField
        label="Strands"
        whole
        min={1}
        max={7}
        className="w-14"
        value={wire.strands}
        onNumber={(strands) => set({ ...wire, strands })}
      />
      {part.wire && (
        <button type="button" className="press-quiet text-fired" onClick={() => set(null)}>
          back to what is advised
        </button>
      )}
    </div>
  );
}

function Runs({ bones }: { readonly bones: PartBones }) {
  return (
    <div className="relative mt-3 overflow-x-auto">
      <table className="w-full [&_td]:pl-3 [&_th]:pl-3">
        <thead>
          <tr className="heading border-b border-ink text-right">
            <th className="text-left font-semibold">run</th>
            <th className="font-semibold">along it, mm</th>
            <th className="font-semibold">pegs</th>
            <th className="font-semibold">bends, from its start</th>
            <th className="font-semibold">cut, mm</th>
            <th className="font-semibold">how many</th>
          </tr>
        </thead>
        <tbody>
          {bones.runs.map((run, i) => {
            const { name, path } = run;
            const pegs = pegsOf([run]).length;
            const piece = bones.pieces[i];
            return (
              <tr key={name} className="border-b border-hair text-right">
                <th scope="row" className="py-1 text-left font-normal">
                  {name}
                </th>
                <td className="figure">{formatMiniMm(miniMm(pathLength(path)))}</td>
                <td className="figure">{pegs}</td>
                <td className="figure text-[12.5px]">
                  {bendsOf(path)
                    .map(({ atMm, degrees }) => `${atMm.toFixed(0)} mm ${Math.round(degrees)}°`)
                    .join(', ') || 'none'}
                </td>
                <td className="figure">{piece ? formatMiniMm(miniMm(piece.lengthMm)) : ''}</td>
                <td className="figure">{piece?.count}</td>
              </tr>
            );
          })}
        </tbody>
      </table>
    </div>
  );
}

function PartBonesView({ context, bones }: PartProps) {
  return (
    <>
      <Upper context={context} bones={bones} />
      <WireFields context={context} bones={bones} />
      <Runs bones={bones} />
    </>
  );
}

/** Why a part has no wire. */
function NoBones({ context }: { readonly context: PartContext | undefined }) {
  if (!context) return <p className="text-quiet">Choose a part that can be built.</p>;
  return (
    <p className="text-quiet">
      {context.part.mix.length === 0
        ? `${context.part.name} is not of clay: nothing in it wants a wire.`
        : `${context.part.name} is stout enough to do without a wire.`}
    </p>
  );
}

/** Bones: the wire inside, whether it hides, holds and stands, and what is cut. */
export default function BonesLens() {
  const part = useAppSelector(selectPart);
  const readOnly = useAppSelector((state) => state.document.readOnly);
  const { book, contexts, bones } = useReckoned();
  const context = part ? contexts.get(part.id) : undefined;
  const own = part ? bones.get(part.id) : undefined;
  return (
    <LensLayout
      title="Bones"
      middle={
        <fieldset disabled={readOnly} className="min-w-0">
          {context && own ? (
            <>
              <PartBonesView key={context.part.id} context={context} bones={own} />
              <BendingSheet context={context} bones={own} />
            </>
          ) : (
            <NoBones context={context} />
          )}
          <CutList />
          <PlainShapes />
        </fieldset>
      }
      reckoning={
        <Stretch title={part?.name ?? 'The piece'}>
          {part && book.of('bones', part.id).map((figure) => <FigureRow key={figure.id} figure={figure} />)}
        </Stretch>
      }
    />
  );
}
