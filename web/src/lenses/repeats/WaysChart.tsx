import { costFor, minutesFor, type WayRates } from '@every-inch/core/repeats';
import {
  CartesianGrid,
  Legend,
  Line,
  LineChart,
  ReferenceLine,
  ResponsiveContainer,
  Tooltip,
  XAxis,
  YAxis,
} from 'recharts';

interface ChartProps {
  readonly ways: readonly WayRates[];
  readonly n: number;
  readonly of: 'hours' | 'money';
  readonly currency: string;
  readonly chosen: string;
}

/** Lines told apart by their dashes as well as by their tone. */
const DASHES = ['', '8 3', '2 3', '10 3 2 3', '4 4', '1 4', '12 4'];
const TONES = [
  'var(--ink)',
  'var(--fired)',
  'var(--wire)',
  'var(--fits)',
  'var(--tight)',
  'var(--quiet)',
  'var(--cured)',
];
const POINTS = 40;

/** Hours or money of every way against the number, with the number that is made marked. */
export default function WaysChart({ ways, n, of, currency, chosen }: ChartProps) {
  const shown = ways.filter(({ wont }) => wont === null);
  const most = Math.max(10, Math.ceil(n * 1.6));
  const numbers = [
    ...new Set(Array.from({ length: POINTS + 1 }, (_, i) => 1 + Math.round(((most - 1) * i) / POINTS))),
  ];
  const data = numbers.map((number) => ({
    number,
    ...Object.fromEntries(
      shown.map((one) => [one.says, of === 'hours' ? minutesFor(one, number) / 60 : costFor(one, number)]),
    ),
  }));
  const tick = { fill: 'var(--quiet)', fontSize: 11 };
  return (
    <div className="h-56 max-w-3xl" aria-hidden>
      <ResponsiveContainer width="100%" height="100%">
        <LineChart accessibilityLayer={false} data={data} margin={{ left: 0, right: 12, top: 14, bottom: 4 }}>
          <CartesianGrid stroke="var(--hair)" strokeDasharray="1 4" />
          <XAxis dataKey="number" type="number" domain={[1, 'dataMax']} tick={tick} stroke="var(--hair)" />
          <YAxis tick={tick} unit={of === 'hours' ? ' h' : ` ${currency}`} width={56} stroke="var(--hair)" />
          <Tooltip
            formatter={(value) =>
              of === 'hours' ? `${Number(value).toFixed(2)} h` : `${currency} ${Number(value).toFixed(2)}`
            }
            labelFormatter={(label) => `${label} of them`}
            contentStyle={{ background: 'var(--paper)', border: '1px solid var(--ink)', fontSize: 12 }}
          />
          <Legend wrapperStyle={{ fontSize: 12 }} />
          <ReferenceLine
            x={n}
            stroke="var(--ink)"
            strokeDasharray="4 3"
            label={{ value: `yours: ${n}`, fill: 'var(--ink)', fontSize: 11, position: 'top' }}
          />
          {shown.map(({ way, says }, i) => (
            <Line
              key={way}
              dataKey={says}
              dot={false}
              isAnimationActive={false}
              stroke={TONES[i % TONES.length] ?? 'var(--ink)'}
              strokeDasharray={DASHES[i % DASHES.length] ?? ''}
              strokeWidth={way === chosen ? 3 : 1.5}
            />
          ))}
        </LineChart>
      </ResponsiveContainer>
    </div>
  );
}
