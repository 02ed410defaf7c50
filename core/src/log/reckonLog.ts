import type { PieceContext } from '../context/index.ts';
import type { LogEntry } from '../piece/index.ts';
import { figure, type Reckoning, type Term, termFrom, type Verdict } from '../reckoning/index.ts';
import { LOG } from './figures.ts';

/** Finds a figure that was already reckoned. */
type Find = (part: string | null, key: string) => Reckoning | undefined;

function entryTerm(
  symbol: string,
  name: string,
  entry: LogEntry,
  field: string,
  value: number,
  unit: 'min' | '°C',
): Term {
  return {
    symbol,
    name,
    quantity: { value, unit },
    origin: { kind: 'entry', path: ['log', entry.id, 'bake', field] },
  };
}

function judgeHeat(actual: number, low: number, high: number): Verdict {
  const off = actual > high ? actual - high : low - actual;
  const margin = { value: -off, unit: '°C apart' } as const;
  if (off <= 0) return { level: 'good', wording: 'state', says: 'within the window', margin, waysOut: [] };
  if (actual > high)
    return {
      level: off > 10 ? 'stop' : 'doubtful',
      wording: 'state',
      says: `${Math.round(off)} °C over the window: look for browning`,
      margin,
      waysOut: [
        { says: 'hang a thermometer in the oven and enter the dial’s error' },
        { says: 'tent with foil' },
      ],
    };
  return {
    level: 'doubtful',
    wording: 'state',
    says: `${Math.round(off)} °C under the window: it may stay brittle`,
    margin,
    waysOut: [{ says: 'bake it again at the full heat and time; baking twice does no harm' }],
  };
}

function judgeTime(actual: number, low: number, high: number): Verdict {
  const margin = { value: actual - low, unit: 'min' } as const;
  if (actual < low)
    return {
      level: 'doubtful',
      wording: 'state',
      says: `${Math.round(low - actual)} min short of what cures it`,
      margin,
      waysOut: [{ says: 'give it the full time in a later bake' }],
    };
  if (actual > high)
    return {
      level: 'doubtful',
      wording: 'state',
      says: `${Math.round(actual - high)} min longer than does it good: look for browning`,
      margin,
      waysOut: [{ says: 'tent it in later bakes' }],
    };
  return { level: 'good', wording: 'state', says: 'within the window', margin, waysOut: [] };
}

function reckonBakeEntry(entry: LogEntry, find: Find): Reckoning[] {
  const { bake } = entry;
  const wanted = find(entry.part, 'bake.temperature');
  const hold = find(entry.part, 'bake.minutes');
  if (!bake || !wanted || !hold) return [];
  const { low: lowC = wanted.quantity.value, high: highC = wanted.quantity.value } = wanted.quantity;
  const { low: lowMin = hold.quantity.value, high: highMin = hold.quantity.value } = hold.quantity;
  const base = { part: entry.part ?? null } as const;
  return [
    figure(LOG.heat, {
      at: entry.id,
      ...base,
      value: bake.temperatureC - wanted.quantity.value,
      terms: [
        entryTerm('B', 'Baked at', entry, 'temperatureC', bake.temperatureC, '°C'),
        termFrom('T', wanted),
      ],
      verdict: judgeHeat(bake.temperatureC, lowC, highC),
    }),
    figure(LOG.time, {
      at: entry.id,
      ...base,
      value: bake.minutes - hold.quantity.value,
      terms: [entryTerm('B', 'Baked for', entry, 'minutes', bake.minutes, 'min'), termFrom('h', hold)],
      verdict: judgeTime(bake.minutes, lowMin, highMin),
    }),
  ];
}

/** What was baked, against what the card asked. */
export function reckonLog({ piece }: PieceContext, find: Find): Reckoning[] {
  return piece.log.flatMap((entry) => reckonBakeEntry(entry, find));
}
