import { contoursOf, planArea } from '@every-inch/core/ground';
import { type Cover, type Heap, type Piece, type Pour, setAt } from '@every-inch/core/piece';
import { type KeyboardEvent, type PointerEvent, useRef, useState } from 'react';
import { type Point, pathOf } from '../../parts/board.ts';
import { svgPoint } from '../../parts/svgPoint.ts';
import { edit, useAppDispatch } from '../../state/store.ts';
import { HeightHandle } from './HeightHandle.tsx';

type Corners = Heap['points'];

const STEP: Readonly<Record<string, Point>> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, 1],
  ArrowDown: [0, -1],
};

const half = (mm: number) => Math.round(mm * 2) / 2;
const moved = (points: Corners, dx: number, dy: number): Corners =>
  points.map(({ xMm, yMm }) => ({ xMm: half(xMm + dx), yMm: half(yMm + dy) }));

/** The lists of the document that areas of the plan stand in. */
export type AreaKind = 'heaps' | 'pours' | 'covers';

const FILL: Readonly<Record<AreaKind, string>> = {
  heaps: 'var(--moss)',
  pours: 'var(--water)',
  covers: 'var(--moss)',
};
/** Dashes of a rise and of a cover; water has a whole line. */
const DASHES: Readonly<Record<AreaKind, string | undefined>> = {
  heaps: '4 2',
  pours: undefined,
  covers: '1 2',
};

interface AreaProps {
  readonly kind: AreaKind;
  readonly area: Heap | Pour | Cover;
  /** Radius of a handle, mm. */
  readonly grip: number;
  readonly isPicked: boolean;
  readonly onPick: () => void;
}

/** What is pulled up and down of each kind, and how the hand is told. */
const HEIGHT = {
  heaps: { field: 'heightMm', says: 'height' },
  pours: { field: 'deepMm', says: 'depth' },
  covers: { field: 'deepMm', says: 'depth' },
} as const satisfies Readonly<Record<AreaKind, { field: string; says: string }>>;

/** How high a rise is, or how deep the others are. */
const heightOf = (area: Heap | Pour | Cover) => ('heightMm' in area ? area.heightMm : area.deepMm);
/** The least that is left of a height that is pulled down, mm. */
const LEAST = 0.5;

/** Beside an area, on its right, where nothing that stands on it lies over the hand. */
function besideOf(ring: readonly Point[], grip: number): Point {
  if (ring.length === 0) return [0, 0];
  const ys = ring.map(([, y]) => y);
  return [Math.max(...ring.map(([x]) => x)) + 3 * grip, (Math.min(...ys) + Math.max(...ys)) / 2];
}

/** A rise or a pour on the plan: dragged as a whole, by its corners, or up and down by a hand beside it. */
export function AreaShape({ kind, area, grip, isPicked, onPick }: AreaProps) {
  const dispatch = useAppDispatch();
  const [draft, setDraft] = useState<Corners | null>(null);
  const [pulled, setPulled] = useState<number | null>(null);
  const held = useRef<{ corner: number | null; from: Point } | null>(null);
  const points = draft ?? area.points;
  const keep = (to: Corners) =>
    dispatch(
      edit(
        `edge of ${area.name}`,
        (piece: Piece) => setAt(piece, [kind, area.id, 'points'], to),
        `${kind}/${area.id}`,
      ),
    );
  const at = (event: PointerEvent<SVGElement>): Point | null => {
    const point = svgPoint(event);
    return point && [point.x, -point.y];
  };
  const changed = (corner: number | null, [dx, dy]: Point): Corners =>
    corner === null
      ? moved(area.points, dx, dy)
      : area.points.map((one, i) => (i === corner ? (moved([one], dx, dy)[0] ?? one) : one));
  const hold = (corner: number | null) => (event: PointerEvent<SVGElement>) => {
    const from = at(event);
    if (!from) return;
    event.currentTarget.setPointerCapture(event.pointerId);
    event.stopPropagation();
    held.current = { corner, from };
    onPick();
  };
  const move = (event: PointerEvent<SVGElement>) => {
    const to = held.current && at(event);
    if (!to || !held.current) return;
    const { corner, from } = held.current;
    setDraft(changed(corner, [to[0] - from[0], to[1] - from[1]]));
  };
  const drop = () => {
    held.current = null;
    setDraft(null);
  };
  const letGo = () => {
    if (draft) keep(draft);
    drop();
  };
  const onKey = (corner: number | null) => (event: KeyboardEvent) => {
    if (event.key === 'PageUp' || event.key === 'PageDown') {
      event.preventDefault();
      event.stopPropagation();
      setHigh(heightOf(area) + (event.key === 'PageUp' ? 1 : -1) * (event.shiftKey ? 10 : 1));
      return;
    }
    const by = STEP[event.key];
    if (!by || event.ctrlKey || event.metaKey || event.altKey) return;
    event.preventDefault();
    event.stopPropagation();
    const far = event.shiftKey ? 10 : 1;
    keep(changed(corner, [by[0] * far, by[1] * far]));
  };
  const { field, says } = HEIGHT[kind];
  const high = pulled ?? heightOf(area);
  const setHigh = (mm: number) =>
    dispatch(
      edit(
        `${says} of ${area.name}`,
        (piece: Piece) => setAt(piece, [kind, area.id, field], Math.max(LEAST, half(mm))),
        `${kind}/${area.id}/${field}`,
      ),
    );
  const contours = kind === 'heaps' ? contoursOf({ ...(area as Heap), points, heightMm: high }) : [];
  const corners = points.map(({ xMm, yMm }): Point => [xMm, yMm]);
  const { ring } = planArea({ points, ribbonMm: area.ribbonMm });
  const pointer = { onPointerMove: move, onPointerUp: letGo, onPointerCancel: drop };
  return (
    <>
      {/* biome-ignore lint/a11y/useSemanticElements: an area on a drawing cannot be an HTML button */}
      <path
        d={pathOf([ring])}
        fill={FILL[kind]}
        fillOpacity={kind === 'covers' ? 0.18 : 0.35}
        className={`cursor-grab touch-none outline-none ${isPicked ? 'draw-thick' : 'draw-thin'} focus-visible:stroke-(--fired)`}
        strokeDasharray={DASHES[kind]}
        vectorEffect="non-scaling-stroke"
        role="button"
        tabIndex={0}
        aria-label={`${area.name}: drag it, or move it with the arrows`}
        aria-pressed={isPicked}
        onPointerDown={hold(null)}
        onFocus={onPick}
        onKeyDown={onKey(null)}
        {...pointer}
      >
        <title>{area.name}</title>
      </path>
      {contours.map(({ ring: line, highMm }) => (
        <path
          key={`${highMm} ${line[0]?.[0]}`}
          d={pathOf([line])}
          fill="none"
          className="draw-hair pointer-events-none"
          vectorEffect="non-scaling-stroke"
        >
          <title>{`${highMm} mm up`}</title>
        </path>
      ))}
      {isPicked && (
        <HeightHandle
          at={besideOf(ring, grip)}
          grip={grip}
          says={`${says} of ${area.name}`}
          mm={high}
          onPull={(mm) => setPulled(mm === null ? null : Math.max(LEAST, half(mm)))}
          onSet={setHigh}
        />
      )}
      {isPicked &&
        corners.map(([x, y], i) => (
          // biome-ignore lint/a11y/useSemanticElements: a handle on a drawing cannot be an HTML button
          <circle
            // biome-ignore lint/suspicious/noArrayIndexKey: a corner is known by its place alone
            key={i}
            cx={x}
            cy={-y}
            r={grip}
            role="button"
            tabIndex={0}
            aria-label={`corner ${i + 1} of ${area.name}`}
            className="cursor-grab touch-none fill-(--paper) stroke-(--fired) hover:fill-(--fired) focus-visible:fill-(--fired)"
            strokeWidth={1.5}
            vectorEffect="non-scaling-stroke"
            onPointerDown={hold(i)}
            onKeyDown={onKey(i)}
            {...pointer}
          />
        ))}
    </>
  );
}
