import { seenDrawing } from '@every-inch/core/bench';
import type { PartFacts } from '@every-inch/core/context';
import { cross, type Side } from '@every-inch/core/form';
import type { ShownFigure } from '@every-inch/core/reckoning';
import { type Eye, eyesOf, towards } from '@every-inch/core/size';
import { useDeferredValue, useMemo, useState } from 'react';
import { DrawingView } from '../../parts/DrawingView.tsx';
import { NumberField } from '../../parts/NumberField.tsx';
import { type Column, Table } from '../../parts/Table.tsx';
import { Working } from '../../parts/Working.tsx';
import { useAsk, usePartFacts } from '../../spine/hooks.ts';
import { selectPart, useAppSelector, useOfPiece } from '../../state/store.ts';

/** The way an eye looks, as a side. */
function sideOf(eye: Eye): Side {
  const way = towards(eye);
  const right = [Math.cos((eye.round * Math.PI) / 180), 0, Math.sin((eye.round * Math.PI) / 180)] as const;
  return { right, up: cross(way, right) };
}

const COLUMNS: readonly Column<ShownFigure>[] = [
  {
    id: 'name',
    title: 'side or region',
    isHead: true,
    cell: ({ title }) => title,
    sortBy: ({ title }) => title,
  },
  {
    id: 'seen',
    title: 'seen of it',
    holds: 'figures',
    cell: (figure) => (
      <>
        {Math.round(figure.quantity.value)} % <Working figure={figure} />
      </>
    ),
    sortBy: ({ quantity }) => quantity.value,
  },
  {
    id: 'bench',
    title: 'at the bench',
    className: 'pl-4 text-[13px] text-quiet',
    cell: ({ note }) => note?.split('. ')[0],
  },
];

function SeenOf({ context }: { readonly context: PartFacts }) {
  const seenFrom = useOfPiece((piece) => piece.brief.seenFrom);
  const usual = useMemo(() => eyesOf(seenFrom), [seenFrom]);
  const [eye, setEye] = useState<Eye | null>(usual.length === 1 ? (usual[0] ?? null) : null);
  const eyes = useDeferredValue(useMemo(() => (eye ? [eye] : usual), [eye, usual]));
  const figures = useAsk('size.sight', { part: context.part.id, eyes }) ?? [];
  const one = eyes.length === 1 ? eyes[0] : undefined;
  const outline = useAsk('size.seen-from', one ? { part: context.part.id, side: sideOf(one) } : null);
  const drawing = useMemo(
    () => (one && outline ? seenDrawing(context, outline, `${one.round}° round, ${one.above}° above`) : null),
    [context, one, outline],
  );
  const shown = eye ?? { round: 0, above: 20 };
  return (
    <section aria-label={`What is seen of ${context.part.name}`}>
      <div className="flex flex-wrap items-end gap-5">
        <label className="flex min-h-8 items-center gap-1.5">
          <input
            type="checkbox"
            checked={eye === null}
            onChange={(event) => setEye(event.currentTarget.checked ? null : shown)}
          />
          from all round
        </label>
        {eye && (
          <>
            <NumberField
              label="Round it, to its left"
              value={eye.round}
              min={-360}
              max={360}
              after="°"
              onNumber={(round) => setEye({ ...eye, round })}
            />
            <NumberField
              label="Above its level"
              value={eye.above}
              min={-89}
              max={89}
              after="°"
              onNumber={(above) => setEye({ ...eye, above })}
            />
          </>
        )}
        <p className="pb-1 text-[13px] text-quiet">
          What it holds stands in the way too. What is never seen can stay plain; what shows edges wants
          covering.
        </p>
      </div>
      <div className="mt-2 flex flex-wrap gap-6">
        {drawing && (
          <DrawingView
            drawing={drawing}
            label={`${context.part.name} as it is seen from there`}
            className="h-64 max-w-full"
          />
        )}
        <Table
          className="min-w-72 flex-1"
          label={`Seen of ${context.part.name}`}
          rows={figures}
          columns={COLUMNS}
          keyOf={({ id }) => id}
        />
      </div>
    </section>
  );
}

/** What of the selected part is seen from where the piece is looked at. */
export default function SeenSheet() {
  const part = useAppSelector(selectPart);
  const context = usePartFacts(part?.id);
  if (!context) return <p className="text-quiet">Choose a part first.</p>;
  return <SeenOf key={context.part.id} context={context} />;
}
