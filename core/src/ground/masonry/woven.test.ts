import { describe, expect, it } from 'vitest';
import type { Outline } from '../../form/index.ts';
import { WOVEN } from './bonds.ts';
import { layUnits } from './layUnits.ts';
import { wovenUnits } from './woven.ts';

const BRICK = { lengthMm: 215, heightMm: 102.5, jointMm: 10 };
const floor = (side: number): Outline => [
  [
    [
      [0, 0],
      [side, 0],
      [side, side],
      [0, side],
    ],
  ],
];

describe.each(WOVEN)('a floor in %s', (bond) => {
  it.each([
    [BRICK],
    [{ lengthMm: 300, heightMm: 100, jointMm: 0 }],
    [{ lengthMm: 90, heightMm: 40, jointMm: 4 }],
  ])('covers all of it once, its joints left out: %o', (size) => {
    const [side, step] = [900, 7];
    const units = wovenUnits(bond, size, side, side);
    const half = size.jointMm / 2;
    // Every spot lies in one unit with its half joints, as the squares of a board do; past the last joint another would begin.
    const last = side - size.jointMm;
    for (let x = step / 2; x < last; x += step)
      for (let y = step / 2; y < last; y += step) {
        const over = units.filter(
          ({ at: [l, b], longMm, highMm }) =>
            x >= l - half && x < l + longMm + half && y >= b - half && y < b + highMm + half,
        );
        expect(over.length, `${x}, ${y}`).toBe(1);
      }
  });

  it('has as many along as across, and 39.5 bricks of 215 × 102.5 to the square metre with 10 mm joints', () => {
    const laid = layUnits(floor(9000), { bond, ...BRICK });
    const along = laid.filter(({ longMm, highMm }) => longMm > highMm).length;
    expect(Math.abs(along / laid.length - 0.5)).toBeLessThan(0.01);
    const whole = laid.filter(({ isCut }) => !isCut).length;
    const cut = laid.length - whole;
    // One to 225 × 112.5 mm; those that are cut at the edges are half there or so.
    expect(Math.abs((whole + cut / 2) / 81 - 1e6 / (225 * 112.5))).toBeLessThan(0.5);
  });
});

describe('a herringbone floor', () => {
  it('has every end against the side of another: no joint runs straight on for more than a length', () => {
    const units = wovenUnits('herringbone', { lengthMm: 200, heightMm: 100, jointMm: 0 }, 1200, 1200);
    const ends = units
      .filter(({ longMm, highMm }) => longMm > highMm)
      .map(({ at: [x, y] }) => [x + 200, y] as const);
    for (const [x, y] of ends.filter(([x, y]) => x > 250 && x < 950 && y > 250 && y < 850)) {
      const beside = units.find(
        ({ at, longMm, highMm }) => highMm > longMm && at[0] === x && at[1] <= y && at[1] + highMm >= y + 100,
      );
      expect(beside, `${x}, ${y}`).toBeDefined();
    }
  });
});
