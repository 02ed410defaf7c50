import { describe, expect, it } from 'vitest';
import { areaOf, type Vec2 } from '../../form/index.ts';
import { planArea, smoothLine } from './planArea.ts';

const through = (...corners: readonly (readonly [number, number])[]) =>
  corners.map(([xMm, yMm]) => ({ xMm, yMm }));

describe('a ribbon through corners', () => {
  it('that is straight is a rectangle as long as they lie apart and as wide as told', () => {
    const { ring, why } = planArea({ points: through([0, 0], [100, 0]), ribbonMm: 10 });
    expect(why).toBeNull();
    expect(areaOf([[ring]])).toBeCloseTo(1000, 3);
  });

  it('along a circle is as large as the ring of that width: 2 π r w (Pappus)', () => {
    // Seven eighths of a circle of 100 mm by corners every 15°.
    const corners = Array.from({ length: 22 }, (_, k): [number, number] => {
      const turn = (k * 15 * Math.PI) / 180;
      return [100 * Math.cos(turn), 100 * Math.sin(turn)];
    });
    const { ring, why } = planArea({ points: through(...corners), ribbonMm: 20 });
    const arc = (21 * 15 * Math.PI) / 180;
    expect(why).toBeNull();
    expect(Math.abs(areaOf([[ring]]) / (arc * 100 * 20) - 1)).toBeLessThan(0.003);
  });

  it('goes through every corner, and bends smoothly', () => {
    const corners: Vec2[] = [
      [0, 0],
      [40, 30],
      [80, 0],
      [140, 10],
    ];
    const line = smoothLine(corners);
    for (const [x, y] of corners)
      expect(Math.min(...line.map(([u, v]) => Math.hypot(u - x, v - y)))).toBeLessThan(1e-9);
    // No two stretches that follow each other turn more than a few degrees.
    const ways = line
      .slice(1)
      .map(([x, y], i) => Math.atan2(y - (line[i]?.[1] ?? 0), x - (line[i]?.[0] ?? 0)));
    for (const [i, way] of ways.slice(1).entries())
      expect(Math.abs(way - (ways[i] ?? 0))).toBeLessThan((20 * Math.PI) / 180);
  });

  it('that closes on itself, or leads nowhere, says so', () => {
    const round = through([0, 0], [60, 0], [60, 60], [0, 60], [0, -30]);
    expect(planArea({ points: round, ribbonMm: 10 }).why).toMatch(/back into itself/);
    expect(planArea({ points: through([5, 5], [5, 5]), ribbonMm: 10 }).why).toMatch(/corner/);
    expect(planArea({ points: through([0, 0], [10, 0]), ribbonMm: 0 }).why).toMatch(/three corners/);
  });

  it('of no width is the area within its corners', () => {
    const { ring } = planArea({ points: through([0, 0], [40, 0], [40, 20], [0, 20]), ribbonMm: 0 });
    expect(areaOf([[ring]])).toBe(800);
  });
});
