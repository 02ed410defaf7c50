import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { type FlatPiece, nestOnSheets, type SheetNest } from './index.ts';

const rect = (name: string, w: number, h: number): FlatPiece => ({
  name,
  edges: '',
  outline: [
    [
      [
        [0, 0],
        [w, 0],
        [w, h],
        [0, h],
      ],
    ],
  ],
});

/** Whether every piece lies on its sheet, and none within a gap of another. */
function isSound({ sheets }: SheetNest, width: number, longest: number, gap: number): boolean {
  const slack = 1e-6;
  return sheets.every(({ placed }) =>
    placed.every(
      ({ at: [x, y], widthMm: w, heightMm: h }, i) =>
        x >= -slack &&
        y >= -slack &&
        x + w <= width + slack &&
        y + h <= longest + slack &&
        placed.every(
          ({ at: [u, v], widthMm: a, heightMm: b }, k) =>
            k === i ||
            x + w + gap <= u + slack ||
            u + a + gap <= x + slack ||
            y + h + gap <= v + slack ||
            v + b + gap <= y + slack,
        ),
    ),
  );
}

describe('pieces on sheets', () => {
  it('four halves of two sheets go onto two sheets', () => {
    const nest = nestOnSheets(
      [1, 2, 3, 4].map((n) => rect(`${n}`, 100, 75)),
      150,
      100,
      0,
    );
    expect(nest.sheets).toHaveLength(2);
    expect(nest.tooLarge).toEqual([]);
  });

  it('a long piece is turned to lie along the sheet; one that fits no way is told', () => {
    const nest = nestOnSheets([rect('plank', 280, 40), rect('wall', 400, 40)], 150, 300, 1);
    expect(nest.sheets[0]?.placed[0]).toMatchObject({ turned: true, widthMm: 40, heightMm: 280 });
    expect(nest.tooLarge.map(({ name }) => name)).toEqual(['wall']);
  });

  it('keeps every piece once, whole, on its sheet and clear of the others (property)', () => {
    const side = fc.double({ min: 2, max: 200, noNaN: true });
    fc.assert(
      fc.property(fc.array(fc.tuple(side, side), { minLength: 1, maxLength: 25 }), (sides) => {
        const pieces = sides.map(([w, h], i) => rect(`${i}`, w, h));
        const nest = nestOnSheets(pieces, 150, 300, 1);
        const names = [
          ...nest.sheets.flatMap(({ placed }) => placed.map(({ piece }) => piece)),
          ...nest.tooLarge,
        ];
        return (
          isSound(nest, 150, 300, 1) &&
          names.length === pieces.length &&
          new Set(names).size === pieces.length &&
          nest.tooLarge.every(({ name }) => Math.min(...(sides[Number(name)] ?? [])) > 150)
        );
      }),
      { seed: 150, numRuns: 200 },
    );
  });

  it('refuses a sheet of no size', () => {
    expect(() => nestOnSheets([], 0, 300, 1)).toThrow(
      'a sheet wants a width and a length over 0, got 0 × 300 mm',
    );
  });
});
