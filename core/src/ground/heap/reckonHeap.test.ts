import { describe, expect, it } from 'vitest';
import { lowWaterFerry } from '../../demo/index.ts';
import { makeShapeStore } from '../../form/index.ts';
import { DEFAULT_HEAP, type Heap, type Piece } from '../../piece/index.ts';
import { reckonPiece } from '../../spine/index.ts';

const NOW = '2026-05-01T09:00:00Z';
const shapes = makeShapeStore();
const corners = (width: number, depth: number): Heap['points'] =>
  (
    [
      [-1, -1],
      [1, -1],
      [1, 1],
      [-1, 1],
    ] as const
  ).map(([x, y]) => ({ xMm: (x * width) / 2, yMm: (y * depth) / 2 }));

function rise(over: Partial<Heap>) {
  const heap: Heap = {
    ...DEFAULT_HEAP,
    id: 'hill',
    name: 'hill',
    points: corners(120, 80),
    slopeDeg: 90,
    ...over,
  };
  const piece: Piece = {
    ...lowWaterFerry(NOW),
    parts: [],
    fits: [],
    log: [],
    decisions: [],
    ...{ board: null, stood: [], heaps: [heap], pours: [], eyes: [], masonry: [] },
  };
  const { book } = reckonPiece(piece, { shapes, workshopOwn: {}, now: NOW });
  const figure = (what: string) => book.get(`/ground.${what}.hill`);
  return { figure, value: (what: string) => figure(what)?.quantity.value };
}

describe('a rise of the ground', () => {
  it('of sheets: as many layers as its height takes, the last one begun counted', () => {
    expect(rise({ heightMm: 30, sheetMm: 10 }).value('rise-sheets')).toBe(3);
    expect(rise({ heightMm: 31, sheetMm: 10 }).value('rise-sheets')).toBe(4);
    expect(rise({ heightMm: 30, of: 'foil' }).value('rise-sheets')).toBeUndefined();
  });

  it('under a skin: plaster over its top and sides, 120 × 80 and 400 × 30 mm, 3 mm thick', () => {
    const { value } = rise({ heightMm: 30, skin: 'plaster', skinMm: 3 });
    const cm3 = ((120 * 80 + 400 * 30) * 3) / 1000;
    expect(value('rise-plaster')).toBeCloseTo(cm3 * 0.95, 3);
    expect(rise({ skin: 'none' }).value('rise-plaster')).toBeUndefined();
  });

  it('thick terrain paste takes five days at 10 mm, and four times as long at 20 (time grows with thickness squared, Crank)', () => {
    expect(rise({ of: 'paste', skin: 'none', heightMm: 20 }).value('rise-days')).toBeCloseTo(5, 9);
    expect(rise({ of: 'paste', skin: 'none', heightMm: 40 }).value('rise-days')).toBeCloseTo(20, 9);
    expect(rise({ of: 'foam', skin: 'none' }).value('rise-days')).toBeUndefined();
  });

  it('whose sides meet below its height says how high it gets, with a way out; one that crosses itself says so', () => {
    const steep = rise({ heightMm: 90, slopeDeg: 45 }).figure('rise')?.verdict;
    expect(steep).toMatchObject({ level: 'doubtful', says: expect.stringContaining('40') });
    expect(steep?.waysOut.map(({ change }) => change?.value)).toContain(90);
    // What it is worked out with is the height it gets, not the one it was told.
    const sheets = rise({ heightMm: 90, slopeDeg: 45, sheetMm: 15 }).figure('rise-sheets');
    expect(sheets?.quantity.value).toBe(Math.ceil(40 / 15));
    expect(sheets?.terms.find(({ symbol }) => symbol === 'h')?.quantity.value).toBeCloseTo(40, 1);
    const [a, b, c, d] = corners(100, 100);
    const crossed = rise({ points: [a, c, b, d].flatMap((one) => one ?? []) }).figure('rise');
    expect(crossed).toMatchObject({ quantity: { value: 0 }, verdict: { level: 'stop' } });
  });
});
