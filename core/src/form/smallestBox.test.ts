import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { type BuiltForm, buildSolid, STARTS, shapeOf, smallestBox } from './index.ts';

/** Corners of a box turned about two axes. */
function turnedCorners([a, b, c]: readonly number[], turn: number, tip: number): Float64Array {
  const corners = [0, 1, 2, 3, 4, 5, 6, 7].flatMap((i) => {
    const [x, y, z] = [(i & 1) * (a ?? 0), ((i >> 1) & 1) * (b ?? 0), (i >> 2) * (c ?? 0)];
    const [u, w] = [x * Math.cos(turn) + z * Math.sin(turn), z * Math.cos(turn) - x * Math.sin(turn)];
    return [u, y * Math.cos(tip) - w * Math.sin(tip), y * Math.sin(tip) + w * Math.cos(tip)];
  });
  return Float64Array.from(corners);
}

describe('the smallest box', () => {
  it('of a box turned any way has the sides of that box', () => {
    fc.assert(
      fc.property(
        fc.array(fc.integer({ min: 5, max: 100 }), { minLength: 3, maxLength: 3 }),
        fc.double({ min: 0, max: 3, noNaN: true }),
        fc.double({ min: 0, max: 3, noNaN: true }),
        (sides, turn, tip) => {
          const found = smallestBox(turnedCorners(sides, turn, tip)).sides;
          const [a = 0, b = 0, c = 0] = [...sides].sort((p, q) => q - p);
          expect((found[0] * found[1] * found[2]) / (a * b * c)).toBeLessThan(1.02);
          expect(found[0] * found[1] * found[2]).toBeGreaterThan(a * b * c * 0.999);
        },
      ),
      { seed: 11, numRuns: 25 },
    );
  });

  it('is never larger than the upright box, and holds the solid: each side is at least the thickest ball', () => {
    for (const id of ['woman', 'horse', 'jug', 'storm-lantern', 'cottage']) {
      const shape = shapeOf(STARTS.find((one) => one.id === id)?.form as BuiltForm);
      const { sides, axes } = smallestBox(buildSolid(shape, 60_000, null).skin.positions);
      const upright = [0, 1, 2].reduce(
        (volume, k) => volume * ((shape.box.max[k] ?? 0) - (shape.box.min[k] ?? 0)),
        1,
      );
      expect(sides[0] * sides[1] * sides[2], id).toBeLessThan(1.03 * upright);
      expect(sides[2], id).toBeGreaterThan(0.9 * shape.thickest.diameterMm);
      for (const axis of axes) expect(Math.hypot(...axis)).toBeCloseTo(1, 9);
    }
  });

  it('of a leaning rod is as long as the rod, which its upright box is not', () => {
    const leaning: BuiltForm = {
      kind: 'built',
      pieces: [
        {
          name: 'rod',
          form: { kind: 'rod', lengthMm: 200, startMm: 10, endMm: 10, lying: false },
          xMm: 0,
          yMm: 0,
          zMm: 0,
          turnDeg: 30,
          tipDeg: 40,
          leanDeg: 25,
          cut: false,
        },
      ],
    };
    const shape = shapeOf(leaning);
    const { sides } = smallestBox(buildSolid(shape, 400_000, null).skin.positions);
    expect(sides[0]).toBeCloseTo(200, -0.5);
    expect(sides[1]).toBeLessThan(12);
    expect(shape.box.max[1]).toBeLessThan(160);
  });
});
