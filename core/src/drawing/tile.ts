import { moved } from './compose.ts';
import type { DrawItem, Drawing } from './types.ts';

/** Papers, mm, upright. */
export const PAPERS = {
  A4: { widthMm: 210, heightMm: 297 },
  A3: { widthMm: 297, heightMm: 420 },
  Letter: { widthMm: 215.9, heightMm: 279.4 },
} as const;
export type Paper = keyof typeof PAPERS;

/** What printers leave white, mm. */
export const MARGIN_MM = 12;
/** How much neighbouring pages share, mm. */
export const OVERLAP_MM = 10;

/** One page of a tiled drawing. */
export interface Tile {
  readonly column: number;
  readonly row: number;
  readonly drawing: Drawing;
}

/**
 * Thrown when a drawing would take more pages than anyone can want.
 *
 * @example new TilingError(4000, 400).message
 */
export class TilingError extends RangeError {
  override readonly name = 'TilingError';
  readonly code = 'drawing.too-many-pages';
  constructor(
    readonly pages: number,
    readonly most: number,
  ) {
    super(`at full size this takes ${pages} pages; at most ${most} are printed: print the parts singly`);
  }
}
const MOST_PAGES = 64;

/** Pages one way: the first covers a page, each other a page less the overlap. */
function pagesFor(lengthMm: number, pageMm: number): number {
  if (lengthMm <= pageMm) return 1;
  return 1 + Math.ceil((lengthMm - pageMm) / (pageMm - OVERLAP_MM) - 1e-9);
}

function cutMarks(width: number, height: number): DrawItem[] {
  const corner = (x: number, y: number, dx: number, dy: number): DrawItem[] => [
    {
      kind: 'line',
      weight: 'hair',
      points: [
        [x, y],
        [x + 5 * dx, y],
      ],
    },
    {
      kind: 'line',
      weight: 'hair',
      points: [
        [x, y],
        [x, y + 5 * dy],
      ],
    },
  ];
  return [
    ...corner(0, 0, 1, 1),
    ...corner(width, 0, -1, 1),
    ...corner(0, height, 1, -1),
    ...corner(width, height, -1, -1),
  ];
}

/**
 * Cuts a drawing into pages at full size with overlap and cut marks; one page when it fits.
 *
 * @param frameWidthMm usable width of a page
 * @param frameHeightMm usable height of a page
 * @throws {TilingError} when it would take more than 64 pages
 */
export function tile(drawing: Drawing, frameWidthMm: number, frameHeightMm: number): Tile[] {
  const columns = pagesFor(drawing.widthMm, frameWidthMm);
  const rows = pagesFor(drawing.heightMm, frameHeightMm);
  if (columns * rows > MOST_PAGES) throw new TilingError(columns * rows, MOST_PAGES);
  if (columns * rows === 1) return [{ column: 0, row: 0, drawing }];
  return Array.from({ length: columns * rows }, (_, i): Tile => {
    const [column, row] = [i % columns, Math.floor(i / columns)];
    const left = column * (frameWidthMm - OVERLAP_MM);
    // Rows are counted from the top.
    const top = drawing.heightMm - row * (frameHeightMm - OVERLAP_MM);
    const shift = [-left, frameHeightMm - top] as const;
    const items = [
      ...drawing.items.map((item) => moved(item, shift)),
      ...cutMarks(frameWidthMm, frameHeightMm),
    ];
    return { column, row, drawing: { widthMm: frameWidthMm, heightMm: frameHeightMm, items } };
  });
}
