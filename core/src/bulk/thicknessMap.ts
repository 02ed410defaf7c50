import { type CoreAsk, coreField, deepGrid, type Shape, scaledAsk, type Vec3 } from '../form/index.ts';
import { cellInBox, clusters, distancesInside, type Grid, localThickness } from '../solid/index.ts';

/** What of a part is looked at for its thickness; plain data, fit to be sent to a worker. */
export interface ThicknessAsk {
  /** Cells in the box round the part. */
  readonly cells: number;
  /** Part’s frame ÷ miniature. */
  readonly shrink: number;
  /** What is asked of the core, miniature mm; null without one. */
  readonly core: CoreAsk | null;
  /** Wires in it, miniature mm: drawn, and no clay, but what is thick about a wire stays as thick as its oven has to heat. */
  readonly wires: readonly { readonly points: readonly Vec3[]; readonly widthMm: number }[];
  /** Clay of the surface by region that goes on after what is beneath it is baked, miniature mm. */
  readonly later: CoreAsk['later'];
  /** The thickest clay as the part’s own solid gives it, miniature mm, which the cells are held to; null where none is reckoned. */
  readonly exactMm: number | null;
  /** How much thicker than that it may be, mm: more than nothing where the solid itself is known on cells. */
  readonly underMm: number;
  /** Clay over this does not cure through, and under this breaks when it is handled, miniature mm. */
  readonly limitMm: number;
  readonly leastMm: number;
}

/** A place that is too thick or too thin. */
export interface ThickPlace {
  readonly kind: 'thick' | 'thin';
  /** Middle of the worst of it, miniature mm. */
  readonly at: Vec3;
  readonly thicknessMm: number;
  readonly region: string;
  /** Clay of it, mm³. */
  readonly volumeMm3: number;
}

/** Thickness of the clay of a part at every cell, miniature mm. */
export interface ThicknessMap {
  /** Corner of the first cell, cells along x, y and z, and the edge of one. */
  readonly min: Vec3;
  readonly size: readonly [number, number, number];
  readonly cell: number;
  /** Diameter of the largest ball of clay that holds the cell; 0 where there is none. Owned by the map. */
  readonly thickness: Float32Array;
  /** What else a cell is: 0 clay or outside, 1 core, 2 wire, 3 clay that goes on later. */
  readonly filled: Uint8Array;
  readonly thickestMm: number;
  readonly clayMm3: number;
  readonly coreMm3: number;
  /** How far a thickness may be off, mm. */
  readonly errorMm: number;
  /** Worst first: too thick before too thin. */
  readonly places: readonly ThickPlace[];
}

/** Most places that are listed, and the least clay one has, in cells. */
const MOST_PLACES = 12;
const LEAST_CELLS = 12;
/** Half a cell on either side. */
const ERROR_CELLS = 0.5;

/** What lies in the clay of a grid. */
const CORE = 1;
const WIRE = 2;
const LATER = 3;

/** Takes out what goes on later, region by region, from the surface in: signed distances in cells. */
function takeLater(
  grid: Grid,
  { regions }: Shape,
  ask: ThicknessAsk,
  signed: Float32Array,
  filled: Uint8Array,
): void {
  const off = regions.map((name) => ((ask.later[name] ?? 0) * ask.shrink) / grid.cell);
  if (off.every((cells) => cells === 0)) return;
  const depth = deepGrid(grid).deep.distance;
  for (let c = 0; c < signed.length; c += 1) {
    if ((signed[c] ?? 0) >= 0) continue;
    const here = off[grid.owner ? (grid.owner[c] ?? 1) - 1 : 0] ?? 0;
    if (here === 0) continue;
    signed[c] = here - (depth[c] ?? 0);
    if (here >= (depth[c] ?? 0)) filled[c] = LATER;
  }
}

/** Signed distances of the clay alone, in cells: the form less what goes on later and its core. */
function clayOf(grid: Grid, shape: Shape, ask: ThicknessAsk): { signed: Float32Array; filled: Uint8Array } {
  const { cell, distance } = grid;
  const signed = distance.map((value) => (Number.isFinite(value) ? value / cell : 1));
  const filled = new Uint8Array(signed.length);
  takeLater(grid, shape, ask, signed, filled);
  if (ask.core) {
    const field = coreField(deepGrid(grid), shape.regions, scaledAsk(ask.core, ask.shrink));
    for (let c = 0; c < signed.length; c += 1) {
      const over = -(field[c] ?? 1);
      if (over > (signed[c] ?? 0)) signed[c] = over;
      if (over >= 0) filled[c] = CORE;
    }
  }
  for (const wire of ask.wires) drawWire(grid, wire, ask.shrink, signed, filled);
  return { signed, filled };
}

/** Marks the cells of a wire in the clay. */
function drawWire(
  { size: [nx, ny, nz], min, cell }: Grid,
  { points, widthMm }: ThicknessAsk['wires'][number],
  shrink: number,
  signed: Float32Array,
  filled: Uint8Array,
): void {
  const r = (widthMm * shrink) / 2 / cell;
  const inCells = ([x, y, z]: Vec3): Vec3 => [
    (x * shrink - min[0]) / cell - 0.5,
    (y * shrink - min[1]) / cell - 0.5,
    (z * shrink - min[2]) / cell - 0.5,
  ];
  for (let s = 1; s < points.length; s += 1) {
    const [from, to] = [points[s - 1], points[s]];
    if (!from || !to) continue;
    const [a, b] = [inCells(from), inCells(to)];
    const way: Vec3 = [b[0] - a[0], b[1] - a[1], b[2] - a[2]];
    const length2 = way[0] ** 2 + way[1] ** 2 + way[2] ** 2;
    const low = ([0, 1, 2] as const).map((k) => Math.floor(Math.min(a[k], b[k]) - r - 1));
    const high = ([0, 1, 2] as const).map((k) => Math.ceil(Math.max(a[k], b[k]) + r + 1));
    for (let k = Math.max(0, low[2] ?? 0); k <= Math.min(nz - 1, high[2] ?? 0); k += 1)
      for (let j = Math.max(0, low[1] ?? 0); j <= Math.min(ny - 1, high[1] ?? 0); j += 1)
        for (let i = Math.max(0, low[0] ?? 0); i <= Math.min(nx - 1, high[0] ?? 0); i += 1) {
          const at = (k * ny + j) * nx + i;
          if ((signed[at] ?? 1) >= 0) continue;
          const along = (i - a[0]) * way[0] + (j - a[1]) * way[1] + (k - a[2]) * way[2];
          const t = length2 === 0 ? 0 : Math.max(0, Math.min(1, along / length2));
          const far = Math.hypot(i - a[0] - way[0] * t, j - a[1] - way[1] * t, k - a[2] - way[2] * t);
          if (r - far >= 0) filled[at] = WIRE;
        }
  }
}

/**
 * Thickness of the clay of a part everywhere: its solid sampled, core and what goes on later taken out, exact distances inside what
 * is left, and at every cell the largest ball that holds it, held to the thickest that the solid itself has.
 *
 * @param onProgress told the share that is done; true ends the work
 * @returns null when it was ended
 * @throws {GridError} for more cells than a grid may have
 */
export function thicknessMap(
  shape: Shape,
  ask: ThicknessAsk,
  onProgress: (share: number) => boolean = () => false,
): ThicknessMap | null {
  const { min, max } = shape.box;
  const grid = shape.sample(cellInBox(min, max, ask.cells));
  if (onProgress(0.2)) return null;
  const { signed, filled } = clayOf(grid, shape, ask);
  if (onProgress(0.4)) return null;
  const inner = distancesInside(grid.size, signed);
  if (onProgress(0.5)) return null;
  const inCells = localThickness(grid.size, inner, (share) => onProgress(0.5 + share / 2));
  if (!inCells) return null;
  const cell = grid.cell / ask.shrink;
  const thickness = heldTo(
    inCells.map((value) => value * cell),
    ask,
    cell,
  );
  const small = (k: 0 | 1 | 2) => grid.min[k] / ask.shrink;
  const placeOf = (c: number): Vec3 => {
    const [nx, ny] = grid.size;
    const k = Math.floor(c / (nx * ny));
    const j = Math.floor((c - k * nx * ny) / nx);
    const i = c - (k * ny + j) * nx;
    return [small(0) + (i + 0.5) * cell, small(1) + (j + 0.5) * cell, small(2) + (k + 0.5) * cell];
  };
  let coreCells = 0;
  let wireCells = 0;
  filled.forEach((what, c) => {
    if (what === CORE) coreCells += 1;
    if (what === WIRE && (signed[c] ?? 1) < 0) wireCells += 1;
  });
  return {
    min: [small(0), small(1), small(2)],
    size: grid.size,
    cell,
    thickness,
    filled,
    thickestMm: thickness.reduce((a, b) => Math.max(a, b), 0),
    clayMm3: (inner.inside - wireCells) * cell ** 3,
    coreMm3: coreCells * cell ** 3,
    errorMm: ERROR_CELLS * cell,
    places: placesOf(grid, shape, ask, thickness, inner.distance, placeOf),
  };
}

/** How many cells the thickest may be off from what the solid has for both to be the same place. */
const SAME_CELLS = 2;

/** Cells within their error of the thickest are as thick as the solid says, and none is thicker. */
function heldTo(
  thickness: Float32Array,
  { exactMm, underMm }: Pick<ThicknessAsk, 'exactMm' | 'underMm'>,
  cell: number,
): Float32Array {
  if (exactMm === null) return thickness;
  const found = thickness.reduce((a, b) => Math.max(a, b), 0);
  if (Math.abs(found - exactMm) > SAME_CELLS * cell + underMm) return thickness;
  const near = Math.min(found, exactMm) - ERROR_CELLS * cell;
  return thickness.map((mm) => (mm > near ? exactMm : mm));
}

const deepestOf = (cells: readonly number[], deep: Float32Array) =>
  cells.reduce((a, b) => ((deep[b] ?? 0) > (deep[a] ?? 0) ? b : a));

/** How near to the middling thickness of a thin place the cell is that is pointed at. */
const MIDDLING = 0.05;

/** Of a thin place what is middling thick is told: its very edge would always be nothing. */
function middlingOf(cells: readonly number[], thickness: Float32Array, deep: Float32Array): number {
  const sorted = [...cells].sort((a, b) => (thickness[a] ?? 0) - (thickness[b] ?? 0));
  const middle = thickness[sorted[Math.floor(sorted.length / 2)] ?? 0] ?? 0;
  const near = cells.filter((c) => Math.abs((thickness[c] ?? 0) - middle) <= MIDDLING * middle);
  return deepestOf(near, deep);
}

/** Cells that are thin for themselves: the sharp edge of something thick lies next to thick clay and is let be. */
function thinApart(
  size: readonly [number, number, number],
  thickness: Float32Array,
  leastMm: number,
  apartCells: number,
): Uint8Array {
  const marks = new Uint8Array(thickness.length);
  let any = false;
  const signed = thickness.map((mm) => (mm >= leastMm ? 0 : -1));
  for (const mm of thickness) if (mm > 0 && mm < leastMm) any = true;
  if (!any) return marks;
  const hasThick = signed.some((value) => value === 0);
  const { distance } = hasThick ? distancesInside(size, signed) : { distance: null };
  thickness.forEach((mm, c) => {
    if (mm > 0 && mm < leastMm && (!distance || (distance[c] ?? 0) > apartCells)) marks[c] = 1;
  });
  return marks;
}

function placesOf(
  { size, cell, owner }: Grid,
  { regions }: Shape,
  { limitMm, leastMm, shrink }: ThicknessAsk,
  thickness: Float32Array,
  deep: Float32Array,
  placeOf: (c: number) => Vec3,
): ThickPlace[] {
  const cellMm3 = (cell / shrink) ** 3;
  const regionOf = (c: number) => (owner ? regions[(owner[c] ?? 1) - 1] : regions[0]) ?? '';
  const placed = (kind: ThickPlace['kind'], isWanted: (c: number) => boolean) =>
    clusters(size, thickness.length, isWanted)
      .filter((cells) => cells.length >= LEAST_CELLS)
      .map((cells): ThickPlace => {
        const c = kind === 'thick' ? deepestOf(cells, deep) : middlingOf(cells, thickness, deep);
        return {
          kind,
          at: placeOf(c),
          thicknessMm: thickness[c] ?? 0,
          region: regionOf(c),
          volumeMm3: cells.length * cellMm3,
        };
      })
      .sort((a, b) => b.volumeMm3 - a.volumeMm3);
  const thick = placed('thick', (c) => (thickness[c] ?? 0) > limitMm);
  // What may be as thick as it should, for all that can be told, is let be.
  const surely = leastMm - ERROR_CELLS * (cell / shrink);
  const isThin = thinApart(size, thickness, surely, leastMm / (cell / shrink));
  const thin = placed('thin', (c) => isThin[c] === 1);
  return [...thick, ...thin].slice(0, MOST_PLACES);
}
