import { describe, expect, it } from 'vitest';
import { makeShapeStore } from '../form/index.ts';
import { overhangOf } from './index.ts';

/** A grid of cells of 1 with what is inside by a rule. */
function grid(
  nx: number,
  ny: number,
  nz: number,
  isIn: (x: number, y: number, z: number) => boolean,
  cell = 1,
) {
  const distance = new Float32Array(nx * ny * nz);
  for (let z = 0; z < nz; z += 1)
    for (let y = 0; y < ny; y += 1)
      for (let x = 0; x < nx; x += 1) distance[x + nx * (y + ny * z)] = isIn(x, y, z) ? -1 : 1;
  return { size: [nx, ny, nz] as const, cell, distance };
}

describe('what reaches out over nothing', () => {
  it('a table: its top less its leg, on each side', () => {
    const table = grid(
      41,
      12,
      5,
      (x, y, z) =>
        z > 0 && z < 4 && (y >= 1 && y < 10 ? Math.abs(x - 20) <= 2 : y === 10 && Math.abs(x - 20) <= 15),
    );
    const { reach, height, hangs } = overhangOf(table);
    expect(reach).toBeCloseTo(13, 6);
    expect(height).toBe(9);
    expect(hangs).toBe(false);
  });

  it('an arch: half its span, in any unit', () => {
    const arch = grid(
      31,
      22,
      3,
      (x, y, z) => z === 1 && y >= 1 && y < 20 && x >= 3 && x < 28 && (y >= 15 || x < 8 || x >= 23),
      0.5,
    );
    expect(overhangOf(arch).reach).toBeCloseTo(8 * 0.5, 6);
  });

  it('an arm that hangs down begins in the air, and reaches as far as its shoulder', () => {
    const arm = grid(
      30,
      30,
      3,
      (x, y, z) =>
        z === 1 &&
        y >= 1 &&
        y < 28 &&
        ((x >= 2 && x < 8) || (y >= 24 && x >= 2 && x < 20) || (y >= 8 && x >= 17 && x < 20)),
    );
    const { reach, hangs } = overhangOf(arm);
    expect(hangs).toBe(true);
    expect(reach).toBeCloseTo(12, 6);
  });

  it('a block and a standing cone reach out nowhere; nothing at all neither', () => {
    expect(
      overhangOf(grid(9, 9, 9, (x, y, z) => x > 1 && y > 1 && z > 1 && x < 7 && y < 7 && z < 7)).reach,
    ).toBe(0);
    expect(
      overhangOf(grid(21, 12, 21, (x, y, z) => y > 0 && Math.hypot(x - 10, z - 10) < 10 - y)).reach,
    ).toBe(0);
    expect(overhangOf(grid(3, 3, 3, () => false))).toEqual({ reach: 0, height: 0, hangs: false });
  });

  it('a rod of a form lying level on a post, as it is sampled', () => {
    const shape = makeShapeStore().shapeOf(
      {
        kind: 'built',
        pieces: [
          {
            name: 'post',
            form: { kind: 'block', widthMm: 10, heightMm: 40, depthMm: 10 },
            xMm: 0,
            yMm: 0,
            zMm: 0,
            turnDeg: 0,
            tipDeg: 0,
            leanDeg: 0,
            cut: false,
          },
          {
            name: 'beam',
            form: { kind: 'block', widthMm: 70, heightMm: 10, depthMm: 10 },
            xMm: 0,
            yMm: 40,
            zMm: 0,
            turnDeg: 0,
            tipDeg: 0,
            leanDeg: 0,
            cut: false,
          },
        ],
      } as never,
      { head: 1, hands: 1 },
    );
    // 35 of the beam to each side, 5 of them over the post.
    expect(overhangOf(shape.sample(1)).reach).toBeGreaterThan(28);
    expect(overhangOf(shape.sample(1)).reach).toBeLessThan(32);
  });
});
