import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { distancesInside, localThickness, sampleField } from './index.ts';

type Field = (x: number, y: number, z: number) => number;
const CELL = 0.5;

/** Thickness of a field on a grid, mm, with the middle of each cell. */
function thicknessOf(half: readonly [number, number, number], field: Field, cell = CELL) {
  const [a, b, c] = half;
  const grid = sampleField([-a, -b, -c], [a, b, c], cell, field);
  const inner = distancesInside(
    grid.size,
    grid.distance.map((value) => value / cell),
  );
  const found = localThickness(grid.size, inner);
  if (!found) throw new Error('ended');
  const cells: { at: [number, number, number]; mm: number }[] = [];
  const [nx, ny] = grid.size;
  found.forEach((value, i) => {
    if (value === 0) return;
    const [x, y, z] = [i % nx, Math.floor(i / nx) % ny, Math.floor(i / (nx * ny))];
    cells.push({
      at: [grid.min[0] + (x + 0.5) * cell, grid.min[1] + (y + 0.5) * cell, grid.min[2] + (z + 0.5) * cell],
      mm: value * cell,
    });
  });
  return cells;
}
const range = (cells: readonly { mm: number }[]) => {
  const all = cells.map(({ mm }) => mm).sort((p, q) => p - q);
  return [all[Math.floor(all.length / 100)] ?? 0, all.at(-1) ?? 0] as const;
};
const box =
  (a: number, b: number, c: number): Field =>
  (x, y, z) => {
    const [u, v, w] = [Math.abs(x) - a, Math.abs(y) - b, Math.abs(z) - c];
    return Math.hypot(Math.max(u, 0), Math.max(v, 0), Math.max(w, 0)) + Math.min(0, Math.max(u, v, w));
  };

describe('exact distances inside (Felzenszwalb & Huttenlocher 2012)', () => {
  it('are those of looking at every cell outside, on random grids (property)', () => {
    fc.assert(
      fc.property(
        fc.tuple(
          fc.integer({ min: 1, max: 7 }),
          fc.integer({ min: 1, max: 7 }),
          fc.integer({ min: 1, max: 7 }),
        ),
        fc.infiniteStream(fc.boolean()),
        ([nx, ny, nz], stream) => {
          const size = [nx + 2, ny + 2, nz + 2] as const;
          const signed = new Float32Array(size[0] * size[1] * size[2]).fill(0);
          const at = (x: number, y: number, z: number) => (z * size[1] + y) * size[0] + x;
          for (let z = 1; z <= nz; z += 1)
            for (let y = 1; y <= ny; y += 1)
              for (let x = 1; x <= nx; x += 1) signed[at(x, y, z)] = stream.next().value ? -1 : 0;
          const { distance } = distancesInside(size, signed);
          for (let z = 0; z < size[2]; z += 1)
            for (let y = 0; y < size[1]; y += 1)
              for (let x = 0; x < size[0]; x += 1) {
                let least = Infinity;
                for (let w = 0; w < size[2]; w += 1)
                  for (let v = 0; v < size[1]; v += 1)
                    for (let u = 0; u < size[0]; u += 1)
                      if ((signed[at(u, v, w)] ?? 0) >= 0)
                        least = Math.min(least, Math.hypot(u - x, v - y, w - z));
                expect(distance[at(x, y, z)]).toBeCloseTo(least, 4);
              }
        },
      ),
      { seed: 77, numRuns: 60 },
    );
  });
});

describe('thickness by the largest ball, against closed forms', () => {
  it('a ball is as thick as it is wide, everywhere', () => {
    const [low, high] = range(thicknessOf([10, 10, 10], (x, y, z) => Math.hypot(x, y, z) - 10));
    expect(Math.abs(low - 20)).toBeLessThan(CELL);
    expect(Math.abs(high - 20)).toBeLessThan(CELL);
  });

  it('a sheet of 6 mm is 6 mm thick away from its edges; its outermost edge is thinner', () => {
    const cells = thicknessOf([20, 3, 20], box(20, 3, 20));
    const middle = cells.filter(({ at }) => Math.abs(at[0]) < 14 && Math.abs(at[2]) < 14);
    const [low, high] = range(middle);
    expect(Math.abs(low - 6)).toBeLessThan(CELL / 2);
    expect(Math.abs(high - 6)).toBeLessThan(CELL / 2);
  });

  it('a rod lying slantwise is as thick as it is across', () => {
    // Along (1, 1, 1): no axis of the grid.
    const k = 1 / Math.sqrt(3);
    const rod: Field = (x, y, z) => {
      const t = Math.max(-14, Math.min(14, (x + y + z) * k));
      return Math.hypot(x - t * k, y - t * k, z - t * k) - 4;
    };
    const [low, high] = range(thicknessOf([13, 13, 13], rod));
    expect(Math.abs(low - 8)).toBeLessThan(CELL);
    expect(Math.abs(high - 8)).toBeLessThan(CELL);
  });

  it('a ring is as thick as its tube, not as its hole', () => {
    const ring: Field = (x, y, z) => Math.hypot(Math.hypot(x, z) - 14, y) - 3.5;
    const [low, high] = range(thicknessOf([17.5, 3.5, 17.5], ring));
    expect(Math.abs(low - 7)).toBeLessThan(CELL);
    expect(Math.abs(high - 7)).toBeLessThan(CELL);
  });

  it('where a ball sits on a thin sheet each keeps its own', () => {
    const both: Field = (x, y, z) => Math.min(Math.hypot(x, y, z) - 7, box(16, 1.5, 16)(x, y, z));
    const cells = thicknessOf([16, 7, 16], both);
    const at = (x: number, z: number) =>
      cells.find(
        (one) =>
          Math.abs(one.at[0] - x) <= 0.26 && Math.abs(one.at[2] - z) <= 0.26 && Math.abs(one.at[1]) < 0.3,
      )?.mm ?? 0;
    expect(Math.abs(at(0, 0) - 14)).toBeLessThan(CELL);
    expect(Math.abs(at(12, 0) - 3)).toBeLessThan(CELL);
  });

  it('finer cells come nearer, and the work is ended when it is asked to', () => {
    const off = (cell: number) => {
      const [, high] = range(
        thicknessOf([9, 9, 9], (x, y, z) => Math.hypot(x - 0.1, y + 0.2, z) - 8.7, cell),
      );
      return Math.abs(high - 17.4);
    };
    expect(off(0.3)).toBeLessThan(off(1.2) + 0.05);
    const grid = sampleField([-5, -5, -5], [5, 5, 5], 1, (x, y, z) => Math.hypot(x, y, z) - 5);
    expect(localThickness(grid.size, distancesInside(grid.size, grid.distance), () => true)).toBeNull();
  });
});
