import { extentOf } from '@every-inch/core/form';
import { boxesApart, type Extent, type Laid, planArea, stoodAt } from '@every-inch/core/ground';
import type { Cover, Eye, Heap, Pour } from '@every-inch/core/piece';
import { type KeyboardEvent, type PointerEvent, useMemo, useRef, useState } from 'react';
import { frameOf, type Point, pathOf } from '../../parts/board.ts';
import { svgPoint } from '../../parts/svgPoint.ts';
import { edit, useAppDispatch, useOpenPiece } from '../../state/store.ts';
import { type AreaKind, AreaShape } from './AreaShape.tsx';
import { CameraMark, JoinMarks } from './PlanMarks.tsx';
import { type SnapEdges, type SnapLine, snapped } from './snap.ts';
import { type Draft, useLaid, usePlan, useStands } from './useGround.ts';

const ARROWS: Readonly<Record<string, Point>> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, 1],
  ArrowDown: [0, -1],
};
/** An arrow key moves so far with Shift, mm; and R turns so far, degrees. */
const FAR = 10;
const TURN = 15;

/** How what is picked stands, in words. */
function Says({
  all,
  picked,
  ring,
  rises,
}: {
  readonly all: readonly Laid[];
  readonly picked: string;
  readonly ring: ReturnType<typeof usePlan>['ring'];
  readonly rises: readonly Heap[];
}) {
  const stands = useStands(all, picked, ring);
  const one = all.find(({ id }) => id === picked);
  if (!stands || !one) return null;
  const near = stands.nearest;
  const other = near && all.find(({ id }) => near.between.includes(id) && id !== picked);
  const mm = (value: number) => `${value.toFixed(1)} mm`;
  return (
    <span aria-live="polite">
      <b className="font-semibold">{one.name}</b>
      {one.on !== null &&
        ` on ${all.find(({ id }) => id === one.on)?.name ?? rises.find(({ id }) => id === one.on)?.name}`}
      {near && other && (
        <span className={near.mm === 0 ? 'text-wont' : ''}>
          {near.mm === 0 ? ` stands in ${other.name}` : ` ${mm(near.mm)} from ${other.name}`}
        </span>
      )}
      {stands.overMm > 0.05 && <span className="text-tight"> · {mm(stands.overMm)} over the edge</span>}
    </span>
  );
}

interface ThingProps {
  readonly one: Laid;
  readonly isPicked: boolean;
  readonly onHold: (event: PointerEvent<SVGGElement>) => void;
  readonly onMove: (event: PointerEvent<SVGGElement>) => void;
  readonly onLet: () => void;
  readonly onCancel: () => void;
  readonly onPick: () => void;
  readonly onKey: (event: KeyboardEvent) => void;
}

/** A thing on the plan: all it covers, and its feet. */
function Thing({ one, isPicked, onHold, onMove, onLet, onCancel, onPick, onKey }: ThingProps) {
  return (
    // biome-ignore lint/a11y/useSemanticElements: a thing on a drawing cannot be an HTML button
    <g
      role="button"
      tabIndex={0}
      aria-label={`${one.name}: drag it, or move it with the arrows`}
      aria-pressed={isPicked}
      className="cursor-grab touch-none outline-none [&:focus-visible>path:first-child]:stroke-(--fired)"
      onPointerDown={onHold}
      onPointerMove={onMove}
      onPointerUp={onLet}
      onPointerCancel={onCancel}
      onFocus={onPick}
      onKeyDown={onKey}
    >
      <path
        d={pathOf(one.outline)}
        fill="var(--raw)"
        fillOpacity={0.75}
        className={isPicked ? 'draw-thick' : 'draw-thin'}
        vectorEffect="non-scaling-stroke"
      />
      <path d={pathOf([one.feet])} fill="none" className="draw-hair" vectorEffect="non-scaling-stroke" />
      <title>{one.name}</title>
    </g>
  );
}

/** Of its height, how wide a letter is on the mean. */
const LETTER = 0.55;

/** The name of a thing, where its feet are wide enough for it. */
function Name({
  one,
  all,
  size,
}: {
  readonly one: Laid;
  readonly all: readonly Laid[];
  readonly size: number;
}) {
  const [left, front, right, back] = extentOf([[one.feet]]);
  const wide = one.name.length * size * LETTER;
  if (wide > right - left || size > back - front) return null;
  const middle = (left + right) / 2;
  const room: Extent = [middle - wide / 2, front, middle + wide / 2, front + 1.6 * size];
  if (all.some(({ id, on, box }) => id !== one.id && on !== null && boxesApart(box, room) === 0)) return null;
  return (
    <text
      x={middle}
      y={-front - size * 0.4}
      fontSize={size}
      textAnchor="middle"
      fill="var(--ink)"
      className="pointer-events-none"
      aria-hidden
    >
      {one.name}
    </text>
  );
}

/** Eyes as wedges at the edge of what is shown. */
function EyeMarks({ eyes, reach }: { readonly eyes: readonly Eye[]; readonly reach: number }) {
  return eyes.map(({ id, name, fromDeg }) => {
    const turn = (fromDeg * Math.PI) / 180;
    const [x, y] = [Math.sin(turn) * reach, Math.cos(turn) * reach];
    const size = reach * 0.05;
    return (
      <g key={id}>
        <path
          d={`M${x} ${y}L${x - Math.sin(turn - 0.4) * size * 2} ${y - Math.cos(turn - 0.4) * size * 2}M${x} ${y}L${x - Math.sin(turn + 0.4) * size * 2} ${y - Math.cos(turn + 0.4) * size * 2}`}
          className="draw-thin draw-accent"
          fill="none"
          vectorEffect="non-scaling-stroke"
        />
        <title>{`seen from ${name}`}</title>
      </g>
    );
  });
}

const footOf = ({ slabs }: Laid) => slabs[0]?.fromMm ?? 0;

/** Boxes of the feet of everything and of the base, for what is taken hold of. */
function edgesFor(
  all: readonly Laid[],
  id: string,
  { xMm, yMm }: { readonly xMm: number; readonly yMm: number },
  ring: ReturnType<typeof usePlan>['ring'],
): SnapEdges | null {
  const one = all.find((other) => other.id === id);
  if (!one || one.feet.length === 0) return null;
  const [left, front, right, back] = extentOf([[one.feet]]);
  const others = all.flatMap((other): Extent[] =>
    other.id === id || other.feet.length === 0 ? [] : [extentOf([[other.feet]])],
  );
  return {
    own: [left - xMm, front - yMm, right - xMm, back - yMm],
    others: ring ? [extentOf([[ring]]), ...others] : others,
  };
}

interface BoardProps {
  readonly picked: string | null;
  readonly onPick: (id: string | null) => void;
}

/** The base from above with all that stands on it: what is dragged says how near it comes to the others. */
export function PlanBoard({ picked, onPick }: BoardProps) {
  const dispatch = useAppDispatch();
  const { board, stood, heaps, pours, covers, eyes, backdrop } = useOpenPiece();
  const plan = usePlan();
  const [draft, setDraft] = useState<(Draft & { readonly lines: readonly SnapLine[] }) | null>(null);
  const held = useRef<{ id: string; by: Point; edges: SnapEdges | null } | null>(null);
  const all = useLaid({ stood, heaps }, plan, draft);
  // What stands on another is drawn over it.
  const lowFirst = useMemo(() => [...all].sort((a, b) => footOf(a) - footOf(b)), [all]);
  const rings = useMemo(() => {
    const areas = [...heaps, ...pours, ...covers].map((area) => planArea(area).ring);
    const found = [...(plan.ring ? [plan.ring] : []), ...all.flatMap(({ outline }) => outline), ...areas];
    return found.length > 0
      ? found
      : [
          [
            [-50, -50],
            [50, 50],
          ] as Point[],
        ];
  }, [plan.ring, all, heaps, pours, covers]);
  const now = frameOf(rings);
  // While something is held the plan stands still under the hand.
  const still = useRef<typeof now | null>(null);
  const frame = still.current ?? now;
  const spotOf = (id: string) => stood.find((one) => one.id === id);
  const keep = (id: string, change: Parameters<typeof stoodAt>[2], what: string) =>
    dispatch(edit(`${what} on the plan`, (piece) => stoodAt(piece, id, change), `stood/${id}`));
  const hold = (id: string) => (event: PointerEvent<SVGGElement>) => {
    const spot = spotOf(id);
    const point = svgPoint(event);
    if (!spot || !point) return;
    event.currentTarget.setPointerCapture(event.pointerId);
    held.current = {
      id,
      by: [point.x - spot.xMm, -point.y - spot.yMm],
      edges: edgesFor(all, id, spot, plan.ring),
    };
    still.current = frame;
    onPick(id);
  };
  const move = (id: string) => (event: PointerEvent<SVGGElement>) => {
    const point = held.current?.id === id ? svgPoint(event) : null;
    const spot = spotOf(id);
    if (!point || !spot || !held.current) return;
    const [dx, dy] = held.current.by;
    const to = { xMm: point.x - dx, yMm: -point.y - dy, turnDeg: spot.turnDeg };
    setDraft({
      id,
      ...snapped(
        to,
        stood.filter((one) => one.id !== id),
        held.current.edges,
      ),
    });
  };
  const drop = () => {
    held.current = null;
    still.current = null;
    setDraft(null);
  };
  const letGo = () => {
    if (draft) keep(draft.id, draft.spot, 'place');
    drop();
  };
  const onKey = (id: string) => (event: KeyboardEvent) => {
    const spot = spotOf(id);
    const by = ARROWS[event.key];
    if (!spot || event.ctrlKey || event.metaKey || event.altKey) return;
    if (by) {
      const far = event.shiftKey ? FAR : 1;
      keep(id, { xMm: spot.xMm + by[0] * far, yMm: spot.yMm + by[1] * far }, 'place');
    } else if (event.key === 'r' || event.key === 'R')
      keep(id, { turnDeg: (spot.turnDeg + (event.shiftKey ? -TURN : TURN)) % 360 }, 'turn');
    else if (event.key === 'Backspace') {
      dispatch(
        edit('taken off the plan', (piece) => ({
          ...piece,
          stood: piece.stood.filter((one) => one.id !== id),
        })),
      );
      onPick(null);
    } else return;
    event.preventDefault();
    event.stopPropagation();
  };
  const grip = frame.height * 0.012;
  const reach = Math.max(frame.width, frame.height) / 2;
  const area = (kind: AreaKind) => (one: Heap | Pour | Cover) => (
    <AreaShape
      key={one.id}
      kind={kind}
      area={one}
      grip={grip}
      isPicked={picked === one.id}
      onPick={() => onPick(one.id)}
    />
  );
  return (
    <div>
      <p className="heading flex flex-wrap gap-x-4">
        <span>From above, miniature mm</span>
        <span className="text-quiet">
          {picked && all.some(({ id }) => id === picked) ? (
            <Says all={all} picked={picked} ring={plan.ring} rises={heaps} />
          ) : (
            'drag what stands on it; the front is below'
          )}
        </span>
      </p>
      {/* biome-ignore lint/a11y/useSemanticElements: a drawing cannot be a fieldset */}
      <svg
        className="h-(--room) min-h-48 w-full"
        viewBox={`${frame.left} ${-frame.top} ${frame.width} ${frame.height}`}
        role="group"
        aria-label="Plan"
      >
        {plan.ring && (
          <path
            d={pathOf([plan.ring])}
            fill="var(--paper)"
            className="draw-thick"
            vectorEffect="non-scaling-stroke"
          />
        )}
        {plan.ring && board && <JoinMarks joins={board.joins} ring={plan.ring} />}
        {covers.map(area('covers'))}
        {heaps.map(area('heaps'))}
        {pours.map(area('pours'))}
        {draft?.lines.map(({ along, at }) => (
          <line
            key={`${along}${at}`}
            {...(along === 'x'
              ? { x1: at, x2: at, y1: -frame.top, y2: frame.height - frame.top }
              : { x1: frame.left, x2: frame.left + frame.width, y1: -at, y2: -at })}
            className="draw-hair draw-accent"
            vectorEffect="non-scaling-stroke"
          />
        ))}
        {lowFirst.map((one) => (
          <Thing
            key={one.id}
            one={one}
            isPicked={picked === one.id}
            onHold={hold(one.id)}
            onMove={move(one.id)}
            onLet={letGo}
            onCancel={drop}
            onPick={() => onPick(one.id)}
            onKey={onKey(one.id)}
          />
        ))}
        {lowFirst.map((one) => (
          <Name key={one.id} one={one} all={all} size={frame.height * 0.032} />
        ))}
        <EyeMarks eyes={eyes} reach={reach} />
        {backdrop && <CameraMark backdrop={backdrop} />}
      </svg>
    </div>
  );
}
