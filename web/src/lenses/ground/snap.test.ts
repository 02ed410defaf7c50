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
});
