import { type KeyboardEvent, type PointerEvent, useRef, useState } from 'react';
import type { Standpoint } from './SolidScene.tsx';

/** Where a solid is looked at from at one press. */
export const STANDPOINTS: readonly (readonly [string, Standpoint])[] = [
  ['front', { around: 0, above: 0 }],
  ['side', { around: 90, above: 0 }],
  ['top', { around: 0, above: 90 }],
  ['turned', { around: 32, above: 18 }],
];
/** Degrees a pixel of dragging or a press of an arrow turns. */
const DRAG = 0.5;
const PRESS = 10;

/** Whether this browser draws in space. */
export function hasWebGl(): boolean {
  return document.createElement('canvas').getContext('webgl2') !== null;
}

function turnedBy(from: Standpoint, around: number, above: number): Standpoint {
  return {
    around: (from.around + around) % 360,
    above: Math.max(-90, Math.min(90, from.above + above)),
  };
}

const TURNED: Standpoint = { around: 32, above: 18 };

/** Turning by drag and by the arrow keys. */
export function useTurning(start: Standpoint = TURNED) {
  const [standpoint, setStandpoint] = useState(start);
  const [zoom, setZoom] = useState(1);
  const from = useRef<{ x: number; y: number } | null>(null);
  const onKeyDown = (event: KeyboardEvent): void => {
    const turn = {
      ArrowLeft: [-PRESS, 0],
      ArrowRight: [PRESS, 0],
      ArrowUp: [0, PRESS],
      ArrowDown: [0, -PRESS],
    }[event.key];
    if (turn) {
      event.preventDefault();
      setStandpoint(turnedBy(standpoint, turn[0] ?? 0, turn[1] ?? 0));
    }
    if (event.key === '+') setZoom(Math.min(8, zoom * 1.25));
    if (event.key === '-') setZoom(Math.max(0.5, zoom / 1.25));
  };
  const handlers = {
    onKeyDown,
    onPointerDown: (event: PointerEvent) => {
      event.currentTarget.setPointerCapture(event.pointerId);
      from.current = { x: event.clientX, y: event.clientY };
    },
    onPointerMove: (event: PointerEvent) => {
      if (!from.current) return;
      const { x, y } = from.current;
      setStandpoint(turnedBy(standpoint, (x - event.clientX) * DRAG, (event.clientY - y) * DRAG));
      from.current = { x: event.clientX, y: event.clientY };
    },
    onPointerUp: () => {
      from.current = null;
    },
  };
  return { standpoint, setStandpoint, zoom, setZoom, handlers };
}
