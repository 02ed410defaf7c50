import { describe, expect, it } from 'vitest';
import { shapeOf } from '../form/index.ts';
import { creasesOf } from './creases.ts';

const mesh = (form: Parameters<typeof shapeOf>[0]) =>
  shapeOf(form).triangles?.() ?? expect.fail('no triangles');

describe('sharp edges of a solid', () => {
  it('a block has four of each measure; its diagonals are none (geometry)', () => {
    const points = [0, 1, 2, 3].map((i) => ({ xMm: i === 1 || i === 2 ? 10 : 0, yMm: i > 1 ? 20 : 0 }));
    expect(creasesOf(mesh({ kind: 'extruded', points, depthMm: 30 }))).toBeCloseTo(4 * (10 + 20 + 30), 6);
  });

  it('a wedge of 30 × 40 has its slope of 50 twice, and no less (3-4-5 triangle)', () => {
    const wedge = mesh({ kind: 'wedge', widthMm: 30, heightMm: 40, depthMm: 10 });
    expect(creasesOf(wedge)).toBeCloseTo(2 * (30 + 40 + 50) + 3 * 10, 6);
  });

  it('an inner corner is no edge: an L has the round of both faces and five of its six uprights', () => {
    const points = [
      [0, 0],
      [20, 0],
      [20, 8],
      [8, 8],
      [8, 20],
      [0, 20],
    ].map(([xMm = 0, yMm = 0]) => ({ xMm, yMm }));
    expect(creasesOf(mesh({ kind: 'extruded', points, depthMm: 3 }))).toBeCloseTo(2 * 80 + 5 * 3, 6);
  });

  it('a smooth round has its two faces only: 48 chords a circle of 10', () => {
    const points = Array.from({ length: 48 }, (_, i) => ({
      xMm: 10 * Math.cos((i * Math.PI) / 24),
      yMm: 10 * Math.sin((i * Math.PI) / 24),
    }));
    const chord = 2 * 10 * Math.sin(Math.PI / 48);
    expect(creasesOf(mesh({ kind: 'extruded', points, depthMm: 3 }))).toBeCloseTo(2 * 48 * chord, 3);
  });
});
