import { contours, type Grid, seenAlong, sliceAt } from '../solid/index.ts';
import { noCore } from './core.ts';
import { unite } from './outline.ts';
import type { Box, Core, Field, FormMeasure, InnerBall, Outline, Shape, Side, Vec3, View } from './types.ts';

/** What a solid must bring that is measured on a grid. */
export interface Sampled {
  readonly region: string;
  readonly box: Box;
  /** True signed distances: the depth of a place is read off them. */
  sample(cellMm: number): Grid;
  readonly volumeMm3: number;
  readonly areaMm2: number;
  readonly centre: Vec3;
  /** Of volume and surface; what is read off the grid is to a cell besides. */
  readonly error: number;
  /** Where it is known without a grid. */
  readonly thickest?: InnerBall;
  /** A grid that is there already, to be measured on. */
  readonly grid?: Grid;
  readonly measures: readonly FormMeasure[];
  readonly notes?: readonly string[];
  readonly distance: Field | null;
  /** Exact views, where the form has them. */
  outline?(view: View): Outline;
  seenFrom(side: Side): Outline;
}

/** Cells of the grid that a form is measured on: a cell is a hundredth or so of its length. */
const CELLS = 160_000;

/** Contours as areas with their holes. */
export function outlineOf(lines: ReturnType<typeof contours>): Outline {
  // Holes run the other way round; uniting them by winding keeps them holes.
  const outer = lines.filter((line) => signedArea(line) > 0);
  const holes = lines.filter((line) => signedArea(line) < 0);
  return unite(outer).map((polygon) => {
    const [rim] = polygon;
    return [...polygon, ...holes.filter(([at]) => rim && at && isInside(rim, at))];
  });
}

type Line = ReturnType<typeof contours>[number];

function signedArea(line: Line): number {
  return line.reduce((sum, [x, y], i) => {
    const [u, v] = line[(i + 1) % line.length] ?? [0, 0];
    return sum + (x * v - u * y) / 2;
  }, 0);
}

function isInside(ring: Line, [x, y]: readonly [number, number]): boolean {
  let inside = false;
  ring.forEach(([ax, ay], i) => {
    const [bx, by] = ring[(i + 1) % ring.length] ?? [ax, ay];
    if (ay > y !== by > y && x < ((bx - ax) * (y - ay)) / (by - ay) + ax) inside = !inside;
  });
  return inside;
}

function deepest({ distance, size, min, cell }: Grid, region: string): InnerBall {
  let best = 0;
  for (let i = 1; i < distance.length; i += 1) if ((distance[i] ?? 0) < (distance[best] ?? 0)) best = i;
  const at: Vec3 = [
    min[0] + ((best % size[0]) + 0.5) * cell,
    min[1] + ((Math.floor(best / size[0]) % size[1]) + 0.5) * cell,
    min[2] + (Math.floor(best / (size[0] * size[1])) + 0.5) * cell,
  ];
  return { diameterMm: Math.max(0, -2 * (distance[best] ?? 0)), at, region };
}

/** Marks the cells at least a skin deep that hang together with a place thick enough for a core. */
function coreCells({ distance, size, cell }: Grid, skin: number, least: number): Uint8Array {
  const [nx, ny, nz] = size;
  const marks = new Uint8Array(distance.length);
  const open: number[] = [];
  const take = (at: number): void => {
    // A cell that the core’s surface passes through belongs to it, in part.
    if (marks[at] || !((distance[at] ?? 0) <= cell / 2 - skin)) return;
    marks[at] = 1;
    open.push(at);
  };
  for (let at = 0; at < distance.length; at += 1) if ((distance[at] ?? 0) <= -(skin + least / 2)) take(at);
  for (let at = open.pop(); at !== undefined; at = open.pop()) {
    const i = at % nx;
    const j = Math.floor(at / nx) % ny;
    const k = Math.floor(at / (nx * ny));
    if (i > 0) take(at - 1);
    if (i + 1 < nx) take(at + 1);
    if (j > 0) take(at - nx);
    if (j + 1 < ny) take(at + nx);
    if (k > 0) take(at - nx * ny);
    if (k + 1 < nz) take(at + nx * ny);
  }
  return marks;
}

function sampledCore(grid: Grid, thickest: InnerBall, skin: number, least: number): Core {
  const marks = coreCells(grid, skin, least);
  const { distance, cell } = grid;
  let [volume, left] = [0, 0];
  for (let at = 0; at < distance.length; at += 1) {
    const depth = -(distance[at] ?? 0);
    // A cell the core's surface passes through counts for the share of it that is inside.
    if (marks[at]) volume += Math.max(0, Math.min(1, 0.5 + (depth - skin) / cell)) * cell ** 3;
    else left = Math.max(left, Math.min(depth, skin + least / 2));
  }
  if (volume === 0) return noCore(thickest.region, thickest);
  const inner: Grid = {
    ...grid,
    distance: distance.map((value, at) => (marks[at] ? value + skin : Math.max(value + skin, cell / 2))),
  };
  const z = (grid.min[2] + grid.min[2] + grid.size[2] * cell) / 2;
  return {
    volumeMm3: volume,
    section: () => outlineOf(contours(sliceAt(inner, z))),
    thickestClay: { ...thickest, diameterMm: Math.max(skin, left > skin ? 2 * left : 0) },
    regions: [thickest.region],
    without: [],
  };
}

/** A shape whose views, depth and core are read off a grid of distances, which is made when first asked for. */
export function sampledShape(solid: Sampled): Shape {
  const { min, max } = solid.box;
  const cell = Math.cbrt(((max[0] - min[0]) * (max[1] - min[1]) * (max[2] - min[2])) / CELLS);
  let kept: Grid | null = solid.grid ?? null;
  const grid = (): Grid => {
    kept ??= solid.sample(cell);
    return kept;
  };
  const thickest = solid.thickest ?? deepest(grid(), solid.region);
  const middle = (min[2] + max[2]) / 2;
  return {
    box: solid.box,
    volumeMm3: solid.volumeMm3,
    areaMm2: solid.areaMm2,
    centre: solid.centre,
    error: solid.error,
    thickest,
    measures: solid.measures,
    joints: [],
    regions: [solid.region],
    notes: solid.notes ?? [],
    sample: (cellMm) => solid.sample(cellMm),
    distance: solid.distance,
    seenFrom: (side) => solid.seenFrom(side),
    outline: (view) =>
      solid.outline?.(view) ?? outlineOf(contours(seenAlong(grid(), view === 'front' ? 'z' : 'x'))),
    section: () => outlineOf(contours(sliceAt(grid(), middle))),
    core: (skin, least) => sampledCore(grid(), thickest, skin, least),
  };
}
