import type { CureRules, ProbeTrace } from '@every-inch/core/bake/heat';
import { memo } from 'react';
import {
  CartesianGrid,
  Line,
  LineChart,
  ReferenceArea,
  ReferenceLine,
  ResponsiveContainer,
  Tooltip,
  XAxis,
  YAxis,
} from 'recharts';
import type { BakeFound } from '../../workers/useBake.ts';

interface HeatChartProps {
  readonly found: BakeFound;
  readonly rules: CureRules;
  readonly dialC: number;
  /** What a thermometer has shown; null without one. */
  readonly trace: ProbeTrace | null;
}

/** Oven, its dial and its thermometer, coldest and hottest clay over the bake, and the window they should lie in; drawn again only for another run. */
export const HeatChart = memo(function HeatChart({
  found,
  rules: { setC, topC, scorchC },
  dialC,
  trace,
}: HeatChartProps) {
  const { points, curedMin, holdMin } = found.run;
  const every = Math.max(1, Math.floor(points.length / 240));
  const seen = trace?.minutes.at(-1) ?? -1;
  const data = points
    .filter((_, i) => i % every === 0)
    .map(({ minute, ovenC, coldestC, hottestC }) => ({
      minute: Math.round(minute * 10) / 10,
      oven: Math.round(ovenC * 10) / 10,
      coldest: Math.round(coldestC * 10) / 10,
      hottest: Math.round(hottestC * 10) / 10,
      ...(minute <= seen && { probe: Math.round(ovenC * 10) / 10 }),
    }));
  const tick = { fill: 'var(--quiet)', fontSize: 11 };
  return (
    <div className="h-64" aria-hidden>
      <ResponsiveContainer width="100%" height="100%">
        <LineChart accessibilityLayer={false} data={data} margin={{ left: 0, right: 12, top: 14, bottom: 4 }}>
          <CartesianGrid stroke="var(--hair)" strokeDasharray="1 4" />
          <ReferenceArea y1={setC} y2={topC} fill="var(--fits)" fillOpacity={0.14} />
          <XAxis
            dataKey="minute"
            type="number"
            domain={[0, 'dataMax']}
            tick={tick}
            unit=" min"
            stroke="var(--hair)"
          />
          <YAxis
            domain={[0, Math.max(160, scorchC + 5)]}
            tick={tick}
            unit=" °C"
            width={56}
            stroke="var(--hair)"
          />
          <ReferenceLine
            y={scorchC}
            stroke="var(--wont)"
            strokeDasharray="4 3"
            label={{ value: 'scorches', fill: 'var(--wont)', fontSize: 11, position: 'insideTopLeft' }}
          />
          <ReferenceLine
            y={dialC}
            stroke="var(--wire)"
            strokeDasharray="2 4"
            label={{ value: 'dial', fill: 'var(--wire)', fontSize: 11, position: 'insideBottomLeft' }}
          />
          {curedMin !== null && (
            <ReferenceLine
              x={Math.round(curedMin * 10) / 10}
              stroke="var(--fits)"
              label={{ value: 'cured', fill: 'var(--fits)', fontSize: 11, position: 'top' }}
            />
          )}
          {holdMin !== null && (
            <ReferenceLine
              x={holdMin}
              stroke="var(--ink)"
              label={{ value: 'out', fill: 'var(--ink)', fontSize: 11, position: 'insideBottomRight' }}
            />
          )}
          <Tooltip
            contentStyle={{ background: 'var(--panel)', border: '1px solid var(--ink)', borderRadius: 0 }}
            labelFormatter={(minute) => `${minute} min`}
            formatter={(value) => `${value} °C`}
          />
          <Line
            dataKey="oven"
            name="oven"
            stroke="var(--wire)"
            dot={false}
            strokeWidth={1.2}
            isAnimationActive={false}
          />
          {trace && (
            <Line
              dataKey="probe"
              name="thermometer"
              stroke="none"
              dot={{ r: 1.6, fill: 'var(--wire)', stroke: 'none' }}
              isAnimationActive={false}
            />
          )}
          <Line
            dataKey="hottest"
            name="hottest clay"
            stroke="var(--fired)"
            dot={false}
            strokeWidth={1.6}
            isAnimationActive={false}
          />
          <Line
            dataKey="coldest"
            name="coldest clay"
            stroke="var(--cured)"
            dot={false}
            strokeWidth={2.4}
            isAnimationActive={false}
          />
        </LineChart>
      </ResponsiveContainer>
    </div>
  );
});
