import type { PartFacts } from '@every-inch/core/context';
import { withMeasure } from '@every-inch/core/form';
import type { Grip } from '@every-inch/core/size';
import { formatMiniMm, miniMm } from '@every-inch/core/units';
import { type KeyboardEvent, type PointerEvent, useRef } from 'react';
import { svgPoint } from '../../parts/svgPoint.ts';
import { usePartEdit } from '../../parts/usePartEdit.ts';

interface GripViewProps {
  readonly grip: Grip;
  readonly context: PartFacts;
  /** Of the drawing. */
  readonly heightMm: number;
}

/** Size of the square, and least change of a pull and of a press, miniature mm. */
const SIDE = 2.6;
const PULL_STEP = 0.5;
const PRESS = 1;

function toStep(mm: number): number {
  return Math.round(mm / PULL_STEP) * PULL_STEP;
}

/** The end of a dimension line: pulled by hand or pressed by arrows, the form follows. */
export function GripView({ grip, context, heightMm }: GripViewProps) {
  const set = usePartEdit(context.part);
  const held = useRef<{ at: number; spanMm: number; lengthMm: number; per: number } | null>(null);
  const { axis, measure, spanMm } = grip;
  // Presses in a row go on from each other; the drawing that follows them comes later.
  const pressed = useRef<{ from: Grip; toMm: number }>({ from: grip, toMm: spanMm });
  const pull = (from: { spanMm: number; lengthMm: number }, to: number): void => {
    if (measure.field === null) return;
    const lengthMm = (from.lengthMm * Math.max(PULL_STEP, to)) / from.spanMm;
    set('form', withMeasure(context.part.form, measure.field, lengthMm), measure.title);
  };
  const along = (event: PointerEvent<SVGElement>): number | null => {
    const point = svgPoint(event);
    return point && (axis === 'height' ? -point.y : point.x);
  };
  const onKeyDown = (event: KeyboardEvent): void => {
    const step = { ArrowUp: PRESS, ArrowRight: PRESS, ArrowDown: -PRESS, ArrowLeft: -PRESS }[event.key];
    if (step === undefined) return;
    event.preventDefault();
    const before = pressed.current.from === grip ? pressed.current.toMm : spanMm;
    pressed.current = { from: grip, toMm: Math.max(PULL_STEP, before + step) };
    pull({ spanMm, lengthMm: measure.lengthMm }, pressed.current.toMm);
  };
  return (
    <rect
      x={grip.at[0] - SIDE / 2}
      y={heightMm - grip.at[1] - SIDE / 2}
      width={SIDE}
      height={SIDE}
      role="slider"
      tabIndex={0}
      aria-label={`${context.part.name}, ${axis}: pull it, or press the arrows`}
      aria-orientation={axis === 'height' ? 'vertical' : 'horizontal'}
      aria-valuenow={Math.round(spanMm * 10) / 10}
      aria-valuetext={`${formatMiniMm(miniMm(spanMm))} mm`}
      className={`touch-none fill-(--paper) stroke-(--fired) hover:fill-(--fired) focus-visible:fill-(--fired) ${axis === 'height' ? 'cursor-ns-resize' : 'cursor-ew-resize'}`}
      strokeWidth={1.5}
      vectorEffect="non-scaling-stroke"
      onKeyDown={onKeyDown}
      onPointerDown={(event) => {
        const at = along(event);
        if (at === null) return;
        event.currentTarget.setPointerCapture(event.pointerId);
        // The drawing is laid out anew as the part grows; what a pull means is settled when it begins.
        held.current = { at, spanMm, lengthMm: measure.lengthMm, per: grip.per };
      }}
      onPointerMove={(event) => {
        const at = along(event);
        if (held.current && at !== null)
          pull(held.current, toStep(held.current.spanMm + (at - held.current.at) / held.current.per));
      }}
      onPointerUp={() => {
        held.current = null;
      }}
    />
  );
}
