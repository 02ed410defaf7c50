import { LengthError, type LengthFault } from './errors.ts';
import { MM_PER_FOOT, MM_PER_INCH } from './length.ts';

/** The unit a bare number is taken in. */
export type LengthUnit = 'mm' | 'cm' | 'm' | 'in' | 'ft';

/** What a field allows. */
export interface LengthRule {
  /** Unit of a bare number. */
  readonly unit: LengthUnit;
  /** `positive` refuses zero and below; `nonNegative` lets zero through; default `positive`. */
  readonly sign?: 'positive' | 'nonNegative' | 'any';
}

/** A length as read: millimetres, without a frame, and the unit system it was typed in. */
export type LengthReading =
  | { readonly ok: true; readonly lengthMm: number; readonly system: 'metric' | 'inch' }
  | { readonly ok: false; readonly error: LengthError };

const MM_OF: Record<LengthUnit, number> = { mm: 1, cm: 10, m: 1000, in: MM_PER_INCH, ft: MM_PER_FOOT };
const WORKS = `what works: 5' 9 1/2", 2 1/2 in, 33 mm, 3.3 cm, 1.75 m`;
const VULGAR: Record<string, number> = {
  '½': 1 / 2,
  '⅓': 1 / 3,
  '⅔': 2 / 3,
  '¼': 1 / 4,
  '¾': 3 / 4,
  '⅛': 1 / 8,
  '⅜': 3 / 8,
  '⅝': 5 / 8,
  '⅞': 7 / 8,
};
const UNIT_WORDS: readonly (readonly [RegExp, LengthUnit])[] = [
  [/^(mm|millimet(re|er)s?)\b\.?/i, 'mm'],
  [/^(cm|centimet(re|er)s?)\b\.?/i, 'cm'],
  [/^(m|met(re|er)s?)\b\.?/i, 'm'],
  [/^("|''|(in|inch|inches)\b\.?)/i, 'in'],
  [/^('|(ft|foot|feet)\b\.?)/i, 'ft'],
];
/** Nothing a maker sculpts is larger in life than a hundred kilometres. */
const LARGEST_MM = 1e8;

interface Cursor {
  readonly text: string;
  at: number;
}

function skipSpace(cursor: Cursor): void {
  while (/\s/.test(cursor.text[cursor.at] ?? '')) cursor.at += 1;
}

function take(cursor: Cursor, pattern: RegExp): RegExpExecArray | null {
  const found = pattern.exec(cursor.text.slice(cursor.at));
  if (found) cursor.at += found[0].length;
  return found;
}

/** Reads `12`, `1.75`, `1,75`, `1/4`, `2 1/2`, `2½`, `½`; null when no number starts here. */
function takeNumber(cursor: Cursor): number | null | 'zero-denominator' {
  const fraction = take(cursor, /^(\d+)\s*[/⁄]\s*(\d+)/);
  if (fraction)
    return Number(fraction[2]) === 0 ? 'zero-denominator' : Number(fraction[1]) / Number(fraction[2]);
  const whole = take(cursor, /^(\d+([.,]\d+)?|[.,]\d+)(e[+-]?\d+)?/i);
  const base = whole ? Number(whole[0].replace(',', '.')) : null;
  const vulgar = take(cursor, /^\s*[½⅓⅔¼¾⅛⅜⅝⅞]/);
  if (vulgar) return (base ?? 0) + (VULGAR[vulgar[0].trim()] ?? 0);
  if (base === null || !Number.isInteger(base)) return base;
  const mixed = take(cursor, /^\s+(\d+)\s*[/⁄]\s*(\d+)/);
  if (!mixed) return base;
  return Number(mixed[2]) === 0 ? 'zero-denominator' : base + Number(mixed[1]) / Number(mixed[2]);
}

function takeUnit(cursor: Cursor): LengthUnit | null {
  skipSpace(cursor);
  for (const [pattern, unit] of UNIT_WORDS) if (take(cursor, pattern)) return unit;
  return null;
}

/** Typographic primes and quotes, non-breaking spaces and the minus sign become their plain twins, one for one. */
function plain(text: string): string {
  return text
    .replace(/[′’‘´]/g, "'")
    .replace(/[″”“]/g, '"')
    .replace(/[\u00a0\u2009\u202f]/g, ' ')
    .replace(/−/g, '-');
}

class Refusal {
  constructor(
    readonly fault: LengthFault,
    readonly at: number,
    readonly says: string,
  ) {}
}

function readTerm(cursor: Cursor): { value: number; unit: LengthUnit | null } | Refusal {
  skipSpace(cursor);
  const start = cursor.at;
  const value = takeNumber(cursor);
  if (value === 'zero-denominator')
    return new Refusal('zero-denominator', start, 'a fraction cannot be over 0');
  if (value === null) return new Refusal('not-a-number', start, 'no number was found');
  return { value, unit: takeUnit(cursor) };
}

function leftOver(cursor: Cursor, hadUnit: boolean): Refusal | null {
  skipSpace(cursor);
  const rest = cursor.text.slice(cursor.at);
  if (rest === '') return null;
  if (!hadUnit && /^-\s*\d/.test(rest))
    return new Refusal('feet-with-dash', cursor.at, 'a dash could mean feet and inches or a range');
  if (!hadUnit && /^[a-z"']/i.test(rest))
    return new Refusal('unknown-unit', cursor.at, `“${rest}” is no unit known here`);
  return new Refusal('left-over', cursor.at, `“${rest}” is left over`);
}

/** Feet may be followed by inches; every other unit stands alone. */
function readAll(cursor: Cursor, unit: LengthUnit): { mm: number; unit: LengthUnit } | Refusal {
  skipSpace(cursor);
  const negative = take(cursor, /^-/) !== null;
  const first = readTerm(cursor);
  if (first instanceof Refusal) return first;
  const firstUnit = first.unit ?? unit;
  let mm = first.value * MM_OF[firstUnit];
  let hadUnit = first.unit !== null;
  skipSpace(cursor);
  if (first.unit === 'ft' && /^[\d.,½⅓⅔¼¾⅛⅜⅝⅞]/.test(cursor.text.slice(cursor.at))) {
    const start = cursor.at;
    const inches = readTerm(cursor);
    if (inches instanceof Refusal) return inches;
    if (inches.unit !== null && inches.unit !== 'in')
      return new Refusal('left-over', start, 'after feet only inches can follow');
    mm += inches.value * MM_PER_INCH;
    hadUnit = true;
  }
  const rest = leftOver(cursor, hadUnit);
  return rest ?? { mm: negative ? -mm : mm, unit: firstUnit };
}

function judge(mm: number, sign: NonNullable<LengthRule['sign']>): Refusal | null {
  if (!Number.isFinite(mm) || Math.abs(mm) > LARGEST_MM)
    return new Refusal('too-large', 0, 'that is over 100 km; check the unit');
  if (sign !== 'any' && mm < 0) return new Refusal('negative', 0, 'this length cannot be negative');
  if (sign === 'positive' && mm === 0) return new Refusal('zero', 0, 'this length cannot be zero');
  return null;
}

/**
 * Reads a length as makers type it: `5' 9 1/2"`, `69.5"`, `2½ in`, `33mm`, `1,75 m`, or a bare number in the
 * field's unit. Never throws; a refusal says what was read, where it stopped and what works.
 *
 * @param text as typed, typographic primes and quotes included
 * @param rule the unit of a bare number and which signs are allowed
 * @returns millimetres (10⁻⁶ to 10⁸), without a frame: brand it with `realMm` or `miniMm` at the edge
 * @example parseLength(`5' 9"`, { unit: 'mm' }) // { ok: true, lengthMm: 1752.6, system: 'inch' }
 */
export function parseLength(text: string, rule: LengthRule): LengthReading {
  const cursor: Cursor = { text: plain(text), at: 0 };
  const sign = rule.sign ?? 'positive';
  const refuse = (fault: LengthFault, at: number, says: string): LengthReading => {
    const read = text.slice(0, at).trim();
    const upTo = read === '' ? '' : ` after reading “${read}”`;
    return { ok: false, error: new LengthError(fault, text, at, `${says}${upTo}; ${WORKS}`) };
  };
  if (text.trim() === '') return refuse('empty', 0, 'nothing was typed');
  const read = readAll(cursor, rule.unit);
  if (read instanceof Refusal) return refuse(read.fault, read.at, read.says);
  const bad = judge(read.mm, sign);
  if (bad) return refuse(bad.fault, bad.at, bad.says);
  return {
    ok: true,
    lengthMm: read.mm,
    system: read.unit === 'in' || read.unit === 'ft' ? 'inch' : 'metric',
  };
}
