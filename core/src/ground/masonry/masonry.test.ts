import { describe, expect, it } from 'vitest';
import { areaOf, extentOf, intersected, type Outline, seeded, uniteAreas } from '../../form/index.ts';
import { BONDS } from '../../piece/index.ts';
import { headerMm, type InRows, isNatural, isWoven, NATURAL, rowOf } from './bonds.ts';
import { layUnits } from './layUnits.ts';
import { quoinsOf } from './quoins.ts';
import { worn } from './worn.ts';

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
    ({ at: [x, y], longMm, highMm, face }) =>
      // A closer is cut from a header.
      (face === 'closer' ? (longMm + size.jointMm) / (headerMm(size) + size.jointMm) : 1) *
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

  // In both bonds a quoin header has its queen closer beside it, never at the corner itself (common practice).
  it.each(['english', 'flemish'] as const)('in %s bond closers lie beside the quoin headers', (bond) => {
    const wide = 10 * (UK.lengthMm + UK.jointMm) - UK.jointMm;
    for (const row of [1, 3, 5]) {
      const units = rowOf(bond, UK, row, wide);
      expect(units.slice(0, 2).map(({ face }) => face)).toEqual(['header', 'closer']);
      expect(units.slice(-2).map(({ face }) => face)).toEqual(['closer', 'header']);
      expect(units.filter(({ face }) => face === 'closer')).toHaveLength(2);
      // A closer is half a header but for half a joint, so that the laps are a quarter of the pitch.
      const [header, closer] = units;
      expect(header?.from).toBe(0);
      expect(closer?.long).toBeCloseTo((UK.lengthMm + UK.jointMm) / 4 - UK.jointMm, 9);
      const last = units.at(-1);
      expect((last?.from ?? 0) + (last?.long ?? 0)).toBeCloseTo(wide, 9);
      units.slice(1).forEach(({ from }, i) => {
        const before = units[i];
        expect(from - (before?.from ?? 0) - (before?.long ?? 0)).toBeCloseTo(UK.jointMm, 9);
      });
    }
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

describe('stones of no one size', () => {
  const lay = (bond: (typeof NATURAL)[number], seed: number, joint = 10) =>
    layUnits(wall(2000, 1200), { bond, lengthMm: 200, heightMm: 150, jointMm: joint, seed });
  const stones = (bond: (typeof NATURAL)[number], joint: number) =>
    lay(bond, 3, joint).map(({ ring = [] }): Outline => intersected([[ring]], wall(2000, 1200)));

  it.each(NATURAL)('%s without joints fill their face, none over another', (bond) => {
    const each = stones(bond, 0);
    const sum = each.reduce((mm2, one) => mm2 + areaOf(one), 0);
    // Slivers at the edges are left out, under 3 % of a stone each.
    expect(sum / (2000 * 1200)).toBeGreaterThan(0.99);
    expect(Math.abs(sum / areaOf(uniteAreas(each)) - 1)).toBeLessThan(1e-4);
  });

  it.each(NATURAL)('%s lie the same for the same seed, otherwise for another', (bond) => {
    expect(lay(bond, 7)).toEqual(lay(bond, 7));
    expect(lay(bond, 7)).not.toEqual(lay(bond, 8));
  });

  it.each(NATURAL)('%s take about as many as units of that size would', (bond) => {
    const pitch = 210 * 160;
    expect(lay(bond, 2).length).toBeGreaterThan((0.9 * (2000 * 1200)) / pitch);
    expect(lay(bond, 2).length).toBeLessThan((1.35 * (2000 * 1200)) / pitch);
  });

  it('squared ones have no joint over a joint', () => {
    const laid = lay('ashlar', 5);
    const ends = (row: number) =>
      laid.filter((one) => one.row === row && !one.isCut).map(({ at: [x], longMm }) => x + longMm);
    let straight = 0;
    for (let row = 0; row < 6; row += 1)
      for (const end of ends(row)) if (ends(row + 1).some((at) => Math.abs(at - end) < 20)) straight += 1;
    expect(straight).toBe(0);
  });

  it('are worn no farther than told, and lose no more than their corners', () => {
    const [face] = wall(100, 60)[0] ?? [];
    const round = worn(face ?? [], 10, seeded(4));
    const lost = 100 * 60 - areaOf([[round]]);
    expect(lost).toBeGreaterThan(0);
    // A corner cut off by a parabola between two points 10 mm along: a third of the triangle of 50 mm².
    expect(lost).toBeLessThan((4 * 50) / 3);
    expect(extentOf([[round]]).map(Math.round)).toEqual([0, 0, 100, 60]);
    expect(worn(face ?? [], 0, seeded(4))).toEqual(face);
  });
});

describe('stones up the corners', () => {
  it('are three courses high, long and half as long by turns, up both sides', () => {
    const quoins = quoinsOf(wall(2000, 900), UK, 440);
    expect(quoins).toHaveLength(8);
    const sides = quoins.map(({ ring }) => extentOf([[ring]]));
    expect(sides.map(([l, , r]) => r - l)).toEqual([440, 440, 220, 220, 440, 440, 220, 220]);
    // Four courses of 75 mm are 300 mm: three and their joints 225, the stone a joint less.
    expect(sides[0]?.[3]).toBe(215);
    expect(sides.filter(([l]) => l === 0)).toHaveLength(4);
    expect(sides.filter(([, , r]) => r === 2000)).toHaveLength(4);
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
    for (const bond of BONDS.filter((one) => !isWoven(one) && !isNatural(one))) {
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
