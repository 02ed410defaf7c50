import { areaPaths, rectClip } from 'clipper2-ts';
import { extentOf, type Outline, type Ring } from '../../form/index.ts';

/** One piece of a set on a face laid flat: the lower left corner of its cell; mm. */
export interface Laid {
  readonly row: number;
  readonly at: readonly [number, number];
  /** An edge or an opening goes through its cell. */
  readonly isCut: boolean;
}

/** How rows go over a face. */
export interface RowsAsk {
  /** From one to the next along a row, and from row to row, mm. */
  readonly pitchMm: number;
  readonly exposureMm: number;
  readonly staggered: boolean;
  /** Only the lowest rows, up to this share of them; 1 for all. */
  readonly share: number;
}

/** More pieces than this are not laid out one by one. */
export const MOST_LAID = 20_000;
/** A sliver smaller than this of its cell is left out: the neighbour is cut a little wider (common practice). */
const SLIVER = 0.05;
const WHOLE = 0.999;

/** How many cells the box of a face takes, before anything is clipped. */
export function cellsIn(outline: Outline, { pitchMm, exposureMm }: RowsAsk): number {
  const [left, bottom, right, top] = extentOf(outline);
  return Math.ceil((right - left) / pitchMm + 1) * Math.ceil((top - bottom) / exposureMm);
}

/**
 * Rows of pieces over a face, from its lower left corner: each has a cell of pitch × exposure that it shows, every other row
 * is moved by half a pitch, and what lies outside or in an opening is left out.
 *
 * @param outline laid flat, mm
 * @throws {RangeError} for a pitch or an exposure of 0, or for more than {@link MOST_LAID} cells
 */
export function rowsOver(outline: Outline, ask: RowsAsk): readonly Laid[] {
  const { pitchMm, exposureMm, staggered, share } = ask;
  if (!(pitchMm > 0) || !(exposureMm > 0))
    throw new RangeError(`rows want a pitch and an exposure over 0, got ${pitchMm} and ${exposureMm} mm`);
  if (cellsIn(outline, ask) > MOST_LAID)
    throw new RangeError(`more than ${MOST_LAID} pieces: a wider pitch, or a smaller face`);
  const [left, bottom, right, top] = extentOf(outline);
  const rows = Math.ceil((top - bottom) / exposureMm - 1e-9);
  const laid: Laid[] = [];
  for (let row = 0; row < Math.ceil(rows * share - 1e-9); row += 1) {
    const y = bottom + row * exposureMm;
    const start = staggered && row % 2 === 1 ? left - pitchMm / 2 : left;
    for (let x = start; x < right - 1e-9; x += pitchMm) {
      const inside = areaInCell(outline, x, y, pitchMm, exposureMm) / (pitchMm * exposureMm);
      if (inside > SLIVER) laid.push({ row, at: [x, y], isCut: inside < WHOLE });
    }
  }
  return laid;
}

/** The clipper works in whole numbers: tenths of a micrometre. */
const GRAIN = 1e4;
const grains = (mm: number) => Math.round(mm * GRAIN);

function clipped(ring: Ring, x: number, y: number, width: number, height: number): number {
  const cell = { left: grains(x), top: grains(y), right: grains(x + width), bottom: grains(y + height) };
  const path = ring.map(([u, v]) => ({ x: grains(u), y: grains(v) }));
  return Math.abs(areaPaths(rectClip(cell, [path]))) / GRAIN ** 2;
}

/** Of a cell, the area that lies on the face, mm². */
export function areaInCell(outline: Outline, x: number, y: number, width: number, height: number): number {
  return outline.reduce(
    (sum, rings) =>
      sum + rings.reduce((own, ring, i) => own + (i === 0 ? 1 : -1) * clipped(ring, x, y, width, height), 0),
    0,
  );
}
