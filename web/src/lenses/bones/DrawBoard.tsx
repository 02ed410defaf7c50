import { type BonesFacts, movedIn, seenIn, snapped, withBend } from '@every-inch/core/armature';
import type { PartFacts } from '@every-inch/core/context';
import { type Ring, type View, viewTitle } from '@every-inch/core/form';
import type { RunChoice, WirePlace } from '@every-inch/core/piece';
import { type KeyboardEvent, type PointerEvent, useRef, useState } from 'react';
import { frameOf, type Point, pathOf } from '../../parts/board.ts';
import { Choice } from '../../parts/Choice.tsx';
import { svgPoint } from '../../parts/svgPoint.ts';
import { askOnce, useAsk } from '../../spine/hooks.ts';
import { editAt, useAppDispatch } from '../../state/store.ts';

/** Size of a handle, as a share of the longer side of a view. */
const GRIP = 0.016;

const line = (points: readonly Point[]) =>
  points.map(([x, y]) => `${x.toFixed(2)},${(-y).toFixed(2)}`).join(' ');

interface ViewProps {
  readonly context: PartFacts;
  readonly bones: BonesFacts;
  readonly view: View;
  readonly drawnId: string;
  readonly places: readonly WirePlace[];
  readonly chosen: number;
  readonly onChoose: (i: number) => void;
  readonly onMove: (view: View, i: number, to: Point, isStep: boolean) => void;
  readonly onLet: () => void;
  readonly onBend: (view: View, at: Point) => void;
  readonly onTake: (i: number) => void;
}

/** One view of the part with the wire that is drawn and the others; nothing before its outline is there. */
function DrawView(props: ViewProps) {
  const { context, view } = props;
  const outline = useAsk('size.outline', { part: context.part.id, view });
  return outline && <DrawnView {...props} rings={outline.flat()} />;
}

function DrawnView(props: ViewProps & { readonly rings: readonly Ring[] }) {
  const { context, bones, view, drawnId, places, chosen, onChoose, onMove, onLet, onBend, onTake } = props;
  const held = useRef<number | null>(null);
  const { rings } = props;
  const frame = frameOf(rings);
  const unit = Math.max(frame.width, frame.height);
  const others = bones.runs.filter((run) => run.drawnId !== drawnId);
  const at = (event: PointerEvent<SVGElement>): Point | null => {
    const point = svgPoint(event);
    return point && [point.x, -point.y];
  };
  const onKey = (i: number) => (event: KeyboardEvent) => {
    const place = places[i];
    if (!place) return;
    if (event.key === 'Delete' || event.key === 'Backspace') {
      event.preventDefault();
      onTake(i);
      return;
    }
    const step = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, 1], ArrowDown: [0, -1] }[event.key];
    if (!step) return;
    event.preventDefault();
    const [x, y] = seenIn(view, place);
    // A press of an arrow is a millimetre of the clay.
    onMove(view, i, [x + (step[0] ?? 0) * context.shrink, y + (step[1] ?? 0) * context.shrink], true);
    onLet();
  };
  return (
    <figure className="flex min-w-0 flex-1 flex-col">
      {/* biome-ignore lint/a11y/useSemanticElements: a drawing cannot be a fieldset */}
      <svg
        className="min-h-0 flex-1"
        viewBox={`${frame.left} ${-frame.top} ${frame.width} ${frame.height}`}
        role="group"
        aria-label={`Wire to draw, ${viewTitle(context.part.form, view)}`}
      >
        <path d={pathOf(rings)} fill="var(--raw)" fillRule="nonzero" />
        {others.map(({ name, path, drawnId: id }) => (
          <polyline
            key={id ?? name}
            points={line(
              path.map(
                ([x, y, z]): Point => [(view === 'front' ? x : z) * context.shrink, y * context.shrink],
              ),
            )}
            className="draw-thin"
            fill="none"
            vectorEffect="non-scaling-stroke"
          />
        ))}
        <polyline
          points={line(places.map((place) => seenIn(view, place)))}
          fill="none"
          className="stroke-(--fired)"
          strokeWidth={2.5}
          vectorEffect="non-scaling-stroke"
        />
        <polyline
          points={line(places.map((place) => seenIn(view, place)))}
          fill="none"
          stroke="transparent"
          strokeWidth={14}
          vectorEffect="non-scaling-stroke"
          className="cursor-copy"
          pointerEvents="stroke"
          onPointerDown={(event) => {
            const to = at(event);
            if (to) onBend(view, to);
          }}
        />
        {places.map((place, i) => {
          const [x, y] = seenIn(view, place);
          return (
            // biome-ignore lint/a11y/useSemanticElements: a handle on a drawing cannot be an HTML button
            <circle
              // biome-ignore lint/suspicious/noArrayIndexKey: places of a line are known by their order
              key={i}
              cx={x}
              cy={-y}
              r={GRIP * unit}
              role="button"
              tabIndex={0}
              aria-label={`place ${i + 1} of ${places.length}: pull it, move it with the arrows, or delete it`}
              className={`cursor-grab touch-none stroke-(--fired) ${i === chosen ? 'fill-(--fired)' : 'fill-(--paper)'} hover:fill-(--fired)`}
              strokeWidth={1.5}
              vectorEffect="non-scaling-stroke"
              onFocus={() => onChoose(i)}
              onKeyDown={onKey(i)}
              onPointerDown={(event) => {
                event.currentTarget.setPointerCapture(event.pointerId);
                held.current = i;
                onChoose(i);
              }}
              onPointerMove={(event) => {
                const to = held.current === i ? at(event) : null;
                if (to) onMove(view, i, to, false);
              }}
              onPointerUp={() => {
                held.current = null;
                onLet();
              }}
            />
          );
        })}
      </svg>
      <figcaption className="heading text-center">{viewTitle(context.part.form, view)}</figcaption>
    </figure>
  );
}

interface DrawBoardProps {
  readonly context: PartFacts;
  readonly bones: BonesFacts;
}

/** Wires drawn by hand, from two sides: ends and bends are pulled, a press on the line puts a bend in. */
export function DrawBoard({ context, bones }: DrawBoardProps) {
  const dispatch = useAppDispatch();
  const { part } = context;
  const drawn = part.runs.filter(({ drawn: places }) => places.length > 0);
  const [id, setId] = useState<string | null>(null);
  const run: RunChoice | undefined = drawn.find((one) => one.id === id) ?? drawn.at(-1);
  const [draft, setDraft] = useState<readonly WirePlace[] | null>(null);
  const latest = useRef<readonly WirePlace[] | null>(null);
  const [chosen, setChosen] = useState(0);
  const [isSnapping, setIsSnapping] = useState(true);
  if (!run)
    return <p className="p-4 text-quiet">Put a straight wire in, below the drawing; then it is bent here.</p>;
  const places = draft ?? run.drawn;
  const put = (next: readonly WirePlace[], label: string) =>
    dispatch(editAt(`${label} of ${run.name}`, ['parts', part.id, 'runs', run.id, 'drawn'], next));
  const onMove = (view: View, i: number, to: Point, isStep: boolean) => {
    const now = latest.current ?? run.drawn;
    const beside = now[i - 1] ?? now[i + 1];
    const free = isSnapping && !isStep && beside ? snapped(seenIn(view, beside), to) : to;
    latest.current = now.map((place, k) => (k === i ? movedIn(view, place, free) : place));
    setDraft(latest.current);
  };
  const onLet = () => {
    if (latest.current) put(latest.current, 'bends');
    latest.current = null;
    setDraft(null);
  };
  const onTake = (i: number) => {
    if (run.drawn.length > 2)
      put(
        run.drawn.filter((_, k) => k !== i),
        'a bend out',
      );
  };
  const middle = async () =>
    put(
      [...(await askOnce('bones.into-middle', { part: context.part.id, places: run.drawn }))],
      'wire in the middle',
    );
  return (
    <div className="flex h-full flex-col">
      <div className="flex flex-wrap items-end gap-x-4 gap-y-1">
        <Choice
          label="Wire"
          value={run.id}
          options={drawn.map((one) => ({ value: one.id, says: one.name }))}
          onChoose={setId}
        />
        <label className="flex items-center gap-1.5 pb-1">
          <input
            type="checkbox"
            checked={isSnapping}
            onChange={(event) => setIsSnapping(event.currentTarget.checked)}
          />
          snap to 15°
        </label>
        <button type="button" className="press-quiet" onClick={() => void middle()}>
          bring it into the middle
        </button>
        <button
          type="button"
          className="press-quiet"
          disabled={run.drawn.length <= 2}
          onClick={() => onTake(chosen)}
        >
          take place {chosen + 1} out
        </button>
        <span className="pb-1 text-[13px] text-quiet">Press on the wire to bend it there.</span>
      </div>
      <div className="flex min-h-0 flex-1 gap-4">
        {(['front', 'side'] as const).map((view) => (
          <DrawView
            key={view}
            context={context}
            bones={bones}
            view={view}
            drawnId={run.id}
            places={places}
            chosen={chosen}
            onChoose={setChosen}
            onMove={onMove}
            onLet={onLet}
            onBend={(one, to) => put(withBend(run.drawn, one, to), 'a bend')}
            onTake={onTake}
          />
        ))}
      </div>
    </div>
  );
}
