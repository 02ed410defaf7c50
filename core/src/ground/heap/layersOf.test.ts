import { describe, expect, it } from 'vitest';
import { areaOf, extentOf } from '../../form/index.ts';
import { DEFAULT_HEAP, type Heap } from '../../piece/index.ts';
import { layersDrawing, layersOf } from './layersOf.ts';

const square = (mm: number): Heap['points'] => [
  { xMm: -mm / 2, yMm: -mm / 2 },
  { xMm: mm / 2, yMm: -mm / 2 },
  { xMm: mm / 2, yMm: mm / 2 },
  { xMm: -mm / 2, yMm: mm / 2 },
];
const rise = (over: Partial<Heap> = {}): Heap => ({
  ...DEFAULT_HEAP,
  id: 'rise',
  points: square(100),
  heightMm: 30,
  slopeDeg: 90,
  sheetMm: 10,
  ...over,
});

describe('the layers of a rise', () => {
  it('with upright sides are alike, glued over their whole area, with no steps', () => {
    const { outlines, glueMm2, stepsMm3 } = layersOf(rise()) ?? expect.fail('no layers');
    expect(outlines.map(areaOf).map(Math.round)).toEqual([1e4, 1e4, 1e4]);
    expect(glueMm2).toBeCloseTo(2e4, 0);
    expect(stepsMm3).toBeCloseTo(0, 0);
  });

  it('of foam at 45° are cut at their foot: carved off is the stack less the frustum', () => {
    const heap = rise({ of: 'foam', slopeDeg: 45, skin: 'none' });
    const { outlines, stepsMm3 } = layersOf(heap) ?? expect.fail('no layers');
    expect(outlines.map(areaOf).map((mm2) => Math.round(Math.sqrt(mm2)))).toEqual([100, 80, 60]);
    // Frustum: h ÷ 3 × (A + a + √(A a)) with sides of 100 and 40 mm.
    const frustum = (30 / 3) * (1e4 + 1600 + Math.sqrt(1e4 * 1600));
    expect(stepsMm3).toBeCloseTo((1e4 + 6400 + 3600) * 10 - frustum, -2);
  });

  it('of card are cut at their head: filled is the frustum less the stack', () => {
    const { outlines, stepsMm3 } = layersOf(rise({ of: 'card', slopeDeg: 45 })) ?? expect.fail('no layers');
    expect(outlines.map(areaOf).map((mm2) => Math.round(Math.sqrt(mm2)))).toEqual([80, 60, 40]);
    const frustum = (30 / 3) * (1e4 + 1600 + Math.sqrt(1e4 * 1600));
    expect(stepsMm3).toBeCloseTo(frustum - (6400 + 3600 + 1600) * 10, -2);
  });

  it('lie on their sheets without touching, every template once', () => {
    const heap = rise({ slopeDeg: 60, heightMm: 60, stockWideMm: 210, stockHighMm: 210 });
    const { nest, outlines } = layersOf(heap) ?? expect.fail('no layers');
    expect(nest.sheets.flatMap(({ placed }) => placed)).toHaveLength(outlines.length);
    for (const { placed } of nest.sheets)
      for (const [i, a] of placed.entries()) {
        expect(a.at[0] + a.widthMm).toBeLessThanOrEqual(210);
        expect(a.at[1] + a.heightMm).toBeLessThanOrEqual(210);
        for (const b of placed.slice(i + 1))
          expect(
            a.at[0] + a.widthMm <= b.at[0] ||
              b.at[0] + b.widthMm <= a.at[0] ||
              a.at[1] + a.heightMm <= b.at[1] ||
              b.at[1] + b.heightMm <= a.at[1],
          ).toBe(true);
      }
  });

  it('are printed at true size: the first template is as wide on the page as on the plan', () => {
    const drawing = layersDrawing(rise({ slopeDeg: 45 })) ?? expect.fail('no drawing');
    const wides = drawing.items.flatMap((item) => {
      if (item.kind !== 'area' || item.material !== 'paper') return [];
      const [l, , r] = extentOf(item.outline);
      return [Math.round(r - l)];
    });
    expect(wides.sort((a, b) => b - a)).toEqual([100, 80, 60]);
  });

  it('larger than a sheet are told by name', () => {
    const { nest } = layersOf(rise({ stockWideMm: 80, stockHighMm: 80 })) ?? expect.fail('no layers');
    expect(nest.tooLarge.map(({ name }) => name)).toEqual(['rise 1', 'rise 2', 'rise 3']);
  });
});
