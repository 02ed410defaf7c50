import {
  longSays,
  momentSays,
  type PlannedStep,
  type ScheduleFacts,
  type SureOfDay,
} from '@every-inch/core/schedule';
import { type KeyboardEvent, type PointerEvent, useMemo, useRef, useState } from 'react';
import { useSizeMm } from '../../../parts/useSize.ts';
import { DayHeads } from './DayHeads.tsx';
import { type DayScale, dayScale } from './dayScale.ts';

const PX_PER_MM = 96 / 25.4;
const DAY = 1440;
/** Heights of the drawing, px. */
const LABELS = 72;
const LANE = 30;
const GAP = 3;
const WAIT = 13;
const BAND = 56;
/** Boxes narrower than this have no words. */
const WORDED = 13;
/** Most rows of waiting that are drawn one under the other. */
const MOST_ROWS = 6;
/** Moved less than this a press is no drag, px. */
const DRAGGED = 5;

interface Waiting {
  readonly step: PlannedStep;
  readonly row: number;
}

/** What is waited for, in as few rows as nothing lies over another. */
function waitingRows(steps: readonly PlannedStep[]): Waiting[] {
  const free: number[] = [];
  return steps
    .filter(({ waitFrom, done }) => done - waitFrom >= 1)
    .toSorted((a, b) => a.waitFrom - b.waitFrom)
    .flatMap((step): Waiting[] => {
      const found = free.findIndex((until) => until <= step.waitFrom);
      const row = found >= 0 ? found : free.length;
      if (row >= MOST_ROWS) return [];
      free[row] = step.done;
      return [{ step, row }];
    });
}

function saysStep(step: PlannedStep, now: number, isDue: boolean): string {
  const when = `${momentSays(step.start, now)} to ${momentSays(step.done, now)}`;
  const spare = step.latest - step.start;
  const room = step.heldBy !== null ? 'holds up all the rest' : `${longSays(Math.max(0, spare))} to spare`;
  return `${step.title}: ${when}${isDue || step.heldBy !== null ? `, ${room}` : ''}`;
}

interface ViewProps {
  readonly facts: ScheduleFacts;
  readonly sure: SureOfDay | null;
  readonly selected: string | null;
  readonly onSelect: (id: string | null) => void;
  /** Puts a step where it is not to begin before a moment. */
  readonly onPin: (step: PlannedStep, notBefore: number) => void;
}

interface BoxProps {
  readonly step: PlannedStep;
  readonly scale: DayScale;
  readonly facts: ScheduleFacts;
  readonly isSelected: boolean;
  readonly onSelect: ViewProps['onSelect'];
  readonly onPin: ViewProps['onPin'];
}

/** The sittings of one step: pressed it is chosen, dragged or moved by Alt and arrows it begins later. */
function Box({ step, scale, facts, isSelected, onSelect, onPin }: BoxProps) {
  const [byPx, setByPx] = useState(0);
  const from = useRef<number | null>(null);
  const top = LABELS + Math.max(0, step.hand) * (LANE + GAP);
  const onPointerDown = (event: PointerEvent<SVGGElement>) => {
    from.current = event.clientX;
    event.currentTarget.setPointerCapture(event.pointerId);
  };
  const onPointerMove = (event: PointerEvent) => {
    if (from.current !== null) setByPx(event.clientX - from.current);
  };
  const onPointerUp = (event: PointerEvent) => {
    const moved = from.current === null ? 0 : event.clientX - from.current;
    from.current = null;
    setByPx(0);
    if (Math.abs(moved) >= DRAGGED) onPin(step, scale.at(scale.x(step.start) + moved));
    else onSelect(isSelected ? null : step.id);
  };
  const onKeyDown = (event: KeyboardEvent) => {
    const by = { ArrowLeft: -DAY, ArrowRight: DAY }[event.key];
    if (event.altKey && by !== undefined) {
      event.preventDefault();
      onPin(step, step.start + by);
    } else if (event.key === 'Enter' || event.key === ' ') {
      event.preventDefault();
      onSelect(isSelected ? null : step.id);
    }
  };
  return (
    // biome-ignore lint/a11y/useSemanticElements: a button cannot stand in a drawing
    <g
      role="button"
      tabIndex={0}
      aria-pressed={isSelected}
      aria-label={saysStep(step, facts.now, facts.due !== null)}
      className="cursor-grab touch-none outline-offset-1 focus-visible:outline-2 focus-visible:outline-fired"
      transform={byPx === 0 ? undefined : `translate(${byPx} 0)`}
      onPointerDown={onPointerDown}
      onPointerMove={onPointerMove}
      onPointerUp={onPointerUp}
      onKeyDown={onKeyDown}
    >
      <title>{saysStep(step, facts.now, facts.due !== null)}</title>
      {step.sittings.map((one) => (
        <rect
          key={one.from}
          x={scale.x(one.from)}
          y={top}
          width={Math.max(1.5, scale.x(one.to) - scale.x(one.from))}
          height={LANE}
          fill={step.heldBy !== null ? 'var(--fired)' : 'var(--raw)'}
          fillOpacity={step.heldBy !== null ? 0.78 : 1}
          stroke={isSelected ? 'var(--ink)' : 'var(--bench)'}
          strokeWidth={isSelected ? 2.5 : 1}
        />
      ))}
    </g>
  );
}

/** Words over boxes that have room for them, aslant, none over the last. */
function Labels({ steps, scale }: { readonly steps: readonly PlannedStep[]; readonly scale: DayScale }) {
  let last = Number.NEGATIVE_INFINITY;
  return steps.flatMap((step) => {
    const [first] = step.sittings;
    if (!first || step.hand > 0) return [];
    const x = scale.x(first.from);
    const wide = scale.x(first.to) - x;
    if (wide < WORDED || x - last < WORDED) return [];
    last = x;
    return [
      <text
        key={step.id}
        transform={`translate(${x + Math.min(wide / 2, 9)} ${LABELS - 4}) rotate(-22)`}
        className="pointer-events-none fill-ink text-[10.5px]"
      >
        {step.title.length > 22 ? `${step.title.slice(0, 21)}…` : step.title}
      </text>,
    ];
  });
}

/** How the ends of many workings-through lie, with the day that holds in half and in nine of ten, and the day it is due. */
function Band({
  facts,
  sure,
  scale,
  top,
}: {
  readonly facts: ScheduleFacts;
  readonly sure: SureOfDay;
  readonly scale: DayScale;
  readonly top: number;
}) {
  const most = Math.max(1, ...sure.counts);
  const [low, high] = [top + BAND, BAND - 12];
  const step = (sure.last - sure.first) / sure.counts.length;
  const points = sure.counts.map((count, i): [number, number] => [
    scale.x(sure.first + (i + 0.5) * step),
    low - (count / most) * high,
  ]);
  const path = `M ${scale.x(sure.first)} ${low} ${points.map(([x, y]) => `L ${x.toFixed(1)} ${y.toFixed(1)}`).join(' ')} L ${scale.x(sure.last)} ${low} Z`;
  const marks = [
    { at: sure.half, says: 'half' },
    { at: sure.nine, says: 'nine in ten' },
  ];
  return (
    <g className="pointer-events-none">
      <path d={path} fill="var(--wire)" fillOpacity={0.22} />
      <line x1={0} x2={scale.width} y1={low} y2={low} stroke="var(--hair)" />
      {marks.map(({ at, says }, i) => (
        <g key={says}>
          <line
            x1={scale.x(at)}
            x2={scale.x(at)}
            y1={top + 10}
            y2={low}
            stroke="var(--wire)"
            strokeDasharray={i === 0 ? undefined : '3 2'}
          />
          <text x={scale.x(at) + 3} y={top + 18 + i * 12} className="fill-wire text-[11px]">
            {says}
          </text>
        </g>
      ))}
      {facts.due !== null && (
        <g>
          <line
            x1={scale.x(facts.due)}
            x2={scale.x(facts.due)}
            y1={top + 4}
            y2={low}
            stroke="var(--fired)"
            strokeWidth={1.5}
          />
          <path d={`M ${scale.x(facts.due)} ${top + 4} l 11 4 l -11 4 Z`} fill="var(--fired)" />
          <text x={scale.x(facts.due) + 3} y={low - 3} className="fill-fired text-[11px]">
            due
          </text>
        </g>
      )}
    </g>
  );
}

/** The days: hands above the rule, waiting below it, what holds all the rest up dark. */
export function DaysView({ facts, sure, selected, onSelect, onPin }: ViewProps) {
  const [room, size] = useSizeMm<HTMLDivElement>();
  const width = size ? size.widthMm * PX_PER_MM - 2 : 900;
  const { steps, now, end, due, bench } = facts;
  const last = Math.max(end, due ?? end, sure?.nine ?? end) + DAY;
  const scale = useMemo(() => dayScale(now, last, bench, width), [now, last, bench, width]);
  const waiting = useMemo(() => waitingRows(steps), [steps]);
  const hands = 1 + Math.max(0, ...steps.map(({ hand }) => hand));
  const rule = LABELS + hands * (LANE + GAP) + 8;
  const rows = 1 + Math.max(0, ...waiting.map(({ row }) => row));
  const below = rule + 12 + rows * (WAIT + GAP);
  const height = below + (sure ? BAND + 8 : 4);
  return (
    <div ref={room} className="overflow-x-auto overflow-y-hidden">
      {/* biome-ignore lint/a11y/useSemanticElements: a drawing whose steps can be pressed is no field set */}
      <svg width={scale.width} height={height} role="group" aria-label="Days" className="block select-none">
        <defs>
          <pattern
            id="waits"
            width="5"
            height="5"
            patternUnits="userSpaceOnUse"
            patternTransform="rotate(45)"
          >
            <line x1="0" y1="0" x2="0" y2="5" stroke="var(--foil)" strokeWidth="1" />
          </pattern>
        </defs>
        <DayHeads scale={scale} below={below} />
        {steps.map((step) => (
          <Box
            key={step.id}
            step={step}
            scale={scale}
            facts={facts}
            isSelected={step.id === selected}
            onSelect={onSelect}
            onPin={onPin}
          />
        ))}
        <Labels steps={steps} scale={scale} />
        <line
          x1={0}
          x2={scale.width}
          y1={rule}
          y2={rule}
          stroke="var(--ink)"
          className="pointer-events-none"
        />
        {scale.days.flatMap((day) =>
          [0.1, 0.3, 0.5, 0.7, 0.9].map((share) => (
            <line
              key={`${day.from} ${share}`}
              x1={day.x + day.width * share}
              x2={day.x + day.width * share}
              y1={rule - (share === 0.5 ? 6 : 4)}
              y2={rule}
              stroke="var(--ink)"
              strokeWidth={0.7}
              className="pointer-events-none"
            />
          )),
        )}
        {waiting.map(({ step, row }) => {
          const [x, y] = [scale.x(step.waitFrom), rule + 10 + row * (WAIT + GAP)];
          const wide = Math.max(2, scale.x(step.done) - x);
          return (
            <g key={step.id} className="pointer-events-none">
              <rect
                x={x}
                y={y}
                width={wide}
                height={WAIT}
                fill="url(#waits)"
                stroke={step.heldBy !== null ? 'var(--fired)' : 'var(--quiet)'}
              />
              {wide > 60 && (
                <text
                  x={x + 4}
                  y={y + WAIT - 3}
                  className="fill-ink text-[10.5px]"
                  stroke="var(--bench)"
                  strokeWidth={3}
                  paintOrder="stroke"
                >
                  {step.title.slice(0, Math.floor(wide / 6))}
                </text>
              )}
            </g>
          );
        })}
        {sure && <Band facts={facts} sure={sure} scale={scale} top={below + 2} />}
      </svg>
    </div>
  );
}
