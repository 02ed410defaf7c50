import type { PlannedLoad } from '@every-inch/core/bake/plan';
import { LONGEST, type PartWindow } from '@every-inch/core/bake/window';
import { useId } from 'react';
import { useSizeMm } from '../../parts/useSize.ts';

/** Something that is known of other minutes: a rule, an own bake. */
export interface Mark {
  readonly says: string;
  readonly from: number;
  readonly to: number;
  readonly isBad: boolean;
}

interface WindowChartProps {
  readonly load: PlannedLoad;
  readonly nameOf: (part: string) => string;
  readonly marks: readonly Mark[];
}

/** Lengths of the drawing, px: names stand at the left, or over the bars where that leaves them no room. */
const [LEFT, ROW, BAR, TOP] = [150, 42, 14, 30];
const [NARROW, NAME] = [480, 16];
const PX_PER_MM = 96 / 25.4;

/** Where things stand in a drawing of a width. */
function frameOf(width: number, end: number) {
  const isNarrow = width < NARROW;
  const left = isNarrow ? 8 : LEFT;
  return {
    isNarrow,
    row: isNarrow ? ROW + NAME : ROW,
    x: (minute: number) => left + ((width - left - 12) * minute) / end,
  };
}
const STEPS = [5, 10, 20, 30];

/** Where the axis ends: a full step behind all that is worth seeing. */
function axisOf({ parts, minutes }: PlannedLoad, marks: readonly Mark[]) {
  const ends = [
    minutes * 1.5,
    ...marks.map(({ to }) => to),
    ...parts.map(({ fromMin, toMin }) => Math.max(fromMin ?? 0, Math.min(toMin, 2.5 * minutes))),
  ];
  const wanted = Math.min(LONGEST, Math.max(15, ...ends));
  const step = STEPS.find((one) => wanted / one <= 9) ?? 30;
  return { step, end: Math.ceil((wanted * 1.05) / step) * step };
}

interface RowProps {
  readonly window: PartWindow;
  readonly name: string;
  readonly top: number;
  readonly width: number;
  readonly frame: ReturnType<typeof frameOf>;
  readonly end: number;
  readonly ids: { readonly warm: string; readonly hatch: string };
}

function PartRow({ window: { fromMin, toMin }, name, top, width, frame, end, ids }: RowProps) {
  const { x, isNarrow } = frame;
  const y = isNarrow ? top + NAME : top;
  const from = Math.min(fromMin ?? end, end);
  const to = Math.min(toMin, end);
  const isOpen = from <= to;
  // At the end of the axis there is no room behind the line.
  const isFar = x(to) > width - 80;
  return (
    <g>
      <text x={isNarrow ? x(0) : 0} y={isNarrow ? y - 4 : y + BAR - 2} className="fill-ink" fontSize={13}>
        {name.length > 22 ? `${name.slice(0, 21)}…` : name}
      </text>
      <rect x={x(0)} y={y} width={x(Math.min(from, to)) - x(0)} height={BAR} fill={`url(#${ids.warm})`} />
      {isOpen && <rect x={x(from)} y={y} width={x(to) - x(from)} height={BAR} fill="var(--cured)" />}
      {!isOpen && (
        <rect x={x(to)} y={y} width={x(from) - x(to)} height={BAR} fill="var(--wont)" opacity={0.25} />
      )}
      <rect
        x={x(Math.max(from, to))}
        y={y}
        width={x(end) - x(Math.max(from, to))}
        height={BAR}
        fill={`url(#${ids.hatch})`}
      />
      {fromMin !== null && fromMin <= end && (
        <>
          <line x1={x(from)} x2={x(from)} y1={y - 3} y2={y + BAR + 3} className="stroke-ink" />
          <text x={x(from) - 3} y={y + BAR + 12} textAnchor="end" className="figure fill-quiet" fontSize={11}>
            cured {Math.ceil(fromMin)}
          </text>
        </>
      )}
      {toMin <= end && (
        <>
          <line x1={x(to)} x2={x(to)} y1={y - 3} y2={y + BAR + 3} className="stroke-ink" />
          <text
            x={x(to) + (isFar ? -3 : 3)}
            y={y + BAR + 12}
            textAnchor={isFar ? 'end' : 'start'}
            className="figure fill-quiet"
            fontSize={11}
          >
            browns {Math.floor(toMin)}
          </text>
        </>
      )}
    </g>
  );
}

/** The minutes of a load: of each part when it is cured and when it browns, what they share, and what other rules would have said. */
export function WindowChart({ load, nameOf, marks }: WindowChartProps) {
  const id = useId();
  const [ref, size] = useSizeMm<HTMLDivElement>();
  const width = Math.max(280, Math.round((size?.widthMm ?? 200) * PX_PER_MM));
  const ids = { warm: `${id}warm`, hatch: `${id}hatch` };
  const { step, end } = axisOf(load, marks);
  const frame = frameOf(width, end);
  const { x } = frame;
  const { fromMin, toMin, isOpen } = load.window;
  const bottom = TOP + load.parts.length * frame.row;
  const height = bottom + 22 + 18 * marks.length;
  const ticks = Array.from({ length: end / step + 1 }, (_, i) => i * step);
  return (
    <div ref={ref} className="mt-2">
      <svg
        viewBox={`0 0 ${width} ${height}`}
        className="w-full"
        role="img"
        aria-label={`Minutes of the load: ${load.parts
          .map(
            (one) =>
              `${nameOf(one.part)} cured ${one.fromMin === null ? 'never' : `from ${Math.ceil(one.fromMin)}`}, browns ${one.toMin < LONGEST ? `after ${Math.floor(one.toMin)}` : 'not'}`,
          )
          .join('; ')}`}
      >
        <defs>
          <linearGradient id={ids.warm}>
            <stop offset="0" stopColor="var(--raw)" stopOpacity={0.3} />
            <stop offset="1" stopColor="var(--raw)" />
          </linearGradient>
          <pattern
            id={ids.hatch}
            width={6}
            height={6}
            patternUnits="userSpaceOnUse"
            patternTransform="rotate(45)"
          >
            <rect width={6} height={6} fill="var(--raw)" opacity={0.5} />
            <line x1={0} x2={0} y1={0} y2={6} stroke="var(--ink)" strokeWidth={1.5} opacity={0.5} />
          </pattern>
        </defs>
        {isOpen && fromMin !== null && (
          <rect
            x={x(fromMin)}
            y={TOP - 8}
            width={Math.max(2, x(Math.min(toMin, end)) - x(fromMin))}
            height={bottom - TOP + 8}
            fill="var(--fits)"
            opacity={0.14}
          />
        )}
        <line x1={x(0)} x2={x(end)} y1={TOP - 10} y2={TOP - 10} className="stroke-ink" />
        {ticks.map((minute) => (
          <g key={minute}>
            <line x1={x(minute)} x2={x(minute)} y1={TOP - 14} y2={TOP - 10} className="stroke-ink" />
            <text x={x(minute)} y={TOP - 17} textAnchor="middle" className="figure fill-quiet" fontSize={11}>
              {minute}
            </text>
          </g>
        ))}
        {load.parts.map((window, i) => (
          <PartRow
            key={window.part}
            window={window}
            name={nameOf(window.part)}
            top={TOP + i * frame.row}
            width={width}
            frame={frame}
            end={end}
            ids={ids}
          />
        ))}
        <line
          x1={x(load.minutes)}
          x2={x(load.minutes)}
          y1={TOP - 10}
          y2={bottom + 4}
          stroke="var(--fired)"
          strokeWidth={2}
        />
        <text
          x={x(load.minutes)}
          y={bottom + 16}
          textAnchor="middle"
          className="figure fill-fired font-semibold"
          fontSize={13}
        >
          {load.minutes}
        </text>
        {marks.map(({ says, from, to, isBad }, i) => {
          const y = bottom + 30 + 18 * i;
          const isLeft = x(Math.min(to, end)) > width - 190;
          return (
            <g key={says}>
              {isBad ? (
                <path
                  d={`M${x(from) - 4} ${y - 4}l8 8m0 -8l-8 8`}
                  stroke="var(--wont)"
                  strokeWidth={1.6}
                  fill="none"
                />
              ) : from === to ? (
                <circle cx={x(from)} cy={y} r={4} fill="var(--wire)" />
              ) : (
                <line
                  x1={x(from)}
                  x2={x(Math.min(to, end))}
                  y1={y}
                  y2={y}
                  stroke="var(--wire)"
                  strokeWidth={3}
                />
              )}
              <text
                x={isLeft ? x(from) - 8 : x(Math.min(to, end)) + 8}
                y={y + 4}
                textAnchor={isLeft ? 'end' : 'start'}
                className="fill-quiet"
                fontSize={12}
              >
                {says}
              </text>
            </g>
          );
        })}
      </svg>
    </div>
  );
}
