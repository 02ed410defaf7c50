import { formatMinutes, formatNumber, formatRealMetric, minutes, realMm } from '../units/index.ts';
import type { Level, Quantity, Reckoning, Term, Verdict, Wording } from './types.ts';

const DECIMALS: Partial<Record<Quantity['unit'], number>> = {
  mm: 1,
  m: 2,
  'cm²': 1,
  'cm³': 2,
  g: 1,
  'g/cm³': 2,
  N: 1,
  N·mm: 1,
  '°': 0,
  '°C': 0,
  '°C apart': 0,
  h: 1,
  days: 0,
  '%': 0,
  count: 0,
  packs: 0,
  money: 2,
  'of stature': 3,
  'of mass': 4,
};

/** Up to three decimals, no trailing zeros. */
function trimmed(value: number): string {
  return formatNumber(value, 3).replace(/\.?0+$/, '');
}

/** Small figures keep two significant digits, so that 0.016 mm of foil does not show as 0.0. */
function shownNumber(value: number, unit: Quantity['unit']): string {
  const decimals = DECIMALS[unit];
  if (decimals === undefined) return trimmed(value);
  if (value !== 0 && Math.abs(value) < 10 ** -decimals)
    return String(Number(value.toPrecision(2))).replace('-', '−');
  // A hundred cubic centimetres need no hundredths.
  const spared = Math.max(0, Math.min(decimals, 3 - Math.floor(Math.log10(Math.max(1, Math.abs(value))))));
  return formatNumber(value, unit === 'cm³' || unit === 'cm²' ? spared : decimals);
}

/** A figure and its unit as shown, such as `138.3 mm`, `25 min`, `1:12`. */
export function formatQuantity({ value, unit }: Quantity): string {
  switch (unit) {
    case 'mm in life':
      return formatRealMetric(realMm(value));
    case 'min':
      return formatMinutes(minutes(value));
    case ':1':
      return `1:${trimmed(value)}`;
    case '°':
      return `${shownNumber(value, unit)}°`;
    case '°C apart':
      return `${shownNumber(value, unit)} °C`;
    case 'm':
      return Math.abs(value) < 1 ? formatRealMetric(realMm(value * 1000)) : `${shownNumber(value, unit)} m`;
    case 'packs':
      return `${shownNumber(value, unit)} ${value === 1 ? 'pack' : 'packs'}`;
    case 'count':
    case 'money':
    case '':
      return shownNumber(value, unit);
    default:
      return `${shownNumber(value, unit)} ${unit}`;
  }
}

/** The range as shown, such as `27.1 to 29.9 mm`, or null when the figure is sharp. */
export function formatRange({ low, high, unit }: Quantity): string | null {
  if (low === undefined || high === undefined || low === high) return null;
  const from = formatQuantity({ value: low, unit });
  const to = formatQuantity({ value: high, unit });
  const tail = /[^\d.−-]+$/.exec(from)?.[0];
  return tail && to.endsWith(tail) ? `${from.slice(0, -tail.length)} to ${to}` : `${from} to ${to}`;
}

/** Units whose figures are rounded to where a hand can tell. */
const ROUNDED: readonly Quantity['unit'][] = ['mm', 'h', 'g/cm³', 'N'];

/** Under so many minutes a part of one matters. */
const FEW_MIN = 2;

/**
 * What is put into a formula, as shown. A value of the handbook or of the maker’s own stands as it was written, so that the
 * working adds up: 0.15 mm is not 0.1 mm.
 */
export function formatTerm({ quantity, origin }: Pick<Term, 'quantity' | 'origin'>): string {
  const usual = formatQuantity(quantity);
  const { value, unit } = quantity;
  const isWritten = origin.kind === 'handbook' || origin.kind === 'own';
  // Of a small thing the minutes are told, not rounded to none.
  if (unit === 'min' && value > 0 && value < FEW_MIN) return `${Number(value.toPrecision(3))} min`;
  if (!isWritten || !ROUNDED.includes(unit)) return usual;
  const exact = trimmed(value);
  return Number.parseFloat(usual) === Number.parseFloat(exact) ? usual : `${exact} ${unit}`;
}

/** What a formula says besides: what the value is held against. It is read after the value. */
const BESIDE = /, (?=(?:the|against|borne|wanted|held|tight|room|allowed|beside) )/;

/** The formula with each symbol replaced by the number put in for it. */
export function formulaWithNumbers({ formula, terms, quantity }: Reckoning): string {
  const [, right = formula] = /^[^=]*=\s*(.*)$/s.exec(formula) ?? [];
  const bySymbol = new Map(terms.map((term) => [term.symbol, formatTerm(term)]));
  const put = right
    .replace(/\p{L}[\p{L}\p{Nd}₀-₉]*/gu, (word) => bySymbol.get(word) ?? word)
    .replaceAll(' % ÷ 100', ' %');
  const [written, ...beside] = put.split(BESIDE);
  return [`${written} = ${formatQuantity(quantity)}`, ...beside].join(', ');
}

const WORDS: Record<Wording, Record<Level, string>> = {
  room: { good: 'fits', doubtful: 'tight', stop: 'won’t' },
  state: { good: 'good', doubtful: 'check this', stop: 'stop' },
};

/** The one word of a verdict. */
export function verdictWord(verdict: Verdict): string {
  return WORDS[verdict.wording][verdict.level];
}
