import { bonesDrawing, type PartBones, pathLength, wireSays } from '@every-inch/core/armature';
import { METALS, METRIC_WIRES, type Metal } from '@every-inch/core/handbook';
import { formatMiniMm, miniMm } from '@every-inch/core/units';
import type { PartContext } from '@every-inch/core/whole';
import { useMemo } from 'react';
import { Choice } from '../../parts/Choice.tsx';
import { DrawingView } from '../../parts/DrawingView.tsx';
import { FigureRow } from '../../parts/FigureRow.tsx';
import { NumberField } from '../../parts/NumberField.tsx';
import { useSizeMm } from '../../parts/useSize.ts';
import { LensLayout, Stretch } from '../../shell/LensLayout.tsx';
import { useReckoned } from '../../state/derived.ts';
import { editAt, selectPart, useAppDispatch, useAppSelector } from '../../state/store.ts';
import { BendingSheet } from './BendingSheet.tsx';
import { CutList } from './CutList.tsx';

interface PartProps {
  readonly context: PartContext;
  readonly bones: PartBones;
}

/** The part from the front and the side with its wires in it, as large as there is room. */
function Skeleton({ context, bones }: PartProps) {
  const [ref, size] = useSizeMm<HTMLDivElement>();
  const views = useMemo(() => {
    const [front, side] = (['front', 'side'] as const).map((view) => bonesDrawing(context, bones, view, 1));
    if (!size || !front || !side) return [];
    const per = Math.min(
      (size.widthMm - 6) / (front.widthMm + side.widthMm),
      size.heightMm / Math.max(front.heightMm, side.heightMm),
    );
    return (['front', 'side'] as const).map((view) => ({
      view,
      drawing: bonesDrawing(context, bones, view, per),
    }));
  }, [context, bones, size]);
  return (
    <div>
      <div className="heading">
        Wire in {context.part.name}: {wireSays(bones.wire)}
      </div>
      <div ref={ref} className="flex h-[min(380px,46vh)] min-h-56 items-end justify-around">
        {views.map(({ view, drawing }) => (
          <DrawingView
            key={view}
            drawing={drawing}
            label={`${context.part.name} with its wires, ${view}`}
            className="max-h-full max-w-[49%]"
            pxPerMm={96 / 25.4}
          />
        ))}
      </div>
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
      <table className="w-full max-w-2xl">
        <thead>
          <tr className="heading border-b border-ink text-right">
            <th className="text-left font-semibold">run</th>
            <th className="font-semibold">along it, mm</th>
            <th className="font-semibold">pegs</th>
            <th className="font-semibold">cut, mm</th>
            <th className="font-semibold">how many</th>
          </tr>
        </thead>
        <tbody>
          {bones.runs.map(({ name, path, pegs }, i) => {
            const piece = bones.pieces[i];
            return (
              <tr key={name} className="border-b border-hair text-right">
                <th scope="row" className="py-1 text-left font-normal">
                  {name}
                </th>
                <td className="figure">{formatMiniMm(miniMm(pathLength(path)))}</td>
                <td className="figure">{pegs}</td>
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
      <Skeleton context={context} bones={bones} />
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
