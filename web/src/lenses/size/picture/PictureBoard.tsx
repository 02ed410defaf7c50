import type { Spot } from '@every-inch/core/piece';
import { type KeyboardEvent, type PointerEvent, type ReactNode, useEffect, useRef, useState } from 'react';
import type { Handle, Sight } from './tools.ts';

/** How far a pointer may stray and still set a spot, px of the screen. */
const STRAY = 4;
const ZOOM = 1.25;
/** Closest look: so many px of the picture across. */
const CLOSEST = 40;

interface PictureBoardProps {
  readonly address: string;
  readonly widthPx: number;
  readonly heightPx: number;
  readonly label: string;
  /** Whether a press sets a spot. */
  readonly isSetting: boolean;
  readonly onSpot: (spot: Spot) => void;
  readonly onCancel: () => void;
  readonly handles: readonly Handle[];
  /** What is drawn over the picture, given how many px of the picture a px of the screen is. */
  readonly children: (perScreenPx: number) => ReactNode;
}

/** Puts a spot where a pointer is. */
function spotAt(event: { clientX: number; clientY: number }, svg: SVGSVGElement | null): Spot | null {
  const matrix = svg?.getScreenCTM()?.inverse();
  if (!matrix) return null;
  const { x, y } = new DOMPoint(event.clientX, event.clientY).matrixTransform(matrix);
  return { x, y };
}

function HandleView({
  handle,
  per,
  svg,
}: {
  readonly handle: Handle;
  readonly per: number;
  readonly svg: SVGSVGElement | null;
}) {
  const { spot, says, onMove } = handle;
  const [at, setAt] = useState<Spot | null>(null);
  const shown = at ?? spot;
  return (
    // biome-ignore lint/a11y/useSemanticElements: a spot of a drawing cannot be an HTML control
    <circle
      cx={shown.x}
      cy={shown.y}
      r={7 * per}
      className="cursor-move fill-transparent stroke-fired focus-visible:fill-fired/30 focus-visible:outline-none"
      strokeWidth={1.8 * per}
      role="button"
      tabIndex={0}
      aria-label={`${says}: arrows move it by a pixel, with Shift by ten`}
      onPointerDown={(event) => {
        event.stopPropagation();
        event.currentTarget.setPointerCapture(event.pointerId);
        setAt(spot);
      }}
      onPointerMove={(event) => at && setAt(spotAt(event, svg) ?? at)}
      onPointerUp={(event) => {
        event.stopPropagation();
        if (at) onMove(at);
        setAt(null);
      }}
      onKeyDown={(event) => {
        const by = event.shiftKey ? 10 : 1;
        const step = { ArrowLeft: [-by, 0], ArrowRight: [by, 0], ArrowUp: [0, -by], ArrowDown: [0, by] }[
          event.key
        ];
        if (!step) return;
        event.preventDefault();
        event.stopPropagation();
        onMove({ x: spot.x + (step[0] ?? 0), y: spot.y + (step[1] ?? 0) });
      }}
    />
  );
}

/** A picture that spots are set on, moved about and looked at closely, by pointer or by keys. */
export function PictureBoard(props: PictureBoardProps) {
  const { address, widthPx, heightPx, label, isSetting, onSpot, onCancel, handles, children } = props;
  const svg = useRef<SVGSVGElement>(null);
  const [svgElement, setSvgElement] = useState<SVGSVGElement | null>(null);
  const [room, setRoom] = useState({ width: 600, height: 400 });
  const [sight, setSight] = useState<Sight | null>(null);
  const [cross, setCross] = useState<Spot | null>(null);
  const drag = useRef<{ x: number; y: number; sight: Sight; moved: boolean } | null>(null);
  useEffect(() => {
    const element = svg.current;
    if (!element) return undefined;
    setSvgElement(element);
    const observer = new ResizeObserver(() =>
      setRoom({ width: element.clientWidth || 600, height: element.clientHeight || 400 }),
    );
    observer.observe(element);
    return () => observer.disconnect();
  }, []);
  const shape = room.height / room.width;
  const whole: Sight = (() => {
    const width = Math.max(widthPx, heightPx / shape);
    return { x: (widthPx - width) / 2, y: (heightPx - width * shape) / 2, width };
  })();
  const now = sight ?? whole;
  const per = now.width / room.width;
  const middle: Spot = { x: now.x + now.width / 2, y: now.y + (now.width * shape) / 2 };

  const zoom = (by: number, about: Spot): void => {
    const width = Math.max(CLOSEST, Math.min(whole.width, now.width / by));
    const share = width / now.width;
    setSight(
      width >= whole.width
        ? null
        : { width, x: about.x - (about.x - now.x) * share, y: about.y - (about.y - now.y) * share },
    );
  };
  // React listens to wheels passively; one that zooms must not scroll the page as well.
  const onWheel = useRef<(event: WheelEvent) => void>(() => undefined);
  useEffect(() => {
    onWheel.current = (event) => {
      event.preventDefault();
      zoom(event.deltaY < 0 ? ZOOM : 1 / ZOOM, spotAt(event, svg.current) ?? middle);
    };
  });
  useEffect(() => {
    const element = svg.current;
    const listen = (event: WheelEvent): void => onWheel.current(event);
    element?.addEventListener('wheel', listen, { passive: false });
    return () => element?.removeEventListener('wheel', listen);
  }, []);

  const onPointerMove = (event: PointerEvent): void => {
    const held = drag.current;
    if (!held) return;
    const [dx, dy] = [event.clientX - held.x, event.clientY - held.y];
    if (Math.hypot(dx, dy) > STRAY) held.moved = true;
    if (held.moved) setSight({ ...held.sight, x: held.sight.x - dx * per, y: held.sight.y - dy * per });
  };
  const onKeyDown = (event: KeyboardEvent): void => {
    const at = cross ?? middle;
    const by = (event.shiftKey ? 1 : 12) * per;
    const move = (dx: number, dy: number) => () => setCross({ x: at.x + dx * by, y: at.y + dy * by });
    const does = new Map<string, () => void>([
      ['ArrowLeft', move(-1, 0)],
      ['ArrowRight', move(1, 0)],
      ['ArrowUp', move(0, -1)],
      ['ArrowDown', move(0, 1)],
      ['Enter', () => isSetting && onSpot(at)],
      ['Escape', onCancel],
      ['+', () => zoom(ZOOM, at)],
      ['-', () => zoom(1 / ZOOM, at)],
      ['Home', () => setSight(null)],
    ]);
    const run = does.get(event.key);
    if (!run) return;
    event.preventDefault();
    run();
  };
  return (
    <svg
      ref={svg}
      className={`size-full touch-none bg-paper focus-visible:outline-2 focus-visible:outline-fired ${isSetting ? 'cursor-crosshair' : 'cursor-grab'}`}
      viewBox={`${now.x} ${now.y} ${now.width} ${now.width * shape}`}
      // biome-ignore lint/a11y/noNoninteractiveTabindex: the picture is measured on by keys as well
      tabIndex={0}
      role="application"
      aria-label={`${label}: arrows move the cross, Enter sets a spot, plus and minus look closer, Home shows the whole`}
      onPointerDown={(event) => {
        event.currentTarget.setPointerCapture(event.pointerId);
        drag.current = { x: event.clientX, y: event.clientY, sight: now, moved: false };
      }}
      onPointerMove={onPointerMove}
      onPointerUp={(event) => {
        const held = drag.current;
        drag.current = null;
        const spot = spotAt(event, svg.current);
        if (held && !held.moved && isSetting && spot) onSpot(spot);
      }}
      onKeyDown={onKeyDown}
      onBlur={() => setCross(null)}
    >
      <image href={address} width={widthPx} height={heightPx} />
      {children(per)}
      {/* While a spot is being set, one that is there already is no hindrance. */}
      <g pointerEvents={isSetting ? 'none' : undefined}>
        {handles.map((handle) => (
          <HandleView key={handle.key} handle={handle} per={per} svg={svgElement} />
        ))}
      </g>
      {cross && (
        <path
          d={`M${cross.x - 14 * per} ${cross.y}h${28 * per}M${cross.x} ${cross.y - 14 * per}v${28 * per}`}
          className="stroke-fired"
          strokeWidth={1.2 * per}
        />
      )}
    </svg>
  );
}
