import { type Grid, gridFrame } from '../../solid/index.ts';
import type { Vec3 } from '../types.ts';
import { type Loft, pointOf, type Sections } from './loft.ts';
import { dot } from './vectors.ts';

/** A loft with its sections and the upright box round it. */
export interface Placed {
  readonly loft: Loft;
  readonly sections: Sections;
  readonly min: Vec3;
  readonly max: Vec3;
}

/** Puts an upright box round a loft. */
export function placed(loft: Loft, sections: Sections): Placed {
  const min: [number, number, number] = [Infinity, Infinity, Infinity];
  const max: [number, number, number] = [-Infinity, -Infinity, -Infinity];
  for (let i = 0; i < sections.count; i += 1) {
    const centre = pointOf(loft, sections.y[i] ?? 0, 0, sections.shift[i] ?? 0);
    for (const k of [0, 1, 2] as const) {
      const half = Math.hypot(
        (sections.across[i] ?? 0) * loft.acrossAxis[k],
        (sections.ahead[i] ?? 0) * loft.aheadAxis[k],
      );
      min[k] = Math.min(min[k], centre[k] - half);
      max[k] = Math.max(max[k], centre[k] + half);
    }
  }
  return { loft, sections, min, max };
}

/**
 * Distance from a point to the loft's surface, measured in its section; negative inside. Right to second order near
 * the surface for sections that change slowly, which is all the sums need.
 */
export function distanceTo({ loft, sections }: Placed, x: number, y: number, z: number): number {
  const rel: Vec3 = [x - loft.origin[0], y - loft.origin[1], z - loft.origin[2]];
  const along = dot(rel, loft.axis);
  const first = sections.y[0] ?? 0;
  const step = (sections.y[1] ?? 1) - first;
  const place = (along - first) / step;
  const i = Math.floor(place);
  if (i < 0 || i >= sections.count - 1) return Infinity;
  const u = place - i;
  const across = (sections.across[i] ?? 0) * (1 - u) + (sections.across[i + 1] ?? 0) * u;
  const ahead = (sections.ahead[i] ?? 0) * (1 - u) + (sections.ahead[i + 1] ?? 0) * u;
  if (across <= 0 || ahead <= 0) return Infinity;
  const p = dot(rel, loft.acrossAxis);
  const q = dot(rel, loft.aheadAxis) - (sections.shift[i] ?? 0) * (1 - u) - (sections.shift[i + 1] ?? 0) * u;
  const level = Math.hypot(p / across, q / ahead);
  if (level === 0) return -Math.min(across, ahead);
  // First-order distance to an ellipse: (f − 1) ÷ |∇f|.
  return ((level - 1) * level) / Math.hypot(p / (across * across), q / (ahead * ahead));
}

/** A grid whose cells know the loft they belong to. */
type OwnedGrid = Grid & { readonly owner: Uint8Array };

/** Sums over a grid. */
export interface Sums {
  readonly volumeMm3: number;
  readonly centre: Vec3;
  /** Volume of each region; where two overlap it belongs to the first. */
  readonly byRegion: ReadonlyMap<string, number>;
}

/** An empty grid round all lofts. */
function gridRound(lofts: readonly Placed[], cell: number): OwnedGrid {
  const low = (k: 0 | 1 | 2) => Math.min(...lofts.map(({ min }) => min[k]));
  const high = (k: 0 | 1 | 2) => Math.max(...lofts.map(({ max }) => max[k]));
  const frame = gridFrame([low(0), low(1), low(2)], [high(0), high(1), high(2)], cell);
  const cells = frame.size[0] * frame.size[1] * frame.size[2];
  return { ...frame, distance: new Float32Array(cells).fill(Infinity), owner: new Uint8Array(cells) };
}

/** Lowers the distances of the cells near one loft. */
function lay(grid: OwnedGrid, one: Placed, index: number): void {
  const { min, size, cell, distance, owner } = grid;
  const low = (k: 0 | 1 | 2) => Math.max(0, Math.floor((one.min[k] - min[k]) / cell) - 1);
  const high = (k: 0 | 1 | 2) => Math.min(size[k] - 1, Math.ceil((one.max[k] - min[k]) / cell) + 1);
  for (let iz = low(2); iz <= high(2); iz += 1)
    for (let iy = low(1); iy <= high(1); iy += 1)
      for (let ix = low(0); ix <= high(0); ix += 1) {
        const at = (iz * size[1] + iy) * size[0] + ix;
        const before = distance[at] ?? Infinity;
        const now = distanceTo(
          one,
          min[0] + (ix + 0.5) * cell,
          min[1] + (iy + 0.5) * cell,
          min[2] + (iz + 0.5) * cell,
        );
        if (now >= before) continue;
        distance[at] = now;
        // A cell already inside another loft stays with it.
        if (before > 0) owner[at] = index + 1;
      }
}

/** Distances of the union of lofts on a grid, with the loft that each cell belongs to. */
export function gridOf(lofts: readonly Placed[], cellMm: number): OwnedGrid {
  const grid = gridRound(lofts, cellMm);
  lofts.forEach((one, index) => {
    lay(grid, one, index);
  });
  return grid;
}

/**
 * Volume and centre of the union of lofts on a grid; a cell the surface passes through counts for the share of it
 * that is inside.
 *
 * @param cellMm edge of a cell; a limb wants at least six of them across
 */
export function integrate(lofts: readonly Placed[], cellMm: number): Sums {
  const grid = gridOf(lofts, cellMm);
  const { min, size, cell, distance, owner } = grid;
  const shares = new Float64Array(lofts.length + 1);
  let [sum, sx, sy, sz] = [0, 0, 0, 0];
  for (let at = 0; at < distance.length; at += 1) {
    const share = Math.min(1, Math.max(0, 0.5 - (distance[at] ?? Infinity) / cell));
    if (share === 0) continue;
    const ix = at % size[0];
    const iy = Math.floor(at / size[0]) % size[1];
    const iz = Math.floor(at / (size[0] * size[1]));
    sum += share;
    sx += share * (min[0] + (ix + 0.5) * cell);
    sy += share * (min[1] + (iy + 0.5) * cell);
    sz += share * (min[2] + (iz + 0.5) * cell);
    const own = owner[at] ?? 0;
    shares[own] = (shares[own] ?? 0) + share;
  }
  const byRegion = new Map<string, number>();
  lofts.forEach(({ loft }, index) => {
    const volume = (shares[index + 1] ?? 0) * cell ** 3;
    byRegion.set(loft.region, (byRegion.get(loft.region) ?? 0) + volume);
  });
  return { volumeMm3: sum * cell ** 3, centre: [sx / sum, sy / sum, sz / sum], byRegion };
}
