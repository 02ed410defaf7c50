import { dateOf } from '@every-inch/core/schedule';
import { format } from 'date-fns';
import type { DayScale } from './dayScale.ts';

/** Names of days fit from so many px on. */
const LONG = 68;
const SHORT = 44;
const LETTER = 24;

function nameOf(from: number, width: number): string {
  return format(
    dateOf(from),
    width > LONG ? 'EEE d MMM' : width > SHORT ? 'EEE d' : width > LETTER ? 'EEEEE d' : 'd',
  );
}

/** The days over a drawing, today in colour, with a line down the beginning of each. */
export function DayHeads({ scale, below }: { readonly scale: DayScale; readonly below: number }) {
  return scale.days.map((day, i) => (
    <g key={day.from} className="pointer-events-none">
      <line x1={day.x} x2={day.x} y1={14} y2={below} stroke="var(--hair)" />
      <text
        x={day.x + 3}
        y={11}
        className={i === 0 ? 'fill-fired text-[11.5px] font-semibold' : 'fill-quiet text-[11.5px]'}
      >
        {nameOf(day.from, day.width)}
      </text>
    </g>
  ));
}
