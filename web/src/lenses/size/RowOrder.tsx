import type { Place } from '@every-inch/core/size';
import { useState } from 'react';
import { svgPoint } from '../../parts/svgPoint.ts';

/** How far a part is pulled before it is moved rather than chosen, drawing mm. */
const LEAST_PULL = 2;

interface RowOrderProps {
  readonly places: readonly Place[];
  readonly heightMm: number;
  readonly onPick: (part: string) => void;
  /** Moves a part to stand before another one, or last. */
  readonly onMove: (part: string, before: string | null) => void;
  readonly isFixed: boolean;
}

/** Lets parts of the line-up be chosen, and pulled along the row into another order; the tray does the same by keys. */
export function RowOrder({ places, heightMm, onPick, onMove, isFixed }: RowOrderProps) {
  const [pull, setPull] = useState<{ part: string; from: number; at: number } | null>(null);
  const isPulled = pull !== null && Math.abs(pull.at - pull.from) > LEAST_PULL;
  const next = isPulled ? places.find(({ left, right }) => (left + right) / 2 > pull.at) : undefined;
  const last = places.at(-1);
  const markX = next ? next.left - 1 : (last?.right ?? 0) + 1;
  const settle = (): void => {
    if (!pull) return;
    if (!isPulled) onPick(pull.part);
    else if (next?.part !== pull.part) onMove(pull.part, next?.part ?? null);
    setPull(null);
  };
  return (
    <g>
      {places.map(({ part, left, right, ground, top }) => (
        // The tray gives the same by keyboard; this is its twin for the pointer.
        <rect
          key={part}
          x={left}
          y={heightMm - top}
          width={right - left}
          height={top - ground + 4}
          className={
            isPulled && pull.part === part
              ? 'cursor-grabbing fill-fired/15'
              : 'cursor-pointer fill-transparent'
          }
          data-part={part}
          onPointerDown={(event) => {
            const at = svgPoint(event);
            if (!at || event.button !== 0) return;
            event.currentTarget.setPointerCapture(event.pointerId);
            setPull({ part, from: at.x, at: at.x });
          }}
          onPointerMove={(event) => {
            const at = pull && !isFixed ? svgPoint(event) : null;
            if (pull && at) setPull({ ...pull, at: at.x });
          }}
          onPointerUp={settle}
          onPointerCancel={() => setPull(null)}
        />
      ))}
      {isPulled && last && (
        <line
          x1={markX}
          x2={markX}
          y1={4}
          y2={heightMm - last.ground}
          className="draw-thick draw-accent"
          vectorEffect="non-scaling-stroke"
        />
      )}
    </g>
  );
}
