import { describe, expect, it } from 'vitest';
import { extentOf } from '../../form/index.ts';
import { DEFAULT_BOARD, DEFAULT_POUR, type Pour } from '../../piece/index.ts';
import { sectionDrawing } from './sectionDrawing.ts';

const pond: Pour = {
  ...DEFAULT_POUR,
  id: 'pond',
  points: [
    { xMm: -50, yMm: -30 },
    { xMm: 50, yMm: -30 },
    { xMm: 50, yMm: 30 },
    { xMm: -50, yMm: 30 },
  ],
  deepMm: 10,
  lowMm: 2,
  bankDeg: 45,
};
const board = { ...DEFAULT_BOARD, thicknessMm: 12 };
const section = (over: Partial<Pour> = {}, layers = 2) =>
  sectionDrawing({ pour: { ...pond, ...over }, board, inIt: [], layers });

describe('a pour in section', () => {
  it('is drawn at true size: rim, bed and level as wide as the banks leave them', () => {
    const drawing = section() ?? expect.fail('no drawing');
    const wides = drawing.items.flatMap((item) => {
      if (item.kind !== 'area') return [];
      const [l, b, r, t] = extentOf(item.outline);
      return [[r - l, t - b].map((value) => Math.round(value * 10) / 10)];
    });
    // The base with 12 mm either side, the hollow of 100 × 10, and what fills it: at 2 mm down 96 wide.
    expect(wides).toEqual([
      [124, 12],
      [100, 10],
      [96, 8],
    ]);
  });

  it('shows where each layer ends, half way up in two layers', () => {
    const lines = (section({}, 2)?.items ?? []).filter((item) => item.kind === 'line' && item.dashed);
    expect(lines).toHaveLength(1);
    const [line] = lines;
    const points = line?.kind === 'line' ? line.points : [];
    // 4 mm over the bed, 6 under the rim: 100 − 2 × 6 wide.
    expect(Math.abs((points[1]?.[0] ?? 0) - (points[0]?.[0] ?? 0))).toBeCloseTo(88, 1);
    expect((section({}, 1)?.items ?? []).filter((item) => item.kind === 'line' && item.dashed)).toEqual([]);
  });

  it('is none for a level under the bed, or an edge that is no outline', () => {
    expect(section({ lowMm: 11 })).toBeNull();
    expect(section({ points: pond.points.slice(0, 2) })).toBeNull();
  });
});
