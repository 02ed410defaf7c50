import { describe, expect, it } from 'vitest';
import {
  BookError,
  formatQuantity,
  formatRange,
  formulaWithNumbers,
  makeBook,
  type Reckoning,
  reckoning,
  sourced,
  type Term,
  termFrom,
  validateBook,
  verdictWord,
} from './index.ts';

const entry = (symbol: string, value: number): Term => ({
  symbol,
  name: symbol,
  quantity: { value, unit: 'mm in life' },
  origin: { kind: 'entry', path: ['parts', 'a', symbol] },
});
const figure = (key: string, terms: Term[], formula = 'h = H ÷ s', value = 1): Reckoning =>
  reckoning({ key, part: null, lens: 'size', title: key, quantity: { value, unit: 'mm' }, formula, terms });

describe('a figure and its working', () => {
  it('puts the numbers into the formula', () => {
    const scale: Term = {
      symbol: 's',
      name: 'scale',
      quantity: { value: 12, unit: '' },
      origin: { kind: 'entry', path: ['scale'] },
    };
    expect(formulaWithNumbers(figure('size.height', [entry('H', 1660), scale], 'h = H ÷ s', 138.333))).toBe(
      '1.660 m ÷ 12 = 138.3 mm',
    );
  });

  it('shows a handbook value as it was written, so that the working adds up', () => {
    const peg = sourced('fit.peg', {}).term('c');
    const b: Term = {
      symbol: 'b',
      name: 'b',
      quantity: { value: 1, unit: 'mm' },
      origin: { kind: 'shape', says: 'the wire' },
    };
    const formula = 'h = ⌈10 × (b + c)⌉ ÷ 10';
    expect(formulaWithNumbers(figure('k', [b, peg], formula, 1.2))).toBe(
      '⌈10 × (1.0 mm + 0.15 mm)⌉ ÷ 10 = 1.2 mm',
    );
  });

  it('does not mistake part of a word for a symbol', () => {
    expect(formulaWithNumbers(figure('k', [entry('m', 5)], 'x = min(m, m)', 5))).toBe(
      'min(5.0 mm, 5.0 mm) = 5.0 mm',
    );
  });

  it('takes the maker’s own value over the handbook’s and says so', () => {
    expect(sourced('bulk.limit', {}).value).toBe(12.7);
    expect(sourced('bulk.limit', { 'bulk.limit': 10 }).term('L').origin).toEqual({
      kind: 'own',
      row: 'bulk.limit',
    });
    expect(sourced('body.height.eyes', { 'body.height.eyes': 2 }).value).toBe(0.936);
    expect(() => sourced('no.such', {})).toThrow('the handbook has no row “no.such”');
  });

  it('shows values and ranges with their units once', () => {
    expect(formatQuantity({ value: 0.016, unit: 'mm' })).toBe('0.016 mm');
    expect(formatQuantity({ value: 1, unit: 'packs' })).toBe('1 pack');
    expect(formatQuantity({ value: -8, unit: '°C apart' })).toBe('−8 °C');
    expect(formatRange({ value: 28, low: 27.1, high: 29.9, unit: 'mm' })).toBe('27.1 to 29.9 mm');
    expect(formatRange({ value: 28, unit: 'mm' })).toBeNull();
  });

  it('has one word for each verdict', () => {
    expect(verdictWord({ level: 'doubtful', wording: 'room', says: '', waysOut: [] })).toBe('tight');
    expect(verdictWord({ level: 'doubtful', wording: 'state', says: '', waysOut: [] })).toBe('check this');
  });
});

describe('the book of figures', () => {
  it('knows what depends on a figure', () => {
    const height = figure('size.height', [entry('H', 1660)]);
    const box = figure('size.box', [termFrom('h', height)], 'b = h');
    const book = makeBook([box, height]);
    validateBook(book);
    expect(book.dependants(height.id).map((user) => user.key)).toEqual(['size.box']);
    expect(book.of('size', null)).toHaveLength(2);
  });

  it.each([
    ['twice', () => [figure('a', []), figure('a', [])]],
    ['missing-term', () => [figure('a', [termFrom('h', figure('gone', []))])]],
    ['not-finite', () => [figure('a', [], 'x', Number.NaN)]],
    ['unknown-symbol', () => [figure('a', [entry('Z', 1)])]],
    [
      'cycle',
      () => {
        const a = figure('a', []);
        const b = figure('b', [termFrom('h', a)]);
        return [{ ...a, terms: [termFrom('h', b)] }, b];
      },
    ],
  ] as const)('refuses figures that are %s', (fault, make) => {
    expect(() => validateBook(makeBook(make()))).toThrow(BookError);
    try {
      validateBook(makeBook(make()));
    } catch (error) {
      expect((error as BookError).fault).toBe(fault);
    }
  });
});
