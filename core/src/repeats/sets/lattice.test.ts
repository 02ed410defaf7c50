import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { Outline, Ring } from '../../form/index.ts';
import { along } from './along.ts';
import { rowsOver } from './lattice.ts';

const box = (w: number, h: number): Ring => [
  [0, 0],
  [w, 0],
  [w, h],
  [0, h],
];
const GABLE: Outline = [
  [
    [
      [0, 0],
      [60, 0],
      [60, 30],
      [30, 55],
      [0, 30],
    ],
    [
      [20, 10],
      [35, 10],
      [35, 25],
      [20, 25],
    ],
  ],
];

/** Inside of an outline by the crossing rule, knowing nothing of clipping. */
function holds(outline: Outline, x: number, y: number): boolean {
  let crossings = 0;
  for (const ring of outline.flat())
    ring.forEach(([ax, ay], i) => {
      const [bx, by] = ring[(i + 1) % ring.length] ?? [ax, ay];
      if (ay > y !== by > y && x < ax + ((y - ay) / (by - ay)) * (bx - ax)) crossings += 1;
    });
  return crossings % 2 === 1;
}

describe('rows over a face', () => {
  it('a rectangle takes its columns times its rows; half a piece more where every other row is moved', () => {
    const plain = { pitchMm: 5, exposureMm: 4, staggered: false, share: 1 };
    expect(rowsOver([[box(60, 40)]], plain)).toHaveLength(12 * 10);
    // Ten rows of 12, and every other one begins and ends with a half.
    expect(rowsOver([[box(60, 40)]], { ...plain, staggered: true })).toHaveLength(5 * 12 + 5 * 13);
    expect(rowsOver([[box(60, 40)]], plain).every(({ isCut }) => !isCut)).toBe(true);
  });

  it('only the lowest half of the rows, where only half is done', () => {
    const half = rowsOver([[box(60, 40)]], { pitchMm: 5, exposureMm: 4, staggered: false, share: 0.5 });
    expect(half).toHaveLength(12 * 5);
    expect(Math.max(...half.map(({ row }) => row))).toBe(4);
  });

  it('on a gable with a window: every cell that brute force finds covered by more than a sliver, and no other', () => {
    for (const staggered of [false, true]) {
      const ask = { pitchMm: 7, exposureMm: 5.5, staggered, share: 1 };
      const laid = rowsOver(GABLE, ask);
      const has = new Set(laid.map(({ at: [x, y] }) => `${x.toFixed(6)} ${y.toFixed(6)}`));
      for (let row = 0; row < 10; row += 1)
        for (let x = staggered && row % 2 === 1 ? -3.5 : 0; x < 60; x += 7) {
          let inside = 0;
          for (let i = 0.5; i < 40; i += 1)
            for (let j = 0.5; j < 40; j += 1)
              if (holds(GABLE, x + (i / 40) * 7, row * 5.5 + (j / 40) * 5.5)) inside += 1;
          const share = inside / 1600;
          // Counting points is right to a hundredth or so of a cell.
          if (Math.abs(share - 0.05) < 0.015) continue;
          expect(has.has(`${x.toFixed(6)} ${(row * 5.5).toFixed(6)}`), `${x} in row ${row}: ${share}`).toBe(
            share > 0.05,
          );
        }
    }
  });

  it('a pitch of nothing, and a million pieces, are refused in a sentence', () => {
    const ask = { pitchMm: 0, exposureMm: 4, staggered: false, share: 1 };
    expect(() => rowsOver([[box(60, 40)]], ask)).toThrow(/pitch and an exposure over 0/);
    expect(() => rowsOver([[box(6000, 4000)]], { ...ask, pitchMm: 0.5, exposureMm: 0.5 })).toThrow(
      /a wider pitch/,
    );
  });
});

describe('pieces along a line', () => {
  it('ten of 10 mm side by side fill 100 mm; of a length between, what is left is told', () => {
    const ask = { lengthMm: 100, isClosed: false, pitchMm: 10, widthMm: 10, bothEnds: false };
    expect(along(ask)).toMatchObject({ count: 10, leftMm: 0 });
    expect(along({ ...ask, lengthMm: 104 })).toMatchObject({ count: 10, leftMm: 4 });
    expect(along({ ...ask, lengthMm: 9 })).toMatchObject({ count: 0, leftMm: 9 });
  });

  it('with one at either end the pitch gives way; round a closed line it closes', () => {
    const ends = along({ lengthMm: 104, isClosed: false, pitchMm: 10, widthMm: 10, bothEnds: true });
    expect(ends.pitchMm).toBeCloseTo(94 / 9, 9);
    expect(ends.atMm.at(-1)).toBeCloseTo(99, 9);
    const ring = along({ lengthMm: 104, isClosed: true, pitchMm: 10, widthMm: 3, bothEnds: true });
    expect(ring.count * ring.pitchMm).toBeCloseTo(104, 9);
    expect(ring.count).toBe(10);
  });

  it('never reach beyond the ends and never lie nearer than wished, whatever the line (property)', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 1, max: 500, noNaN: true }),
        fc.double({ min: 0.5, max: 30, noNaN: true }),
        fc.double({ min: 0.1, max: 30, noNaN: true }),
        fc.boolean(),
        (lengthMm, pitchMm, width, bothEnds) => {
          const widthMm = Math.min(width, pitchMm);
          const {
            count,
            atMm,
            pitchMm: real,
          } = along({ lengthMm, isClosed: false, pitchMm, widthMm, bothEnds });
          expect(atMm).toHaveLength(count);
          if (count === 0) {
            expect(lengthMm).toBeLessThan(widthMm);
            return;
          }
          expect(atMm[0]).toBeGreaterThanOrEqual(widthMm / 2 - 1e-9);
          expect(atMm.at(-1)).toBeLessThanOrEqual(lengthMm - widthMm / 2 + 1e-6);
          if (count > 1) expect(real).toBeGreaterThanOrEqual(pitchMm - 1e-6);
        },
      ),
      { seed: 18, numRuns: 300 },
    );
  });

  it('a length or a pitch of nothing is refused', () => {
    const ask = { lengthMm: 100, isClosed: false, pitchMm: 0, widthMm: 1, bothEnds: false };
    expect(() => along(ask)).toThrow(/over 0/);
    expect(() => along({ ...ask, pitchMm: -2 })).toThrow(/over 0/);
    expect(() => along({ ...ask, pitchMm: 0.0001 })).toThrow(/a wider pitch/);
  });
});
