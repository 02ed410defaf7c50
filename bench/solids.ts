import { lowWaterFerry } from '@every-inch/core/demo';
import { buildSolid, shapeOf, smallestBox } from '@every-inch/core/form';
import {
  checkMesh,
  type Grid,
  type Mesh,
  readStl,
  sampleField,
  surfaceOf,
  writeStl,
} from '@every-inch/core/solid';
import { fieldOf } from '../core/src/form/lofted/integrate.ts';
import { personShape } from '../core/src/form/person/index.ts';
import type { Line } from './run.ts';
import { timed } from './yardstick.ts';

const NOW = '2026-05-01T09:00:00Z';
/** Cells of the finest view on the screen. */
const SCREEN_CELLS = 300_000;
const RUNS = 7;

/** A ball of about so many triangles, in rings from pole to pole. */
function ball(triangles: number): Mesh {
  const rings = Math.round(Math.sqrt(triangles / 4));
  const around = 2 * rings;
  const positions: number[] = [];
  for (let i = 0; i <= rings; i += 1)
    for (let j = 0; j < around; j += 1) {
      const [polar, turn] = [(Math.PI * i) / rings, (2 * Math.PI * j) / around];
      positions.push(
        40 * Math.sin(polar) * Math.cos(turn),
        40 * Math.cos(polar),
        40 * Math.sin(polar) * Math.sin(turn),
      );
    }
  const corners: number[] = [];
  for (let i = 0; i < rings; i += 1)
    for (let j = 0; j < around; j += 1) {
      const [a, b] = [i * around + j, i * around + ((j + 1) % around)];
      if (i > 0) corners.push(a, b, a + around);
      if (i < rings - 1) corners.push(b, b + around, a + around);
    }
  return { positions: Float64Array.from(positions), triangles: Uint32Array.from(corners) };
}

/** The same grid by asking every cell for the distance to everything: what the quick way is held against. */
function plainly(grid: Grid, distance: (x: number, y: number, z: number) => number): void {
  const { min, size, cell } = grid;
  const max = [0, 1, 2].map((k) => (min[k] ?? 0) + (size[k] ?? 0) * cell) as [number, number, number];
  sampleField(min, max, cell, distance);
}

/** How long solids take to be sampled, built and read. */
export function solidLines(yardstick: number): Line[] {
  const told = (ms: number) => `${ms.toFixed(0)} ms, ${(ms / yardstick).toFixed(2)} yardsticks`;
  const form = lowWaterFerry(NOW).parts.find(({ id }) => id === 'ferrywoman')?.form;
  if (form?.kind !== 'person') throw new Error('the demo has no ferrywoman');
  const build = timed(RUNS, () => shapeOf(form));
  const shape = shapeOf(form);
  const { min, max } = shape.box;
  const cell = Math.cbrt(((max[0] - min[0]) * (max[1] - min[1]) * (max[2] - min[2])) / SCREEN_CELLS);
  const sample = timed(RUNS, () => shape.sample(cell));
  const grid = shape.sample(cell);
  const fields = personShape(form).lofts.map(fieldOf);
  const plain = timed(3, () =>
    plainly(grid, (x, y, z) => Math.min(...fields.map((field) => field(x, y, z)))),
  );
  const surface = timed(RUNS, () => surfaceOf(grid));
  const { skin } = buildSolid(shape, SCREEN_CELLS, null);
  const box = timed(3, () => smallestBox(skin.positions));
  const bytes = writeStl(ball(200_000), 'ball');
  const read = timed(5, () => checkMesh(readStl(bytes)));
  return [
    { what: 'Ferrywoman: solid and its sums', got: told(build) },
    { what: 'Ferrywoman: sampled for the screen, 300 000 cells', got: told(sample), aim: '≤ 150 ms' },
    { what: 'The same by asking every cell for every limb', got: told(plain) },
    { what: 'Sampled ÷ plainly', got: (sample / plain).toFixed(3) },
    { what: 'Ferrywoman: triangles from the samples', got: told(surface) },
    { what: 'Ferrywoman: smallest box', got: told(box) },
    { what: 'STL of 200 000 triangles: read and checked', got: told(read), aim: '≤ 1500 ms' },
  ];
}
