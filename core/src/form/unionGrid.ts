import { type Grid, gridFrame, meshSums, redistanced, surfaceOf } from '../solid/index.ts';
import type { Whole } from './sampled.ts';
import type { Box, Field } from './types.ts';

/** One solid among several: added to them, or cut out of them. */
export interface Member {
  readonly box: Box;
  readonly field: Field;
  readonly cut: boolean;
}

/** What the members that add come to apart from one another, by the same reckoning as the whole. */
export interface Apart {
  volumeMm3: number;
  areaMm2: number;
}

function nothingApart(): Apart {
  return { volumeMm3: 0, areaMm2: 0 };
}

type GridFrame = Pick<Grid, 'min' | 'size' | 'cell'>;

/** Cells round a member that its distances are laid into. */
const RIM = 2;

/** The cells of a frame near a box: first and last along an axis. */
function reach({ min, size, cell }: GridFrame, box: Box, k: 0 | 1 | 2): readonly [number, number] {
  const first = Math.max(0, Math.floor((box.min[k] - min[k]) / cell) - RIM);
  const last = Math.min(size[k] - 1, Math.ceil((box.max[k] - min[k]) / cell) + RIM);
  return [first, Math.max(first, last)];
}

/** The distances of one member on the cells near it, and which cell of the frame is its first. */
function near(frame: GridFrame, { box, field }: Member) {
  const [[x0, x1], [y0, y1], [z0, z1]] = [reach(frame, box, 0), reach(frame, box, 1), reach(frame, box, 2)];
  const { min, cell } = frame;
  const size = [x1 - x0 + 1, y1 - y0 + 1, z1 - z0 + 1] as const;
  const corner = [min[0] + x0 * cell, min[1] + y0 * cell, min[2] + z0 * cell] as const;
  const distance = new Float32Array(size[0] * size[1] * size[2]);
  let at = 0;
  for (let k = 0; k < size[2]; k += 1)
    for (let j = 0; j < size[1]; j += 1)
      for (let i = 0; i < size[0]; i += 1) {
        distance[at] = field(
          corner[0] + (i + 0.5) * cell,
          corner[1] + (j + 0.5) * cell,
          corner[2] + (k + 0.5) * cell,
        );
        at += 1;
      }
  const grid: Grid = { min: corner, size, cell, distance, owner: null };
  return { grid, first: [x0, y0, z0] as const };
}

/**
 * Distances of what members are together: right beside the surface, too short deep inside where they overlap, infinite
 * far away.
 *
 * @param apart is told the sums of every adding member by itself
 * @returns owners count the adding members from 1
 */
export function unionGrid(members: readonly Member[], box: Box, cell: number, apart?: Apart): Grid {
  const frame = gridFrame(box.min, box.max, cell);
  const [nx, ny, nz] = frame.size;
  const distance = new Float32Array(nx * ny * nz).fill(Infinity);
  const owner = new Uint8Array(distance.length);
  const adding = members.filter(({ cut }) => !cut);
  for (const member of [...adding, ...members.filter(({ cut }) => cut)]) {
    const { grid, first } = near(frame, member);
    const own = 1 + adding.indexOf(member);
    if (apart && !member.cut) {
      const sums = meshSums(surfaceOf(grid));
      apart.volumeMm3 += sums.volumeMm3;
      apart.areaMm2 += sums.areaMm2;
    }
    let from = 0;
    for (let k = 0; k < grid.size[2]; k += 1)
      for (let j = 0; j < grid.size[1]; j += 1) {
        let at = ((first[2] + k) * ny + first[1] + j) * nx + first[0];
        for (let i = 0; i < grid.size[0]; i += 1, at += 1, from += 1) {
          const now = grid.distance[from] ?? Infinity;
          const before = distance[at] ?? Infinity;
          if (member.cut) distance[at] = Math.max(before, -now);
          else if (now < before) {
            distance[at] = now;
            if (before > 0) owner[at] = own;
          }
        }
      }
  }
  return { ...frame, distance, owner };
}

/**
 * Several solids as one: their own volumes and surfaces in closed form, less what a grid says that overlaps and cuts take
 * away.
 *
 * @param build the grid of the whole, with what the members come to apart
 * @param closed of every member that adds
 */
export function unionWhole(
  build: (apart: Apart) => Grid,
  closed: readonly Readonly<Apart>[],
): Whole & { readonly grid: Grid } {
  const apart = nothingApart();
  const grid = build(apart);
  const sums = meshSums(surfaceOf(grid));
  const total = (key: keyof Apart) => closed.reduce((sum, one) => sum + one[key], 0);
  return {
    grid: redistanced(grid, 'inside'),
    volumeMm3: total('volumeMm3') - (apart.volumeMm3 - sums.volumeMm3),
    areaMm2: total('areaMm2') - (apart.areaMm2 - sums.areaMm2),
    centre: sums.centre,
  };
}
