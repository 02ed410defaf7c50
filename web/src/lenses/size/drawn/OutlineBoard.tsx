import type { PlanePoint } from '@every-inch/core/form';
import { type KeyboardEvent, type PointerEvent, useState } from 'react';
import { type BoardFrame, frameOf, type Point, pathOf } from '../../../parts/board.ts';
import { fewer } from '../../../parts/outlineIn.ts';
import { svgPoint } from '../../../parts/svgPoint.ts';

/** Size of a handle, as a share of the longer side of a board. */
const GRIP = 0.018;
const THUMB = 0.036;
/** A hand-drawn line is smoothed to this share of its size. */
const BY_HAND = 0.012;

interface BoardProps {
  readonly title: string;
  readonly points: readonly PlanePoint[];
  /** Address of a picture to draw over; null for a bare board. */
  readonly under: string | null;
  /** Whether the next pull of the pointer draws the outline anew. */
  readonly isDrawing: boolean;
  readonly onPoints: (points: readonly PlanePoint[]) => void;
  /** An outline that was drawn anew, as its stroke lies on the board. */
  readonly onStroke: (points: readonly PlanePoint[]) => void;
}

const ring = (points: readonly PlanePoint[]): Point[] => points.map(({ xMm, yMm }) => [xMm, yMm]);

/** The two places between which a press on the line lies. */
function edgeNear(points: readonly PlanePoint[], [x, y]: Point): number {
  let [best, least] = [0, Number.POSITIVE_INFINITY];
  points.forEach(({ xMm, yMm }, i) => {
    const next = points[(i + 1) % points.length] ?? { xMm, yMm };
    const [ux, uy] = [next.xMm - xMm, next.yMm - yMm];
    const t = Math.max(0, Math.min(1, ((x - xMm) * ux + (y - yMm) * uy) / (ux * ux + uy * uy || 1)));
    const far = Math.hypot(x - xMm - ux * t, y - yMm - uy * t);
    if (far < least) [best, least] = [i, far];
  });
  return best;
}

interface Held {
  readonly i: number;
  readonly points: readonly PlanePoint[];
}

/** An outline on its board: places are pulled, pressed in between, taken out, or all of it is drawn anew in one stroke. */
export function OutlineBoard({ title, points, under, isDrawing, onPoints, onStroke }: BoardProps) {
  const [held, setHeld] = useState<Held | null>(null);
  const [stroke, setStroke] = useState<readonly Point[] | null>(null);
  const [frame, setFrame] = useState<{ readonly of: readonly PlanePoint[]; readonly box: BoardFrame } | null>(
    null,
  );
  // While a place is held the board stands still under the hand.
  const box = held && frame ? frame.box : frameOf([ring(points)]);
  const shown = held?.points ?? points;
  const unit = Math.max(box.width, box.height);
  const at = (event: PointerEvent<SVGElement>): Point | null => {
    const spot = svgPoint(event);
    return spot && [spot.x, -spot.y];
  };
  const put = (i: number, [xMm, yMm]: Point, from = shown) =>
    from.map((one, k) => (k === i ? { xMm, yMm } : one));
  const onKey = (i: number) => (event: KeyboardEvent) => {
    const one = points[i];
    if (!one) return;
    if ((event.key === 'Delete' || event.key === 'Backspace') && points.length > 3) {
      event.preventDefault();
      onPoints(points.filter((_, k) => k !== i));
      return;
    }
    const step = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, 1], ArrowDown: [0, -1] }[event.key];
    if (!step) return;
    event.preventDefault();
    const by = unit / 100;
    onPoints(put(i, [one.xMm + (step[0] ?? 0) * by, one.yMm + (step[1] ?? 0) * by], points));
  };
  const endStroke = () => {
    const places = fewer(
      (stroke ?? []).map(([x, y]) => ({ x, y })),
      BY_HAND,
    );
    setStroke(null);
    if (places.length >= 3) onStroke(places.map(({ x, y }) => ({ xMm: x, yMm: y })));
  };
  return (
    // biome-ignore lint/a11y/useSemanticElements: a drawing cannot be a fieldset
    <svg
      className={`h-64 w-full border border-hair bg-paper ${isDrawing ? 'cursor-crosshair touch-none' : ''}`}
      viewBox={`${box.left} ${-box.top} ${box.width} ${box.height}`}
      role="group"
      aria-label={`Outline ${title}`}
    >
      {under && (
        <image
          href={under}
          x={box.left}
          y={-box.top}
          width={box.width}
          height={box.height}
          opacity={0.5}
          preserveAspectRatio="xMidYMid meet"
        />
      )}
      <path
        d={pathOf([ring(shown)])}
        fill="var(--raw)"
        fillOpacity={under ? 0.35 : 0.8}
        stroke="var(--ink)"
        vectorEffect="non-scaling-stroke"
      />
      {isDrawing ? (
        <rect
          x={box.left}
          y={-box.top}
          width={box.width}
          height={box.height}
          fill="transparent"
          onPointerDown={(event) => {
            event.currentTarget.setPointerCapture(event.pointerId);
            const spot = at(event);
            if (spot) setStroke([spot]);
          }}
          onPointerMove={(event) => {
            const spot = stroke && at(event);
            if (spot) setStroke([...stroke, spot]);
          }}
          onPointerUp={endStroke}
        />
      ) : (
        <path
          d={pathOf([ring(shown)])}
          fill="none"
          stroke="transparent"
          strokeWidth={14}
          vectorEffect="non-scaling-stroke"
          pointerEvents="stroke"
          className="cursor-copy"
          onPointerDown={(event) => {
            const spot = at(event);
            if (!spot) return;
            const i = edgeNear(points, spot);
            onPoints([...points.slice(0, i + 1), { xMm: spot[0], yMm: spot[1] }, ...points.slice(i + 1)]);
          }}
        />
      )}
      {stroke && (
        <polyline
          points={stroke.map(([x, y]) => `${x},${-y}`).join(' ')}
          fill="none"
          className="stroke-(--fired)"
          strokeWidth={2}
          vectorEffect="non-scaling-stroke"
        />
      )}
      {!isDrawing &&
        shown.map(({ xMm, yMm }, i) => (
          <circle
            // biome-ignore lint/suspicious/noArrayIndexKey: places of a line are known by their order
            key={i}
            cx={xMm}
            cy={-yMm}
            r={GRIP * unit}
            pointerEvents="none"
            className="fill-(--paper) stroke-(--fired)"
            strokeWidth={1.5}
            vectorEffect="non-scaling-stroke"
          />
        ))}
      {!isDrawing &&
        shown.map(({ xMm, yMm }, i) => (
          // biome-ignore lint/a11y/useSemanticElements: a handle on a drawing cannot be an HTML button
          <circle
            // biome-ignore lint/suspicious/noArrayIndexKey: places of a line are known by their order
            key={i}
            cx={xMm}
            cy={-yMm}
            // A thumb’s breadth round what is seen of it.
            r={THUMB * unit}
            role="button"
            tabIndex={0}
            aria-label={`${title}, place ${i + 1} of ${shown.length}: pull it, move it with the arrows, or delete it`}
            className="cursor-grab touch-none fill-transparent hover:fill-(--fired)/30 focus-visible:fill-(--fired)/30"
            onKeyDown={onKey(i)}
            onPointerDown={(event) => {
              event.currentTarget.setPointerCapture(event.pointerId);
              setFrame({ of: points, box });
              setHeld({ i, points });
            }}
            onPointerMove={(event) => {
              const spot = held?.i === i ? at(event) : null;
              if (spot) setHeld({ i, points: put(i, spot) });
            }}
            onPointerUp={() => {
              if (held && held.points !== points) onPoints(held.points);
              setHeld(null);
            }}
          />
        ))}
    </svg>
  );
}
