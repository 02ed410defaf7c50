import { describe, expect, it } from 'vitest';
import { DEFAULT_BACKDROP } from '../../piece/index.ts';
import type { Footprint } from '../plan/footprint.ts';
import type { Placed } from '../plan/standing.ts';
import { cameraOnPlan, outOfPicture } from './camera.ts';

const camera = {
  ...DEFAULT_BACKDROP,
  sensorMm: 36,
  focalMm: 36,
  awayMm: 500,
  behindMm: 100,
  marginPct: 0,
  fromDeg: 0,
};
const disc: Footprint = {
  part: 'disc',
  name: 'disc',
  outline: [
    [
      [
        [-5, -5],
        [5, -5],
        [5, 5],
        [-5, 5],
      ],
    ],
  ],
  feet: [],
  top: [],
  slabs: [],
  heightMm: 5,
  drills: [],
};
const at = (xMm: number, yMm: number): Placed => ({
  id: `${xMm},${yMm}`,
  print: disc,
  spot: { xMm, yMm, turnDeg: 0 },
  liftMm: 0,
  on: null,
});

describe('a camera on the plan', () => {
  it('sees half as far to either side as it is away, with a lens as long as its sensor is wide', () => {
    const { at: place, seen, board } = cameraOnPlan(camera);
    expect(place.map(Math.round)).toEqual([0, -500]);
    expect(seen).toEqual([
      [-300, 100],
      [300, 100],
    ]);
    expect(cameraOnPlan({ ...camera, marginPct: 10 }).board[1][0]).toBeCloseTo(330, 9);
    expect(board).toEqual(seen);
  });

  it('from the right has its board at the left', () => {
    const { at: place, seen } = cameraOnPlan({ ...camera, fromDeg: 90 });
    expect(Math.hypot(place[0] - 500, place[1])).toBeLessThan(1e-9);
    for (const [x] of seen) expect(x).toBeCloseTo(-100, 9);
  });

  it('leaves out what reaches over the sides of the picture, or stands behind the board', () => {
    // At y = 0 it sees 250 mm to either side; the near corner of a disc of 10 mm is 5 mm nearer to the camera.
    const all = [at(0, 0), at(242, 0), at(243, 0), at(-400, 90), at(0, 98), at(0, 90)];
    expect(outOfPicture(camera, all).map(({ id }) => id)).toEqual(['243,0', '-400,90', '0,98']);
  });
});
