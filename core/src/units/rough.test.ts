import { describe, expect, it } from 'vitest';
import { fromFahrenheit, parseLength, parseRough, type ReadOne } from './index.ts';

const length: ReadOne = (text) => {
  const read = parseLength(text, { unit: 'mm', sign: 'nonNegative' });
  return read.ok ? { ok: true, value: read.lengthMm } : { ok: false, says: read.error.message };
};
const percent: ReadOne = (text) => {
  const found = /^(\d+(?:[.,]\d+)?)\s*%?$/.exec(text.trim());
  return found
    ? { ok: true, value: Number(found[1]?.replace(',', '.')) }
    : { ok: false, says: 'no per cent' };
};
const heat: ReadOne = (text) => {
  const found = /^(\d+(?:\.\d+)?)\s*°?\s*([CF])?$/i.exec(text.trim());
  if (!found) return { ok: false, says: 'no temperature' };
  const degrees = Number(found[1]);
  return { ok: true, value: found[2]?.toUpperCase() === 'F' ? fromFahrenheit(degrees) : degrees };
};

/** What was typed: kind, low and high, mm; an inch is 25.4 mm exactly (international yard, 1959). */
const LENGTHS: readonly (readonly [string, string, number, number | null])[] = [
  ['40', 'exact', 40, 40],
  ['40 mm', 'exact', 40, 40],
  ['40mm', 'exact', 40, 40],
  ['4 cm', 'exact', 40, 40],
  ['1.5 in', 'exact', 38.1, 38.1],
  ['2½ in', 'exact', 63.5, 63.5],
  ['2 1/2 in', 'exact', 63.5, 63.5],
  ['2-1/2 in', 'exact', 63.5, 63.5],
  ['2-1/2"', 'exact', 63.5, 63.5],
  ['1/2 in', 'exact', 12.7, 12.7],
  ['5\' 9"', 'exact', 1752.6, 1752.6],
  ['1,75 m', 'exact', 1750, 1750],
  ['about 5', 'about', 4.5, 5.5],
  ['About 5 mm', 'about', 4.5, 5.5],
  ['~5 mm', 'about', 4.5, 5.5],
  ['≈ 10', 'about', 9, 11],
  ['ca. 10 mm', 'about', 9, 11],
  ['roughly 1 in', 'about', 22.86, 27.94],
  ['around 20 mm', 'about', 18, 22],
  ['approx 20', 'about', 18, 22],
  ['say 100', 'about', 90, 110],
  ['about 5 to 6 mm', 'range', 5, 6],
  ['33 or less', 'at-most', 0, 33],
  ['33 mm or less', 'at-most', 0, 33],
  ['at most 33', 'at-most', 0, 33],
  ['up to 33 mm', 'at-most', 0, 33],
  ['under 33 mm', 'at-most', 0, 33],
  ['max 33', 'at-most', 0, 33],
  ['≤ 33 mm', 'at-most', 0, 33],
  ['< 33', 'at-most', 0, 33],
  ['1/2 in or less', 'at-most', 0, 12.7],
  ['33 mm max', 'at-most', 0, 33],
  ['12 or more', 'at-least', 12, null],
  ['at least 12 mm', 'at-least', 12, null],
  ['over 12 mm', 'at-least', 12, null],
  ['min 12', 'at-least', 12, null],
  ['≥ 12 mm', 'at-least', 12, null],
  ['> 12 mm', 'at-least', 12, null],
  ['12 mm and up', 'at-least', 12, null],
  ['5-9 mm', 'range', 5, 9],
  ['5–9', 'range', 5, 9],
  ['5 – 9 mm', 'range', 5, 9],
  ['5 to 9', 'range', 5, 9],
  ['5 to 9 mm', 'range', 5, 9],
  ['5 mm to 9 mm', 'range', 5, 9],
  ['5 mm - 1 cm', 'range', 5, 10],
  ['between 5 and 9 mm', 'range', 5, 9],
  ['2–2½ in', 'range', 50.8, 63.5],
  ['2 to 2 1/2 in', 'range', 50.8, 63.5],
  ['3 or 4 mm', 'range', 3, 4],
  ['2-1/2 to 3 in', 'range', 63.5, 76.2],
  ['1.5…2 cm', 'range', 15, 20],
  ['5..9 mm', 'range', 5, 9],
];

describe('an amount as makers state it', () => {
  it.each(LENGTHS)('%s is %s, %d to %s', (typed, kind, low, high) => {
    const reading = parseRough(typed, length);
    if (!reading.ok) throw new Error(reading.says);
    expect(reading.rough.kind).toBe(kind);
    expect(reading.rough.typed).toBe(typed);
    expect(reading.rough.low).toBeCloseTo(low, 6);
    if (high === null) expect(reading.rough.high).toBeNull();
    else expect(reading.rough.high).toBeCloseTo(high, 6);
    const { value } = reading.rough;
    expect(value).toBeGreaterThanOrEqual(reading.rough.low - 1e-9);
    expect(value).toBeLessThanOrEqual((reading.rough.high ?? Infinity) + 1e-9);
  });

  it('heat and shares too: 225–230 °F is 107 to 110 °C (F = 9⁄5 C + 32)', () => {
    const degrees = parseRough('225–230 °F', heat);
    const share = parseRough('80–90 %', percent);
    if (!degrees.ok || !share.ok) throw new Error('not read');
    expect(degrees.rough.low).toBeCloseTo(107.22, 2);
    expect(degrees.rough.high).toBeCloseTo(110, 6);
    expect([share.rough.low, share.rough.high, share.rough.value]).toEqual([80, 90, 85]);
  });

  it.each([
    ['5-9', ['5 to 9']],
    ['1,000', ['1000', '1']],
    ['1,000 mm', ['1000 mm', '1 mm']],
    ['9 to 5 mm', ['5 mm to 9']],
    ['12-8 mm', ['8 mm to 12']],
  ])('%s is asked, with what each would be typed as', (typed, meant) => {
    const reading = parseRough(typed, length);
    expect(reading).toMatchObject({ ok: false, meant });
    expect(reading.ok ? '' : reading.says).not.toBe('');
  });

  it.each([
    '',
    'large',
    'about',
    'about large',
    '5 to',
    'to 9 mm',
    'between',
    '5 parsecs',
    'at most',
    '5 mm or so many',
    '– 9',
    '5 – – 9 mm',
    '–',
    '5 mm to large',
    '½½',
  ])('“%s” is refused with a reason', (typed) => {
    const reading = parseRough(typed, length);
    expect(reading.ok).toBe(false);
    expect(reading.ok ? '' : reading.says.length).toBeGreaterThan(5);
  });
});
