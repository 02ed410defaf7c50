import { mouldWallMm } from '../../bulk/index.ts';
import type { PartFacts } from '../../context/index.ts';
import type { LaidBy } from '../../piece/index.ts';
import { sourced } from '../../reckoning/index.ts';
import { type Grid, redistanced } from '../../solid/index.ts';
import type { Stuff } from './body.ts';

/** A mould that a cast is baked in; lengths miniature, mm. */
export interface MouldRound {
  readonly wallMm: number;
  readonly stuff: Stuff;
  /** The axis whose low end lies open, level with the flat back of the cast; null for a mould that is closed. */
  readonly open: 0 | 1 | 2 | null;
}

const AXIS: Readonly<Record<LaidBy, 0 | 1 | 2>> = { side: 0, top: 1, front: 2 };

/** The mould that a part is baked in; null where it is baked bare. */
export function mouldRoundOf({ part, shape, shrink, own }: PartFacts, clay: Stuff): MouldRound | null {
  const choice = part.mould;
  if (!choice?.bakedIn || choice.casts !== 'clay' || choice.of === 'foil') return null;
  const { min, max } = shape.box;
  const largest = Math.max(...[0, 1, 2].map((k) => ((max[k] ?? 0) - (min[k] ?? 0)) / shrink));
  const of = (row: string) => sourced(row, own).value;
  return {
    wallMm: mouldWallMm(choice, largest, own),
    stuff:
      choice.of === 'clay'
        ? clay
        : { k: of('heat.mould-k'), rho: 1000 * of('stuff.silicone.density'), c: of('heat.mould-c') },
    open: choice.kind === 'press' ? AXIS[choice.pull] : null,
  };
}

/** Cells that a grid is widened by on every side, so that a wall has room in it. */
function roomFor(wallMm: number, cell: number): number {
  return Math.ceil(wallMm / cell) + 1;
}

/** Values of a grid in a wider one. */
function widened<Values extends Float32Array | Uint8Array>(
  values: Values,
  [nx, ny, nz]: Grid['size'],
  by: number,
  wide: Values,
): Values {
  const [wx, wy] = [nx + 2 * by, ny + 2 * by];
  for (let z = 0; z < nz; z += 1)
    for (let y = 0; y < ny; y += 1) {
      const from = (z * ny + y) * nx;
      wide.set(values.subarray(from, from + nx), ((z + by) * wy + y + by) * wx + by);
    }
  return wide;
}

/** A grid of a part with its core, and where it begins. */
interface Held {
  readonly grid: Pick<Grid, 'size' | 'cell' | 'distance' | 'owner'>;
  readonly core: Float32Array | null;
  readonly min: Grid['min'];
}

/** The grid with room for a mould round the part. */
export function withRoom<From extends Held>({ grid, core, min }: From, { wallMm }: MouldRound): Held {
  const by = roomFor(wallMm, grid.cell);
  const [nx, ny, nz] = grid.size;
  const size = [nx + 2 * by, ny + 2 * by, nz + 2 * by] as const;
  const cells = size[0] * size[1] * size[2];
  const far = () => new Float32Array(cells).fill(Number.POSITIVE_INFINITY);
  const [x, y, z] = min;
  const off = by * grid.cell;
  return {
    grid: {
      size,
      cell: grid.cell,
      distance: widened(grid.distance, grid.size, by, far()),
      owner: grid.owner && widened(grid.owner, grid.size, by, new Uint8Array(cells)),
    },
    core: core && widened(core, grid.size, by, far()),
    min: [x - off, y - off, z - off],
  };
}

/**
 * Distances to the outside of a mould round what stands on a grid: an even wall, cut level with the flat back where it is open.
 *
 * @param grid distances to the cast, with room round it
 */
export function mouldDistances(grid: Held['grid'], { wallMm, open }: MouldRound): Float32Array {
  const { size, cell } = grid;
  const { distance } = redistanced({ ...grid, min: [0, 0, 0] }, 'everywhere');
  const outside = distance.map((mm) => mm - wallMm);
  if (open === null) return outside;
  const stride = [1, size[0], size[0] * size[1]][open] ?? 1;
  const layer = (c: number) => Math.floor(c / stride) % size[open];
  let back = size[open];
  grid.distance.forEach((mm, c) => {
    if (mm < 0) back = Math.min(back, layer(c));
  });
  return outside.map((mm, c) => Math.max(mm, (back - 0.5 - layer(c)) * cell));
}
