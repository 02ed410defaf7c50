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
  const titles = (question: string) => findStarts(question).starts.map(({ title }) => title);

  it('finds by any word of it, its own name first', () => {
    expect(titles('hors')[0]).toBe('Horse');
    expect(titles('pail')).toEqual(['Bucket']);
    expect(titles('person child')).toEqual(['Child of 12', 'Child of 6', 'Child of 3']);
    expect(titles('b')[0]).toMatch(/^B/);
    expect(titles('  ')).toHaveLength(STARTS.length);
    expect(titles('boot')[0]).toBe('Boot');
  });

  it('answers what makers look for: each by a thing of its own', () => {
    const asked =
      'dragon wing robot teapot sword hammer mushroom cake cone sole boot hand claw leaf palm pine shingle snake fish boat dome cave lion teacup bread skull cactus anvil lantern bridge tent star';
    for (const word of asked.split(' ')) {
      const { starts, isGuess } = findStarts(word);
      expect(isGuess, word).toBe(false);
      const [first] = starts;
      expect(`${first?.title} ${first?.also}`.toLowerCase(), word).toContain(word);
    }
  });

  it('never answers empty: a slip of the keys finds the nearest, nonsense the plain forms', () => {
    for (const [slip, meant] of [
      ['dragn', 'Dragon'],
      ['mushrom', 'Mushroom'],
      ['tepot', 'Teapot'],
      ['hamer', 'Hammer'],
    ] as const) {
      const { starts, isGuess } = findStarts(slip);
      expect(isGuess).toBe(true);
      expect(starts.slice(0, 3).map(({ title }) => title)).toContain(meant);
    }
    for (const word of ['zzzqx', '木', '???'])
      expect(findStarts(word).starts.length, word).toBeGreaterThan(0);
  });

  it('offers some two hundred and more', () => {
    expect(STARTS.length).toBeGreaterThan(270);
  });

  it('has every name and id but once', () => {
    expect(new Set(STARTS.map(({ id }) => id)).size).toBe(STARTS.length);
    expect(new Set(STARTS.map(({ title }) => title)).size).toBe(STARTS.length);
  });
});
