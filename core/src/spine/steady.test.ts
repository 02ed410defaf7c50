import { describe, expect, it } from 'vitest';
import type { Reckoning } from '../reckoning/index.ts';
import { steady } from './steady.ts';

const figure = (key: string, value: number): Reckoning => ({
  id: `/${key}`,
  key,
  part: null,
  lens: 'size',
  title: key,
  quantity: { value, unit: 'mm' },
  formula: 'a',
  terms: [],
});

describe('what was found again', () => {
  it('is the very finding of before where nothing of it has changed', () => {
    const before = { figures: [figure('a', 1)], uses: [{ grams: 3 }] };
    expect(steady(before, { figures: [figure('a', 1)], uses: [{ grams: 3 }] })).toBe(before);
  });

  it('keeps the figures that are as they were, and only those', () => {
    const before = { figures: [figure('a', 1), figure('b', 2)] };
    const now = steady(before, { figures: [figure('a', 1), figure('b', 3)] });
    expect(now?.figures[0]).toBe(before.figures[0]);
    expect(now?.figures[1]?.quantity.value).toBe(3);
    expect(now).not.toBe(before);
  });

  it('keeps a map or a typed array that says the same', () => {
    const before = { figures: [], sags: new Map([['arm', 2]]), at: new Float64Array([1, 2]) };
    const now = steady(before, { figures: [], sags: new Map([['arm', 3]]), at: new Float64Array([1, 2]) });
    expect(now?.at).toBe(before.at);
    expect(now?.sags).not.toBe(before.sags);
  });

  it('is nothing where nothing was found, and new where nothing was before', () => {
    const one = { figures: [] };
    expect(steady(one, null)).toBeNull();
    expect(steady(null, one)).toBe(one);
    expect(steady(undefined, one)).toBe(one);
  });

  it('a figure that is gone, or one that has come, makes another finding', () => {
    const before = { figures: [figure('a', 1)] };
    expect(steady(before, { figures: [] })?.figures).toEqual([]);
    expect(steady(before, { figures: [figure('a', 1), figure('b', 1)] })?.figures).toHaveLength(2);
  });
});
