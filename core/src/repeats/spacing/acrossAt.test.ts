import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { shapeOf } from '../../form/index.ts';
import { acrossAt } from './acrossAt.ts';

describe('how wide an outline is at a height', () => {
  it('of a ball is its chord, of a cone it falls evenly', () => {
    const ball = shapeOf({ kind: 'ball', diameterMm: 40 }).outline('front');
    fc.assert(
      fc.property(fc.double({ min: 1, max: 39, noNaN: true }), (y) => {
        // A chord at y over the foot: 2 √(r² − (y − r)²)
        expect(acrossAt(ball, y)).toBeCloseTo(2 * Math.sqrt(400 - (y - 20) ** 2), 0);
      }),
    );
    const cone = shapeOf({
      kind: 'cylinder',
      bottomMm: 30,
      topMm: 10,
      heightMm: 40,
      lying: false,
    } as Parameters<typeof shapeOf>[0]).outline('front');
    expect(acrossAt(cone, 0)).toBeCloseTo(30, 6);
    expect(acrossAt(cone, 10)).toBeCloseTo(25, 6);
    expect(acrossAt(cone, 40)).toBeCloseTo(10, 6);
  });

  it('runs over what is cut out, and is nothing beside the outline', () => {
    const frame = [
      [
        [
          [0, 0],
          [10, 0],
          [10, 10],
          [0, 10],
        ],
        [
          [4, 4],
          [6, 4],
          [6, 6],
          [4, 6],
        ],
      ],
    ] as const;
    expect(acrossAt(frame, 5)).toBe(10);
    expect(acrossAt(frame, 11)).toBe(0);
    expect(acrossAt([], 0)).toBe(0);
  });
});
