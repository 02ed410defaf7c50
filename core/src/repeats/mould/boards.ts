import { type DrawItem, type Drawing, moved } from '../../drawing/index.ts';
import { formatMiniMm, miniMm } from '../../units/index.ts';
import type { MouldNeed } from './boxes.ts';

const GAP = 6;

/** One board of a box. */
export interface Board {
  readonly name: string;
  readonly widthMm: number;
  readonly heightMm: number;
}

/**
 * The boards round a poured mould: two that go past the others at their ends, two between them, and a floor under all.
 *
 * @param thickMm of the board
 * @throws {RangeError} for a board of no thickness
 */
export function boxBoards({ outerMm: [a, b, c] }: MouldNeed, thickMm: number): readonly Board[] {
  if (!(thickMm > 0)) throw new RangeError(`a board wants a thickness over 0, got ${thickMm} mm`);
  const long = a + 2 * thickMm;
  return [
    { name: 'long side, 1 of 2', widthMm: long, heightMm: c },
    { name: 'long side, 2 of 2', widthMm: long, heightMm: c },
    { name: 'short side, 1 of 2', widthMm: b, heightMm: c },
    { name: 'short side, 2 of 2', widthMm: b, heightMm: c },
    { name: 'floor', widthMm: long, heightMm: b + 2 * thickMm },
  ];
}

/** The boards under one another at true size, each with its name and its sides. */
export function boardsDrawing(boards: readonly Board[]): Drawing {
  let y = 0;
  const items = boards.flatMap(({ name, widthMm, heightMm }): DrawItem[] => {
    const here: DrawItem[] = [
      {
        kind: 'area',
        outline: [
          [
            [
              [0, 0],
              [widthMm, 0],
              [widthMm, heightMm],
              [0, heightMm],
            ],
          ],
        ],
        material: 'none',
        weight: 'thin',
      },
      {
        kind: 'text',
        at: [2, heightMm / 2 - 1],
        text: `${name}: ${formatMiniMm(miniMm(widthMm))} × ${formatMiniMm(miniMm(heightMm))}`,
        size: 2.5,
        anchor: 'start',
        face: 'words',
      },
    ];
    const out = here.map((item) => moved(item, [0, y]));
    y += heightMm + GAP;
    return out;
  });
  return {
    widthMm: Math.max(1, ...boards.map(({ widthMm }) => widthMm)),
    heightMm: Math.max(1, y - GAP),
    items,
  };
}
