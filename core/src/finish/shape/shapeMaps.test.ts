import { describe, expect, it } from 'vitest';
import { type Form, makeShapeStore, PLAIN } from '../../form/index.ts';
import { runsInto, type ShapeMaps, shapeMaps } from './shapeMaps.ts';

const shapes = makeShapeStore();
const mapsOf = (form: Form, cellMm: number, light: readonly [number, number, number] = [0, 1, 0]) =>
  shapeMaps(shapes.shapeOf(form, PLAIN), { cellMm, shrink: 1, light });
const ball = mapsOf({ kind: 'ball', diameterMm: 30 }, 0.5);
const box = mapsOf({ kind: 'block', widthMm: 30, depthMm: 30, heightMm: 30 } as Form, 0.5);

const each = ({ positions }: ShapeMaps) =>
  Array.from({ length: positions.length / 3 }, (_, v) => ({
    v,
    at: [positions[3 * v] ?? 0, positions[3 * v + 1] ?? 0, positions[3 * v + 2] ?? 0] as const,
  }));

describe('how a surface lies', () => {
  it('a ball has neither folds nor edges', () => {
    expect(Math.max(...ball.cavity)).toBe(0);
    expect(Math.max(...ball.edge)).toBeLessThan(0.05);
  });

  it('light falls on a ball by the cosine (Lambert)', () => {
    for (const { v, at } of each(ball)) {
      const up = (at[1] - 15) / 15;
      // Near the edge of the shadow the cells tell of themselves.
      if (up > 0.25) expect(ball.open[v]).toBeCloseTo(up, 1);
      if (up < -0.1) expect(ball.open[v]).toBe(0);
    }
  });

  it('the middle of a face is flat, its edges are sharp, and its corners sharper', () => {
    for (const { v, at } of each(box)) {
      const outs = [at[0] / 15, (at[1] - 15) / 15, at[2] / 15].map((share) => Math.abs(share));
      const [far = 0, middle = 0] = [...outs].sort((a, b) => b - a);
      expect(box.cavity[v]).toBe(0);
      if (far > 0.97 && middle < 0.6) expect(box.edge[v]).toBeLessThan(0.05);
      if (far > 0.99 && middle > 0.985) expect(box.edge[v]).toBeGreaterThan(0.5);
    }
  });

  it('a ball runs into a groove by 1 − sin a, into a wall it touches not at all', () => {
    // A ball of radius r that touches the bottom of a groove of half angle a has its middle r·sin a from either wall.
    for (const a of [30, 45, 60]) {
      const sine = Math.sin((a * Math.PI) / 180);
      expect(runsInto(4 * sine, 4)).toBeCloseTo(1 - sine, 12);
    }
    expect(runsInto(4, 4)).toBe(0);
  });

  it('where two bodies meet there is a fold, and under a brim no light from above', () => {
    const cross: Form = {
      kind: 'built',
      pieces: [
        {
          name: 'post',
          form: { kind: 'block', widthMm: 10, depthMm: 10, heightMm: 40 },
          xMm: 0,
          yMm: 0,
          zMm: 0,
          turnDeg: 0,
          tipDeg: 0,
          leanDeg: 0,
          cut: false,
        },
        {
          name: 'brim',
          form: { kind: 'block', widthMm: 40, depthMm: 40, heightMm: 6 },
          xMm: 0,
          yMm: 20,
          zMm: 0,
          turnDeg: 0,
          tipDeg: 0,
          leanDeg: 0,
          cut: false,
        },
      ],
    } as never;
    const maps = mapsOf(cross, 0.6);
    const fold = each(maps).filter(
      ({ at: [x, y, z] }) =>
        Math.abs(x) < 6 &&
        Math.abs(z) < 6 &&
        Math.abs(y - 20) < 0.8 &&
        Math.max(Math.abs(x), Math.abs(z)) < 5.8,
    );
    const deep = fold.map(({ v }) => maps.cavity[v] ?? 0);
    expect(deep.length).toBeGreaterThan(20);
    expect(Math.max(...deep)).toBeGreaterThan(0.4);
    const side = each(maps).filter(({ at: [x, y] }) => Math.abs(x - 5) < 0.5 && y > 4 && y < 15);
    for (const { v } of side) expect(maps.open[v]).toBeLessThan(0.2);
    const top = each(maps).filter(
      ({ at: [x, y, z] }) => y > 25.5 && Math.abs(x) > 8 && Math.abs(x) < 18 && Math.abs(z) < 18,
    );
    expect(top.length).toBeGreaterThan(50);
    for (const { v } of top) expect(maps.open[v]).toBeGreaterThan(0.95);
  });
});
