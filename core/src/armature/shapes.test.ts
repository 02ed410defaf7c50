import { describe, expect, it } from 'vitest';
import type { Vec3 } from '../form/index.ts';
import { coilMm, domeRibMm, hoopMm, jointGapMm, largestBend, wrapMm } from './shapes.ts';

const stepped = (at: (t: number) => Vec3, steps = 20_000): number => {
  let sum = 0;
  for (let i = 0; i < steps; i += 1) {
    const [a, b] = [at(i / steps), at((i + 1) / steps)];
    sum += Math.hypot(a[0] - b[0], a[1] - b[1], a[2] - b[2]);
  }
  return sum;
};

// Each is held against the curve itself, walked in small steps.
describe('plain wire shapes', () => {
  it('a hoop and a half dome', () => {
    const round =
      (part: number) =>
      (t: number): Vec3 => [20 * Math.cos(part * t), 20 * Math.sin(part * t), 0];
    expect(hoopMm(40)).toBeCloseTo(stepped(round(2 * Math.PI)), 4);
    expect(domeRibMm(40)).toBeCloseTo(stepped(round(Math.PI)), 4);
  });

  it('a coil of six turns, 4 mm distance, of 1 mm wire on a core of 8', () => {
    const helix = (t: number): Vec3 => {
      const angle = 2 * Math.PI * 6 * t;
      return [4.5 * Math.cos(angle), 4.5 * Math.sin(angle), 24 * t];
    };
    expect(coilMm(8, 1, 6, 4)).toBeCloseTo(stepped(helix, 200_000), 3);
  });

  it('clay of 2 mm round a dowel of 6 is as long as the circle through its middle', () => {
    expect(wrapMm(6, 2)).toBeCloseTo(2 * Math.PI * 4, 9);
  });

  it('a gap as wide as half a limb lets it bend 53°, one as wide as the limb 90° (right triangles)', () => {
    expect(jointGapMm(8, 90)).toBeCloseTo(8, 9);
    expect(largestBend(8, 8)).toBeCloseTo(90, 9);
    expect(largestBend(8, 4)).toBeCloseTo((2 * Math.atan(0.5) * 180) / Math.PI, 9);
    for (const degrees of [10, 45, 120])
      expect(largestBend(6, jointGapMm(6, degrees))).toBeCloseTo(degrees, 9);
  });
});
