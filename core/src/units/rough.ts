/** How sure an amount is meant. */
export type RoughKind = 'exact' | 'about' | 'range' | 'at-most' | 'at-least';

/** An amount as makers state it, in the unit of what reads it. */
export interface Rough {
  readonly kind: RoughKind;
  /** What is reckoned with: the amount, the middle of a range, or the limit. */
  readonly value: number;
  readonly low: number;
  /** Null where there is no upper end. */
  readonly high: number | null;
  /** As it was typed, spaces at its ends aside. */
  readonly typed: string;
}

/** An amount that was read, or why not; where it can be meant in two ways, what each would be typed as. */
export type RoughReading =
  | { readonly ok: true; readonly rough: Rough }
  | { readonly ok: false; readonly says: string; readonly meant?: readonly string[] };

/** Reads one exact amount with its unit. */
export type ReadOne = (
  text: string,
) => { readonly ok: true; readonly value: number } | { readonly ok: false; readonly says: string };

/** “About” leaves so much open either way, % (common practice: a tenth). */
export const ABOUT_PERCENT = 10;

const ABOUT = /^(?:about|around|roughly|approx\.?|approximately|circa|ca\.?|some|say|~|≈)\s*/i;
const MOST_BEFORE = /^(?:at most|up to|no more than|not over|under|below|max\.?|maximum|≤|<=?)\s*/i;
const MOST_AFTER = /\s*(?:or less|or under|or smaller|or below|or fewer|at most|max\.?|maximum)$/i;
const LEAST_BEFORE = /^(?:at least|no less than|not under|over|above|from|min\.?|minimum|≥|>=?)\s*/i;
const LEAST_AFTER = /\s*(?:or more|or over|or larger|or longer|and up|at least|upwards)$/i;
/** Two amounts with a dash, “to” or “or” between them. */
const BETWEEN = /^(?:between\s+)?(.+?)\s*(\s-\s|–|—|-|\bto\b|\band\b|\bor\b|\.\.\.?|…)\s*(.+)$/i;
/** A whole number and its fraction joined by a hyphen, as in `2-1/2 in`. */
const MIXED = /(\d)-(\d+\s*[/⁄]\s*\d+|[¼½¾⅛⅜⅝⅞⅓⅔])/g;
/** Three digits behind a comma: thousands to some, thousandths to others. */
const COMMA = /^\d{1,3}(?:,\d{3})+$/;
const UNIT = /[^\d\s.,/⁄¼½¾⅛⅜⅝⅞⅓⅔-][^\d]*$/;

const numbers = (text: string): string => text.replace(UNIT, '').trim();

function exact(text: string, read: ReadOne): ReturnType<ReadOne> {
  return read(text.replace(MIXED, '$1 $2'));
}

/** Two ends of a range; the unit of the second is that of both where the first has none. */
function readRange(typed: string, read: ReadOne): RoughReading | null {
  const parts = BETWEEN.exec(typed.replace(MIXED, '$1 $2'));
  if (!parts) return null;
  const [, first = '', dash = '', second = ''] = parts;
  if (!/\d|[¼½¾⅛⅜⅝⅞⅓⅔]/.test(first)) return null;
  const unit = UNIT.exec(second)?.[0].trim() ?? '';
  const [a, b] = [read(UNIT.test(first) ? first : `${first} ${unit}`.trim()), read(second)];
  if (!a.ok || !b.ok) return null;
  if (unit === '' && dash === '-' && !UNIT.test(first))
    return {
      ok: false,
      says: `“${typed}” can be meant in two ways: from ${first} to ${second}, or ${first} and a part`,
      meant: [`${first} to ${second}`, `${first} ${second}`].filter((one, i) => i === 0 || /[/⁄]/.test(one)),
    };
  if (b.value < a.value)
    return {
      ok: false,
      says: `“${typed}” goes down; from the smaller to the larger is ${second} to ${first}`,
      meant: [`${second} to ${first}`],
    };
  return {
    ok: true,
    rough: { kind: 'range', value: (a.value + b.value) / 2, low: a.value, high: b.value, typed },
  };
}

/** A limit or “about”, by the words before it or behind it. */
function readWorded(typed: string, read: ReadOne): RoughReading | null {
  const worded = (kind: RoughKind, rest: string): RoughReading => {
    const one = exact(rest, read);
    if (!one.ok) return { ok: false, says: one.says };
    const { value } = one;
    const off = (ABOUT_PERCENT / 100) * Math.abs(value);
    const [low, high] =
      kind === 'about'
        ? [value - off, value + off]
        : kind === 'at-most'
          ? [Math.min(0, value), value]
          : [value, null];
    return { ok: true, rough: { kind, value, low, high, typed } };
  };
  if (ABOUT.test(typed)) {
    const rest = typed.replace(ABOUT, '');
    const range = readRange(rest, read);
    if (range?.ok) return { ok: true, rough: { ...range.rough, typed } };
    return worded('about', rest);
  }
  for (const [kind, words] of [
    ['at-most', MOST_BEFORE],
    ['at-most', MOST_AFTER],
    ['at-least', LEAST_AFTER],
  ] as const)
    if (words.test(typed)) return worded(kind, typed.replace(words, ''));
  return null;
}

/**
 * Reads an amount as makers state it: exact, *about* (±10 %), a range, or a limit; kept as it was typed.
 * Ascending with a unit is a range; `2-1/2 in` is two and a half; what can be meant in two ways is asked, not guessed.
 *
 * @param read takes one exact amount with its unit
 * @example parseRough('2–2½ in', lengths) // a range of 50.8 to 63.5, reckoned with at 57.15
 * @example parseRough('33 or less', lengths) // at most 33
 */
export function parseRough(text: string, read: ReadOne): RoughReading {
  const typed = text.trim();
  if (COMMA.test(numbers(typed))) {
    const [whole, point] = [numbers(typed).replaceAll(',', ''), numbers(typed).replace(',', '.')];
    const unit = UNIT.exec(typed)?.[0] ?? '';
    return {
      ok: false,
      says: `“${typed}” can be meant in two ways: ${whole}, or ${Number(point)}`,
      meant: [`${whole}${unit && ` ${unit.trim()}`}`, `${Number(point)}${unit && ` ${unit.trim()}`}`],
    };
  }
  const worded = readWorded(typed, read);
  if (worded) return worded;
  const one = exact(typed, read);
  if (one.ok)
    return { ok: true, rough: { kind: 'exact', value: one.value, low: one.value, high: one.value, typed } };
  const range = readRange(typed, read);
  if (range) return range;
  if (LEAST_BEFORE.test(typed)) {
    const rest = exact(typed.replace(LEAST_BEFORE, ''), read);
    if (rest.ok)
      return { ok: true, rough: { kind: 'at-least', value: rest.value, low: rest.value, high: null, typed } };
  }
  return { ok: false, says: one.says };
}
