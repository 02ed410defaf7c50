/** A point or direction: x to the right, y up, z towards the viewer; mm. */
type Point = readonly [number, number, number];

/** Signed distances at the centres of cubic cells, negative inside. */
export interface Grid {
  /** Corner of the first cell, mm. */
  readonly min: Point;
  /** Cells along x, y and z. */
  readonly size: Point;
  /** Edge of a cell, mm. */
  readonly cell: number;
  /** One distance a cell, mm, x fastest, then y; owned by the grid. */
  readonly distance: Float32Array;
  /** Which part of the solid each cell belongs to, plus one; null for a solid of one piece. */
  readonly owner: Uint8Array | null;
}

/** Cells kept free round the solid, so that its surface closes. */
const MARGIN = 2;
/** Most cells a grid may have; 64 MB of distances. */
export const MOST_CELLS = 16_000_000;

/**
 * Thrown for a grid of too many cells.
 *
 * @example new GridError(2e9).message // 'a grid of 2000000000 cells is too fine; at most 16000000'
 */
export class GridError extends RangeError {
  override readonly name = 'GridError';
  readonly code = 'solid.grid';
  constructor(readonly cells: number) {
    super(`a grid of ${cells} cells is too fine; at most ${MOST_CELLS}`);
  }
}

/** How many times as many cells as were asked for a long thin box may take: those kept free round it are most of them. */
const MOST_SPARE = 3;
const COARSER = 1.2;

/**
 * Edge of the cells with which a box takes about so many; for a box so long and thin that the cells kept free round it would be
 * far more, larger ones.
 *
 * @returns mm
 */
export function cellInBox(min: Point, max: Point, cells: number): number {
  const [x, y, z] = [max[0] - min[0], max[1] - min[1], max[2] - min[2]];
  const taken = (cell: number) =>
    [x, y, z].reduce((all, side) => all * (Math.ceil(side / cell) + 2 * MARGIN), 1);
  let cell = Math.cbrt((x * y * z) / cells);
  while (taken(cell) > MOST_SPARE * cells) cell *= COARSER;
  return cell;
}

/** Corner and size of a grid round a box. */
export function gridFrame(min: Point, max: Point, cell: number): Pick<Grid, 'min' | 'size' | 'cell'> {
  const count = (k: 0 | 1 | 2) => Math.max(1, Math.ceil((max[k] - min[k]) / cell)) + 2 * MARGIN;
  const size = [count(0), count(1), count(2)] as const;
  const cells = size[0] * size[1] * size[2];
  if (!(cells <= MOST_CELLS)) throw new GridError(cells);
  const corner = (k: 0 | 1 | 2) => (min[k] + max[k]) / 2 - (size[k] * cell) / 2;
  return { min: [corner(0), corner(1), corner(2)], size, cell };
}

/**
 * Samples a field of distances at the centres of cells round a box.
 *
 * @param distance mm at a point, negative inside
 * @throws {GridError} when the cell is too small for the box
 */
export function sampleField(
  min: Point,
  max: Point,
  cell: number,
  distance: (x: number, y: number, z: number) => number,
): Grid {
  const frame = gridFrame(min, max, cell);
  const [nx, ny, nz] = frame.size;
  const [x0, y0, z0] = frame.min;
  const all = new Float32Array(nx * ny * nz);
  let at = 0;
  for (let k = 0; k < nz; k += 1)
    for (let j = 0; j < ny; j += 1)
      for (let i = 0; i < nx; i += 1) {
        all[at] = distance(x0 + (i + 0.5) * cell, y0 + (j + 0.5) * cell, z0 + (k + 0.5) * cell);
        at += 1;
      }
  return { ...frame, distance: all, owner: null };
}
