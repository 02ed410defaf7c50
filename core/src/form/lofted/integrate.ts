import { type Grid, gridFrame } from '../../solid/index.ts';
import type { Field, Vec3 } from '../types.ts';
import { type Loft, pointOf, type Sections } from './loft.ts';

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
 * Distance from a place to the loft's surface, measured in its section; negative inside, infinite past its ends. Right
 * to second order near the surface for sections that change slowly, which is all the sums need. It is asked for
 * millions of places, so it works on bare numbers.
 */
export function fieldOf({ loft, sections }: Placed): Field {
  const [ox, oy, oz] = loft.origin;
  const [ax, ay, az] = loft.axis;
  const [ux, uy, uz] = loft.acrossAxis;
  const [vx, vy, vz] = loft.aheadAxis;
  const { across, ahead, shift } = sections;
  const last = sections.count - 1;
  const first = sections.y[0] ?? 0;
  const perMm = 1 / ((sections.y[1] ?? 1) - first);
  return (x, y, z) => {
    const dx = x - ox;
    const dy = y - oy;
    const dz = z - oz;
    const place = (dx * ax + dy * ay + dz * az - first) * perMm;
    if (!(place >= 0 && place < last)) return Infinity;
    const i = Math.floor(place);
    const u = place - i;
    const a = (across[i] ?? 0) * (1 - u) + (across[i + 1] ?? 0) * u;
    const b = (ahead[i] ?? 0) * (1 - u) + (ahead[i + 1] ?? 0) * u;
    if (a <= 0 || b <= 0) return Infinity;
    const p = (dx * ux + dy * uy + dz * uz) / a;
    const q = (dx * vx + dy * vy + dz * vz - (shift[i] ?? 0) * (1 - u) - (shift[i + 1] ?? 0) * u) / b;
    const level = Math.sqrt(p * p + q * q);
    if (level === 0) return -Math.min(a, b);
    // First-order distance to an ellipse: (f − 1) ÷ |∇f|.
    return ((level - 1) * level) / Math.sqrt((p * p) / (a * a) + (q * q) / (b * b));
  };
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
  const field = fieldOf(one);
  const low = (k: 0 | 1 | 2) => Math.max(0, Math.floor((one.min[k] - min[k]) / cell) - 1);
  const high = (k: 0 | 1 | 2) => Math.min(size[k] - 1, Math.ceil((one.max[k] - min[k]) / cell) + 1);
  const [firstX, lastX, firstY, lastY, lastZ] = [low(0), high(0), low(1), high(1), high(2)];
  for (let iz = low(2); iz <= lastZ; iz += 1)
    for (let iy = firstY; iy <= lastY; iy += 1) {
      const y = min[1] + (iy + 0.5) * cell;
      const z = min[2] + (iz + 0.5) * cell;
      const row = (iz * size[1] + iy) * size[0];
      for (let ix = firstX; ix <= lastX; ix += 1) {
        const now = field(min[0] + (ix + 0.5) * cell, y, z);
        const before = distance[row + ix] ?? Infinity;
        if (now >= before) continue;
        distance[row + ix] = now;
        // A cell already inside another loft stays with it.
        if (before > 0) owner[row + ix] = index + 1;
      }
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
  const [nx, ny, nz] = size;
  const shares = new Float64Array(lofts.length + 1);
  const edge = cell / 2;
  let [sum, sx, sy, sz] = [0, 0, 0, 0];
  let at = 0;
  for (let k = 0; k < nz; k += 1)
    for (let j = 0; j < ny; j += 1) {
      let [row, along] = [0, 0];
      for (let i = 0; i < nx; i += 1, at += 1) {
        const here = distance[at] ?? Infinity;
        if (!(here < edge)) continue;
        const share = here < -edge ? 1 : 0.5 - here / cell;
        const own = owner[at] ?? 0;
        shares[own] = (shares[own] ?? 0) + share;
        row += share;
        along += share * (i + 0.5);
      }
      sum += row;
      sx += along;
      sy += row * (j + 0.5);
      sz += row * (k + 0.5);
    }
  const byRegion = new Map<string, number>();
  lofts.forEach(({ loft }, index) => {
    const volume = (shares[index + 1] ?? 0) * cell ** 3;
    byRegion.set(loft.region, (byRegion.get(loft.region) ?? 0) + volume);
  });
  const centre: Vec3 = [min[0] + (sx / sum) * cell, min[1] + (sy / sum) * cell, min[2] + (sz / sum) * cell];
  return { volumeMm3: sum * cell ** 3, centre, byRegion };
}
