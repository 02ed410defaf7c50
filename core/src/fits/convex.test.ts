import { packEnclose } from 'd3-hierarchy';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { hull, type Ring, type Vec2 } from '../form/index.ts';
import { baseRing, bestPlacing, openingRing, roomUnder } from './index.ts';

const square = (side: number): Ring => baseRing({ shape: 'square', longMm: side, shortMm: side });
const round = (across: number): Ring => baseRing({ shape: 'round', longMm: across, shortMm: across });

describe('the best placing', () => {
  it('leaves half the difference round a square in a square', () => {
    expect(bestPlacing(square(10), square(12), false).marginMm).toBeCloseTo(1, 2);
    expect(bestPlacing(square(14), square(12), false).marginMm).toBeCloseTo(-1, 2);
  });

  it('finds the turn in which a bar goes into a square slantwise', () => {
    const bar: Ring = [
      [0, 0],
      [12, 0],
      [12, 1],
      [0, 1],
    ];
    // Along the diagonal of 10√2 = 14.14: (14.14 − 12 − 1) ÷ 2 measured to the corner, ÷ √2 to its sides.
    const { marginMm, turnDegrees } = bestPlacing(bar, square(10), true);
    expect(turnDegrees % 90).toBeCloseTo(45, 0);
    expect(marginMm).toBeCloseTo((10 * Math.SQRT2 - 12 - 1) / 2 / Math.SQRT2, 1);
    expect(bestPlacing(bar, square(10), false).marginMm).toBeLessThan(0);
  });

  it('in a round room it leaves what the smallest circle round the thing leaves (d3-hierarchy, packEnclose)', () => {
    fc.assert(
      fc.property(
        fc.array(
          fc.tuple(fc.double({ min: -9, max: 9, noNaN: true }), fc.double({ min: -9, max: 9, noNaN: true })),
          {
            minLength: 3,
            maxLength: 14,
          },
        ),
        (points) => {
          const thing = hull(points as Vec2[]);
          fc.pre(thing.length > 2);
          const { r } = packEnclose(points.map(([x, y]) => ({ x, y, r: 0 })));
          // The ring has 64 points: 0.12 % of its radius off at the worst.
          expect(bestPlacing(thing, round(40), false).marginMm).toBeCloseTo(20 - r, 1);
        },
      ),
      { seed: 32, numRuns: 120 },
    );
  });
});

describe('under an opening', () => {
  const figure = (wide: number, high: number): Vec2[] => [
    [3, 0],
    [3 + wide, 0],
    [3 + wide, high],
    [3, high],
  ];

  it('a block under a lintel has the least of its sides and its head', () => {
    const door = openingRing({ shape: 'square', widthMm: 30, heightMm: 40 });
    expect(roomUnder(figure(20, 38), door)).toBeCloseTo(2, 3);
    expect(roomUnder(figure(28, 20), door)).toBeCloseTo(1, 3);
    expect(roomUnder(figure(28, 43), door)).toBeCloseTo(-3, 3);
  });

  it('its upper corners meet the arch, not its top: by Pythagoras', () => {
    const arch = openingRing({ shape: 'arched', widthMm: 40, heightMm: 50 });
    // Springs at 30, radius 20: the corners 12 out and 13 above the springing lie √(12² + 13²) from its centre.
    expect(roomUnder(figure(24, 43), arch)).toBeCloseTo(20 - Math.hypot(12, 13), 1);
    const low = openingRing({ shape: 'arched', widthMm: 40, heightMm: 10 });
    expect(Math.max(...low.map(([, y]) => y))).toBeCloseTo(10, 6);
  });
});
