import { type KeyboardEvent, type PointerEvent, useRef } from 'react';
import type { Point } from '../../parts/board.ts';
import { svgPoint } from '../../parts/svgPoint.ts';

const STEPS: Readonly<Record<string, number>> = { ArrowUp: 1, ArrowDown: -1, PageUp: 10, PageDown: -10 };

interface HeightHandleProps {
  readonly at: Point;
  /** Half its width on the plan, mm. */
  readonly grip: number;
  /** What is pulled, such as `height of mud bank`. */
  readonly says: string;
  readonly mm: number;
  /** While it is pulled; null when that is given up. */
  readonly onPull: (mm: number | null) => void;
  readonly onSet: (mm: number) => void;
}

/** A handle on the plan that is pulled up or down, by the hand or by the arrows. */
export function HeightHandle({ at: [x, y], grip, says, mm, onPull, onSet }: HeightHandleProps) {
  const held = useRef<{ from: number; mm: number; now: number } | null>(null);
  const upOf = (event: PointerEvent<SVGElement>) => {
    const point = svgPoint(event);
    return point ? -point.y : null;
  };
  const hold = (event: PointerEvent<SVGElement>) => {
    const from = upOf(event);
    if (from === null) return;
    event.currentTarget.setPointerCapture(event.pointerId);
    event.stopPropagation();
    held.current = { from, mm, now: mm };
  };
  const pull = (event: PointerEvent<SVGElement>) => {
    const to = held.current && upOf(event);
    if (to === null || !held.current) return;
    held.current.now = held.current.mm + to - held.current.from;
    onPull(held.current.now);
  };
  const drop = () => {
    held.current = null;
    onPull(null);
  };
  const letGo = () => {
    if (held.current && held.current.now !== held.current.mm) onSet(held.current.now);
    drop();
  };
  const onKey = (event: KeyboardEvent) => {
    const by = STEPS[event.key];
    if (by === undefined) return;
    event.preventDefault();
    event.stopPropagation();
    onSet(mm + by * (event.shiftKey && Math.abs(by) === 1 ? 10 : 1));
  };
  const tall = 1.6 * grip;
  return (
    <path
      d={`M${x} ${-y - tall}l${grip} ${tall}l${-grip} ${tall}l${-grip} ${-tall}z`}
      role="slider"
      tabIndex={0}
      aria-label={`${says}: drag it up or down`}
      aria-valuenow={mm}
      aria-valuetext={`${mm} mm`}
      className="cursor-ns-resize touch-none fill-(--paper) stroke-(--fired) hover:fill-(--fired) focus-visible:fill-(--fired)"
      strokeWidth={1.5}
      vectorEffect="non-scaling-stroke"
      onPointerDown={hold}
      onPointerMove={pull}
      onPointerUp={letGo}
      onPointerCancel={drop}
      onKeyDown={onKey}
    >
      <title>{`${says}: ${mm} mm`}</title>
    </path>
  );
}
