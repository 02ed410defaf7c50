import { describe, expect, it } from 'vitest';
import { extentOf, findStarts, STARTS, shapeOf } from '../index.ts';

describe('every named start', () => {
  it('builds a sound solid: finite, on the ground, and its silhouettes as large as its box', () => {
    for (const { title, form } of STARTS) {
      const shape = shapeOf(form);
      expect(shape.volumeMm3, title).toBeGreaterThan(0);
      expect(shape.areaMm2, title).toBeGreaterThan(0);
      expect(shape.thickest.diameterMm, title).toBeGreaterThan(0);
      expect(shape.box.min[1], title).toBeCloseTo(0, 4);
      // A solid has at least the surface of a ball of its volume (isoperimetric inequality).
      expect(shape.areaMm2, title).toBeGreaterThan(0.98 * Math.cbrt(36 * Math.PI * shape.volumeMm3 ** 2));
      for (const [view, k] of [
        ['front', 0],
        ['side', 2],
      ] as const) {
        const [left, , right, top] = extentOf(shape.outline(view));
        const wide = shape.box.max[k] - shape.box.min[k];
        expect((right - left) / wide, `${title} ${view}`).toBeCloseTo(1, 1.4);
        expect(top / shape.box.max[1], `${title} ${view}`).toBeCloseTo(1, 1.4);
      }
    }
  });
});

describe('looking for a start', () => {
  const titles = (question: string) => findStarts(question).map(({ title }) => title);

  it('finds by any word of it, those that begin with it first', () => {
    expect(titles('hors')).toEqual(['Horse']);
    expect(titles('pail')).toEqual(['Bucket']);
    expect(titles('person child')).toEqual(['Child of 12', 'Child of 6', 'Child of 3']);
    expect(titles('b')[0]).toMatch(/^B/);
    expect(titles('zeppelin')).toEqual([]);
    expect(titles('  ')).toHaveLength(STARTS.length);
  });

  it('has every name and id but once', () => {
    expect(new Set(STARTS.map(({ id }) => id)).size).toBe(STARTS.length);
    expect(new Set(STARTS.map(({ title }) => title)).size).toBe(STARTS.length);
  });
});
