import { describe, expect, it } from 'vitest';
import { snapped } from './snap.ts';

describe('a place on the plan', () => {
  it('is drawn onto the middle of the base and onto the lines of others within 2 mm', () => {
    const { spot, lines } = snapped({ xMm: 1.4, yMm: 38.3, turnDeg: 30 }, [{ xMm: 60, yMm: 40 }]);
    expect(spot).toEqual({ xMm: 0, yMm: 40, turnDeg: 30 });
    expect(lines).toEqual([
      { along: 'x', at: 0 },
      { along: 'y', at: 40 },
    ]);
  });

  it('elsewhere is kept to half a millimetre, and takes the nearer of two lines', () => {
    expect(snapped({ xMm: 17.37, yMm: -22.1, turnDeg: 0 }, []).spot).toMatchObject({ xMm: 17.5, yMm: -22 });
    const two = [
      { xMm: 20, yMm: 0 },
      { xMm: 23, yMm: 0 },
    ];
    expect(snapped({ xMm: 21.8, yMm: 50, turnDeg: 0 }, two).spot.xMm).toBe(23);
  });

  it('comes to lie flush with the edge of the base, and against another thing', () => {
    // A box of 20 × 10 mm on a base of 200 × 100, beside another that ends at 40.
    const edges = {
      own: [-10, -5, 10, 5],
      others: [
        [-100, -50, 100, 50],
        [20, -10, 40, 10],
      ],
    } as const;
    const { spot, lines } = snapped({ xMm: 51.2, yMm: -44.1, turnDeg: 0 }, [], edges);
    expect(spot).toMatchObject({ xMm: 50, yMm: -45 });
    expect(lines).toEqual([
      { along: 'x', at: 40 },
      { along: 'y', at: -50 },
    ]);
    expect(snapped({ xMm: 89, yMm: 20.2, turnDeg: 0 }, [], edges).spot).toMatchObject({ xMm: 90, yMm: 20 });
  });
});
