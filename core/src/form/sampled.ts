import { cellInBox, contours, type Grid, seenAlong, sliceAt } from '../solid/index.ts';
import { type DeepGrid, deepGrid } from './coreField.ts';
import { gridCore } from './gridCore.ts';
import { once } from './once.ts';
import { unite } from './outline.ts';
import type { Box, Field, FormMeasure, InnerBall, Outline, Shape, Side, Vec3, View } from './types.ts';

/** A solid measured as a whole. */
export interface Whole {
  readonly volumeMm3: number;
  readonly areaMm2: number;
  readonly centre: Vec3;
  /** The grid it was measured on, where there is one. */
  readonly grid?: Grid;
}

/** What a solid must bring that is measured on a grid. */
export interface Sampled {
  readonly region: string;
  /** What the owners of its grid count, from 1; its one region without. */
  readonly regions?: readonly string[];
  readonly box: Box;
  /** True signed distances: the depth of a place is read off them. */
  sample(cellMm: number): Grid;
  /** Asked for once, when it is needed. */
  whole(): Whole;
  /** Of volume and surface; what is read off the grid is to a cell besides. */
  readonly error: number;
  /** Where it is known without a grid. */
  readonly thickest?: InnerBall;
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

function deepest({ distance, size, min, cell }: Grid, region: string, isImported: boolean): InnerBall {
  let best = 0;
  for (let i = 1; i < distance.length; i += 1) if ((distance[i] ?? 0) < (distance[best] ?? 0)) best = i;
  const at: Vec3 = [
    min[0] + ((best % size[0]) + 0.5) * cell,
    min[1] + ((Math.floor(best / size[0]) % size[1]) + 0.5) * cell,
    min[2] + (Math.floor(best / (size[0] * size[1])) + 0.5) * cell,
  ];
  // The true middle lies within half the diagonal of a cell of the deepest one’s, and depth changes no faster than place.
  const diameterMm = Math.max(0, -2 * (distance[best] ?? 0));
  return { diameterMm, ...(isImported && { underMm: Math.sqrt(3) * cell }), at, region };
}

/** Volume of every region: each has the share of the whole that its cells have. */
function volumesByRegion({ distance, owner }: Grid, regions: readonly string[], volumeMm3: number) {
  const cells = new Float64Array(regions.length + 1);
  let all = 0;
  for (let at = 0; at < distance.length; at += 1) {
    if ((distance[at] ?? 0) >= 0) continue;
    const own = owner ? (owner[at] ?? 0) : 1;
    cells[own] = (cells[own] ?? 0) + 1;
    all += 1;
  }
  const byRegion = new Map<string, number>();
  regions.forEach((name, i) => {
    byRegion.set(name, (byRegion.get(name) ?? 0) + ((cells[i + 1] ?? 0) / Math.max(1, all)) * volumeMm3);
  });
  return byRegion;
}

/** A shape whose views, depth and core are read off a grid of distances, which is made when first asked for. */
export function sampledShape(solid: Sampled): Shape {
  const { min, max } = solid.box;
  const cell = cellInBox(min, max, CELLS);
  const whole = once(() => solid.whole());
  const grid = once(() => whole().grid ?? solid.sample(cell));
  const deep = once((): DeepGrid => deepGrid(grid()));
  const regions = solid.regions ?? [solid.region];
  const thickest = once(() => solid.thickest ?? deepest(grid(), solid.region, solid.distance === null));
  const byRegion = once(() =>
    regions.length > 1 ? volumesByRegion(grid(), regions, whole().volumeMm3) : undefined,
  );
  const middle = (min[2] + max[2]) / 2;
  return {
    box: solid.box,
    get volumeMm3() {
      return whole().volumeMm3;
    },
    get areaMm2() {
      return whole().areaMm2;
    },
    get centre() {
      return whole().centre;
    },
    error: solid.error,
    get thickest() {
      return thickest();
    },
    measures: solid.measures,
    joints: [],
    regions,
    get byRegion() {
      return byRegion();
    },
    notes: solid.notes ?? [],
    sample: (cellMm) => solid.sample(cellMm),
    distance: solid.distance,
    seenFrom: (side) => solid.seenFrom(side),
    outline: (view) =>
      solid.outline?.(view) ?? outlineOf(contours(seenAlong(grid(), view === 'front' ? 'z' : 'x'))),
    section: () => outlineOf(contours(sliceAt(grid(), middle))),
    core: (ask) =>
      gridCore(deep(), regions, ask, thickest(), (inner) => outlineOf(contours(sliceAt(inner, middle)))),
  };
}
