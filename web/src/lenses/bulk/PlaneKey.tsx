import type { Plane } from '@every-inch/core/bulk';
import type { PartFacts } from '@every-inch/core/context';
import { extentOf, type Outline, type Side } from '@every-inch/core/form';
import type { PointerEvent } from 'react';
import { svgPoint } from '../../parts/svgPoint.ts';
import { useAsk } from '../../spine/hooks.ts';

/** The view a plane is seen edge-on in, and whether it then stands upright. */
const SEEN: Readonly<Record<Plane, { readonly side: Side; readonly isUpright: boolean }>> = {
  front: { side: { right: [0, 0, 1], up: [0, 1, 0] }, isUpright: true },
  side: { side: { right: [1, 0, 0], up: [0, 1, 0] }, isUpright: true },
  top: { side: { right: [1, 0, 0], up: [0, 1, 0] }, isUpright: false },
};

interface PlaneKeyProps {
  readonly context: PartFacts;
  readonly plane: Plane;
  readonly atMm: number;
  readonly onAt: (mm: number) => void;
}

const NOTHING_SEEN: Outline = [];

/** The outline with the plane edge-on across it, to be dragged to where the part is to be cut. */
export function PlaneKey({ context, plane, atMm, onAt }: PlaneKeyProps) {
  const { part, shrink } = context;
  const { side, isUpright } = SEEN[plane];
  const outline = useAsk('size.seen-from', { part: part.id, side }) ?? NOTHING_SEEN;
  const [left, bottom, right, top] = (outline.length > 0 ? extentOf(outline) : [0, 0, 1, 1]).map(
    (mm) => mm / shrink,
  ) as [number, number, number, number];
  const edge = 0.08 * Math.max(right - left, top - bottom);
  const paths = outline.map((polygon) =>
    polygon
      .map(
        (ring) =>
          `M${ring.map(([x, y]) => `${(x / shrink).toFixed(2)} ${(-y / shrink).toFixed(2)}`).join('L')}Z`,
      )
      .join(''),
  );
  const drag = (event: PointerEvent<SVGElement>) => {
    if (event.type === 'pointerdown') event.currentTarget.setPointerCapture(event.pointerId);
    if (event.buttons === 0) return;
    const point = svgPoint(event);
    if (point) onAt(isUpright ? point.x : -point.y);
  };
  const line = isUpright
    ? { x1: atMm, x2: atMm, y1: -top - edge, y2: -bottom + edge }
    : { x1: left - edge, x2: right + edge, y1: -atMm, y2: -atMm };
  return (
    <svg
      viewBox={`${left - edge} ${-top - edge} ${right - left + 2 * edge} ${top - bottom + 2 * edge}`}
      className={`h-full w-32 shrink-0 touch-none ${isUpright ? 'cursor-ew-resize' : 'cursor-ns-resize'}`}
      role="img"
      aria-label="Outline with the plane across it, to be dragged"
    >
      <path
        d={paths.join('')}
        fillRule="evenodd"
        className="fill-raw/40 stroke-ink"
        strokeWidth={1}
        vectorEffect="non-scaling-stroke"
      />
      <line {...line} className="stroke-fired" strokeWidth={2} vectorEffect="non-scaling-stroke" />
      <rect
        x={left - edge}
        y={-top - edge}
        width={right - left + 2 * edge}
        height={top - bottom + 2 * edge}
        fill="transparent"
        onPointerDown={drag}
        onPointerMove={drag}
      />
    </svg>
  );
}
