import { describe, expect, it } from 'vitest';
import type { Outline } from '../../form/index.ts';
import { BONDS } from '../../piece/index.ts';
import { headerMm, type InRows, isWoven, rowOf } from './bonds.ts';
import { layUnits } from './layUnits.ts';

const wall = (width: number, height: number, holes: Outline[0] = []): Outline => [
  [
    [
      [0, 0],
      [width, 0],
      [width, height],
      [0, height],
    ],
    ...holes,
  ],
];
/** BS work size 215 × 65 mm with joints of 10 mm; US modular 7⅝ × 2¼ in with ⅜ in joints (BIA Technical Note 10). */
const UK = { lengthMm: 215, heightMm: 65, jointMm: 10 };
const US = { lengthMm: 7.625 * 25.4, heightMm: (8 / 3 - 0.375) * 25.4, jointMm: 0.375 * 25.4 };

/** Units on a large face, by its area: those at the edges count as the share of them that is there. */
function perArea(bond: (typeof BONDS)[number], size: typeof UK, width: number, height: number): number {
  const laid = layUnits(wall(width, height), { bond, ...size });
  const shares = laid.map(
    ({ at: [x, y], longMm, highMm }) =>
      ((Math.min(x + longMm, width) - Math.max(x, 0)) / longMm) *
      ((Math.min(y + highMm, height) - y) / highMm),
  );
  return shares.reduce((sum, share) => sum + share, 0) / (width * height);
}

describe('units by the area of a wall', () => {
  it('in stretcher bond are 59.3 a square metre in the UK, 6.75 a square foot in the US', () => {
    expect(perArea('stretcher', UK, 10_125, 9_000) * 1e6).toBeCloseTo(59.3, 0);
    expect(perArea('stretcher', US, 480 * 25.4, 400 * 25.4) * (12 * 25.4) ** 2).toBeCloseTo(6.75, 1);
  });

  it('facing bricks in Flemish bond are a third more, in English half as many more: 79 and 89 a square metre', () => {
    expect(Math.abs(perArea('flemish', UK, 10_125, 9_000) * 1e6 - 79)).toBeLessThan(0.5);
    expect(Math.abs(perArea('english', UK, 10_125, 9_000) * 1e6 - 89)).toBeLessThan(0.5);
  });

  it('four courses of 65 and 10 mm come to 300 mm', () => {
    const rows = layUnits(wall(1000, 300), { bond: 'stretcher', ...UK }).map(({ row }) => row);
    expect(Math.max(...rows) + 1).toBe(4);
  });
});

describe('the rules of bonds', () => {
  const joints = (bond: InRows, row: number) =>
    rowOf(bond, UK, row, 5000).flatMap(({ from, long }) => [from + long + UK.jointMm / 2]);

  it.each(['stretcher', 'header', 'english', 'flemish', 'planks'] as const)(
    'in %s bond no upright joint runs on into the next course',
    (bond) => {
      for (let row = 0; row < 8; row += 1) {
        const above = joints(bond, row + 1);
        for (const at of joints(bond, row))
          for (const other of above) expect(Math.abs(at - other)).toBeGreaterThan(UK.jointMm);
      }
    },
  );

  it('in Flemish bond every header lies over the middle of a stretcher', () => {
    const middles = rowOf('flemish', UK, 0, 5000)
      .filter(({ face }) => face === 'stretcher')
      .map(({ from, long }) => from + long / 2);
    const heads = rowOf('flemish', UK, 1, 4000).filter(({ face, from }) => face === 'header' && from > 0);
    expect(heads.length).toBeGreaterThan(5);
    for (const { from, long } of heads)
      expect(Math.min(...middles.map((at) => Math.abs(at - from - long / 2)))).toBeLessThan(1e-6);
  });

  it('two headers with their joint are as long as a stretcher', () => {
    expect(2 * headerMm(UK) + UK.jointMm).toBe(UK.lengthMm);
  });

  it('a checker floor has the other colour on every side', () => {
    const tile = { lengthMm: 20, heightMm: 20, jointMm: 0 };
    const laid = layUnits(wall(160, 160), { bond: 'checker', ...tile });
    expect(laid).toHaveLength(64);
    const at = new Map(laid.map(({ at: [x, y], face }) => [`${x},${y}`, face]));
    for (const {
      at: [x, y],
      face,
    } of laid)
      for (const key of [`${x + 20},${y}`, `${x},${y + 20}`])
        if (at.has(key)) expect(at.get(key)).not.toBe(face);
  });
});

describe('units on a face', () => {
  it('are left out of an opening, and cut at its edges', () => {
    const door: Outline[0][0] = [
      [300, 0],
      [700, 0],
      [700, 600],
      [300, 600],
    ];
    const laid = layUnits(wall(1000, 900, [door]), { bond: 'stretcher', ...UK });
    for (const {
      at: [x, y],
      longMm,
      highMm,
      isCut,
    } of laid) {
      const isInside = x >= 300 && x + longMm <= 700 && y + highMm <= 600;
      expect(isInside).toBe(false);
      const crosses =
        y < 600 - 1 && ((x < 300 - 1 && x + longMm > 300 + 1) || (x < 700 - 1 && x + longMm > 700 + 1));
      if (crosses) expect(isCut).toBe(true);
    }
  });

  it('every one of many lies within its face, and none over another', () => {
    for (const bond of BONDS.filter((one) => !isWoven(one))) {
      const laid = layUnits(wall(1300, 700), { bond, ...UK });
      for (const row of new Set(laid.map(({ row: one }) => one))) {
        const inRow = laid.filter((one) => one.row === row).sort((a, b) => a.at[0] - b.at[0]);
        inRow.slice(1).forEach((one, i) => {
          const before = inRow[i];
          if (before) expect(one.at[0] - before.at[0] - before.longMm).toBeCloseTo(UK.jointMm, 6);
        });
      }
    }
  });

  it('refuses what cannot be laid', () => {
    expect(() =>
      layUnits(wall(100, 100), { bond: 'stretcher', lengthMm: 5, heightMm: 5, jointMm: 6 }),
    ).toThrow(RangeError);
    expect(() => layUnits(wall(1e5, 1e5), { bond: 'stretcher', ...UK })).toThrow(/more than/);
  });
});
