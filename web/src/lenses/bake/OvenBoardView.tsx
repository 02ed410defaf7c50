import { type BoardItem, boardDrawing, floorCorner, type OvenBoard } from '@every-inch/core/bake/loads';
import { pathData } from '@every-inch/core/drawing';
import type { OvenPlace } from '@every-inch/core/piece';
import { type KeyboardEvent, type PointerEvent, useMemo, useRef, useState } from 'react';
import { DrawingView } from '../../parts/DrawingView.tsx';
import { svgPoint } from '../../parts/svgPoint.ts';
import { edit, useAppDispatch } from '../../state/store.ts';

/** A press of an arrow moves by so much, mm. */
const STEP = 5;

interface BoardViewProps {
  readonly board: OvenBoard;
  readonly label: string;
}

/** One filling of the oven from above and from the front; things are dragged to their place, or pushed there by arrows. */
export function OvenBoardView({ board, label }: BoardViewProps) {
  const dispatch = useAppDispatch();
  const drawing = useMemo(() => boardDrawing(board), [board]);
  const [left, foot] = floorCorner(board);
  const held = useRef<{
    readonly id: string;
    readonly from: readonly [number, number];
    readonly at: readonly [number, number];
  } | null>(null);
  const [drag, setDrag] = useState<{ readonly id: string; readonly at: readonly [number, number] } | null>(
    null,
  );
  const high = drawing.heightMm;
  const put = (item: BoardItem, [xMm, yMm]: readonly [number, number]) => {
    const place: OvenPlace = { item: item.id, xMm, yMm };
    dispatch(
      edit(
        `place ${item.name} in the oven`,
        (piece) => ({
          ...piece,
          oven: {
            ...piece.oven,
            places: [...piece.oven.places.filter((one) => one.item !== item.id), place],
          },
        }),
        // Pushed on by arrows it is one step.
        `place ${item.id}`,
      ),
    );
  };
  const onDown = (item: BoardItem) => (event: PointerEvent<SVGElement>) => {
    const point = svgPoint(event);
    if (!point) return;
    event.currentTarget.setPointerCapture(event.pointerId);
    held.current = { id: item.id, from: [point.x, point.y], at: item.at };
    setDrag({ id: item.id, at: item.at });
  };
  const onMove = (event: PointerEvent<SVGElement>) => {
    const point = svgPoint(event);
    if (!held.current || !point) return;
    const { id, from, at } = held.current;
    setDrag({ id, at: [at[0] + point.x - from[0], at[1] - (point.y - from[1])] });
  };
  const onUp = (item: BoardItem) => () => {
    const moved = drag && Math.hypot(drag.at[0] - item.at[0], drag.at[1] - item.at[1]) > 0.5;
    held.current = null;
    setDrag(null);
    if (drag && moved) put(item, [Math.round(drag.at[0] * 10) / 10, Math.round(drag.at[1] * 10) / 10]);
  };
  const onKey = (item: BoardItem) => (event: KeyboardEvent) => {
    const step = { ArrowLeft: [-STEP, 0], ArrowRight: [STEP, 0], ArrowUp: [0, STEP], ArrowDown: [0, -STEP] }[
      event.key
    ];
    if (!step) return;
    event.preventDefault();
    put(item, [item.at[0] + (step[0] ?? 0), item.at[1] + (step[1] ?? 0)]);
  };
  const atOf = (item: BoardItem) => (drag?.id === item.id ? drag.at : item.at);
  return (
    <figure>
      <figcaption className="mt-1 grid grid-cols-2 text-[12.5px] text-quiet">
        <span>
          from above, the door below: {Math.round(board.widthMm)} × {Math.round(board.depthMm)} mm
        </span>
        <span>through it from the front: {Math.round(board.heightMm)} mm high</span>
      </figcaption>
      <DrawingView drawing={drawing} label={label} className="mt-1 max-h-80 w-full">
        {board.items.map((item) => {
          const [x, y] = atOf(item);
          const name = `${item.name}: ${item.nearest.mm.toFixed(0)} mm from ${item.nearest.to}${item.isClear ? '' : ', too near'}`;
          return (
            <g key={item.id} transform={`translate(${left + x} ${high - foot - y})`}>
              {/* biome-ignore lint/a11y/useSemanticElements: a shape of a drawing cannot be a button */}
              <path
                d={pathData(item.plan, 0)}
                role="button"
                tabIndex={0}
                aria-label={`${name}; arrows move it`}
                className="cursor-grab touch-none outline-offset-2 active:cursor-grabbing"
                fill={drag?.id === item.id ? 'var(--cured)' : 'transparent'}
                stroke={item.isClear ? 'transparent' : 'var(--wont)'}
                strokeWidth={2}
                vectorEffect="non-scaling-stroke"
                onPointerDown={onDown(item)}
                onPointerMove={onMove}
                onPointerUp={onUp(item)}
                onKeyDown={onKey(item)}
              >
                <title>{name}</title>
              </path>
              <rect
                x={-board.gapMm / 2}
                y={-item.depthMm - board.gapMm / 2}
                width={item.widthMm + board.gapMm}
                height={item.depthMm + board.gapMm}
                fill="none"
                stroke={item.isClear ? 'var(--hair)' : 'var(--wont)'}
                strokeDasharray="3 3"
                strokeWidth={0.8}
                vectorEffect="non-scaling-stroke"
                pointerEvents="none"
              />
            </g>
          );
        })}
      </DrawingView>
    </figure>
  );
}
