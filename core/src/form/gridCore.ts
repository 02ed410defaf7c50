import { type Grid, stepsRound } from '../solid/index.ts';
import { type CoreAsk, coreField, type DeepGrid, skinIn } from './coreField.ts';
import type { Core, InnerBall, Outline, Vec3 } from './types.ts';

/** A cell the surface of the core passes through counts for the share of it that is inside. */
function volumes({ grid: { cell, owner } }: DeepGrid, field: Float32Array, regions: readonly string[]) {
  const shares = new Float64Array(regions.length + 1);
  for (let at = 0; at < field.length; at += 1) {
    const here = field[at] ?? 1;
    if (here >= 0.5) continue;
    const own = owner ? (owner[at] ?? 0) : 1;
    shares[own] = (shares[own] ?? 0) + (here <= -0.5 ? 1 : 0.5 - here);
  }
  const byRegion = new Map<string, number>();
  regions.forEach((name, i) => {
    const volume = (shares[i + 1] ?? 0) * cell ** 3;
    if (volume > 0) byRegion.set(name, (byRegion.get(name) ?? 0) + volume);
  });
  return byRegion;
}

/** A ball is told from the best so far only when it is larger by more than this, in cells. */
const SLACK = 0.25;
/** Where the core balances. */
function centreOf({ grid: { size, min, cell } }: DeepGrid, field: Float32Array): Vec3 {
  const [nx, ny, nz] = size;
  let [count, sx, sy, sz, at] = [0, 0, 0, 0, 0];
  for (let k = 0; k < nz; k += 1)
    for (let j = 0; j < ny; j += 1)
      for (let i = 0; i < nx; i += 1, at += 1) {
        if ((field[at] ?? 1) > 0) continue;
        count += 1;
        sx += i;
        sy += j;
        sz += k;
      }
  const along = (k: 0 | 1 | 2, sum: number) => min[k] + (sum / Math.max(1, count) + 0.5) * cell;
  return [along(0, sx), along(1, sy), along(2, sz)];
}

/** Regions that are thick enough for a core themselves, not only where it reaches over from the one beside. */
function thickRegions(
  { grid: { cell, owner }, deep: { distance } }: DeepGrid,
  regions: readonly string[],
  ask: CoreAsk,
) {
  const least = regions.map((name) => {
    const skin = skinIn(ask, name);
    return skin === null ? Infinity : (skin + ask.leastMm / 2) / cell;
  });
  const found = new Set<string>();
  for (let at = 0; at < distance.length; at += 1) {
    const own = (owner ? (owner[at] ?? 0) : 1) - 1;
    if (own >= 0 && (distance[at] ?? 0) >= (least[own] ?? Infinity)) found.add(regions[own] ?? '');
  }
  return found;
}

/** How finely cells are sorted by their depth: more would be told from each other in vain. */
const BINS_A_CELL = 4;

/** Cells of clay deeper than a depth, the deepest first to a quarter of a cell. */
function deepestFirst(field: Float32Array, depth: Float32Array, least: number): number[] {
  const bins: number[][] = [];
  for (let at = 0; at < field.length; at += 1) {
    const deep = depth[at] ?? 0;
    if (deep <= least || (field[at] ?? 1) <= 0) continue;
    const bin = Math.floor(deep * BINS_A_CELL);
    const list = bins[bin];
    if (list) list.push(at);
    else bins[bin] = [at];
  }
  return bins.reverse().flatMap((list) => list ?? []);
}

/** Farthest that is looked for the core, cells: clay deeper than this is far too thick anyway. */
const MOST_REACH = 24;

/**
 * The largest ball in the clay that is left, without what goes on later: looked for from the deepest cell on, until no deeper one can hold a larger
 * ball. Right to about a cell.
 */
function thickestLeft(
  { grid: { size, min, cell, owner }, deep: { distance: depth } }: DeepGrid,
  field: Float32Array,
  regions: readonly string[],
  skinMm: number,
  later: CoreAsk['later'],
): InnerBall | null {
  const off = regions.map((name) => (later[name] ?? 0) / cell);
  const least = skinMm / 2 / cell;
  const cells = deepestFirst(field, depth, least + SLACK);
  const { step, far } = stepsRound(size, Math.min(MOST_REACH, depth[cells[0] ?? 0] ?? 0));
  let [best, found] = [least, -1];
  for (const at of cells) {
    let room = depth[at] ?? 0;
    if (room <= best) break;
    room -= off[(owner ? (owner[at] ?? 1) : 1) - 1] ?? 0;
    for (let n = 0; n < step.length && (far[n] ?? 0) < room; n += 1)
      if ((field[at + (step[n] ?? 0)] ?? 1) <= 0) room = far[n] ?? 0;
    if (room > best + SLACK) [best, found] = [room, at];
  }
  if (found < 0) return null;
  const [nx, ny] = size;
  const k = Math.floor(found / (nx * ny));
  const j = Math.floor((found - k * nx * ny) / nx);
  const i = found - (k * ny + j) * nx;
  const place: Vec3 = [min[0] + (i + 0.5) * cell, min[1] + (j + 0.5) * cell, min[2] + (k + 0.5) * cell];
  const region = regions[(owner ? (owner[found] ?? 1) : 1) - 1] ?? '';
  return { diameterMm: 2 * best * cell, at: place, region, underMm: cell };
}

/** Regions nobody would look for a core in. */
const DETAILS: readonly string[] = ['nose', 'left ear', 'right ear', 'eyes', 'beak'];

/**
 * The core of a solid that is known on a grid, with what it takes of every region.
 *
 * @param thickest the largest ball of the whole form
 * @param sectionOf what is drawn of a grid of the core
 */
export function gridCore(
  solid: DeepGrid,
  regions: readonly string[],
  ask: CoreAsk,
  thickest: InnerBall,
  sectionOf: (inner: Grid) => Outline,
): Core {
  const { grid } = solid;
  const field = coreField(solid, regions, ask);
  const byRegion = volumes(solid, field, regions);
  const sum = [...byRegion.values()].reduce((a, b) => a + b, 0);
  const thick = thickRegions(solid, regions, ask);
  const shell = Math.max(...[...byRegion.keys()].map((name) => skinIn(ask, name) ?? 0), 0);
  const wanted = regions.filter((name) => skinIn(ask, name) !== null && !DETAILS.includes(name));
  return {
    volumeMm3: sum,
    byRegion,
    section: () => {
      const far = Math.max(...grid.size);
      const distance = field.map((value) => Math.min(value, far) * grid.cell);
      return byRegion.size === 0 ? [] : sectionOf({ ...grid, distance });
    },
    thickestClay:
      byRegion.size === 0 && Object.keys(ask.later).length === 0
        ? thickest
        : (thickestLeft(solid, field, regions, shell, ask.later) ?? { ...thickest, diameterMm: shell }),
    ...(sum > 0 && { centre: centreOf(solid, field) }),
    regions: [...thick],
    without: [...new Set(wanted)].filter((name) => !thick.has(name)),
  };
}
