import { type IRectangle, MaxRectsPacker } from 'maxrects-packer/dist/maxrects-packer.mjs';
import { extentOf, type Outline } from '../form/index.ts';

/** A flat piece to be cut from a sheet, as it is drawn; mm. */
export interface FlatPiece {
  readonly name: string;
  /** How its edges are cut; empty for square. */
  readonly edges: string;
  readonly outline: Outline;
}

/** A piece on a sheet: the lower left corner of its box, and whether it lies on its side. */
export interface PlacedPiece {
  readonly piece: FlatPiece;
  readonly at: readonly [number, number];
  readonly turned: boolean;
  readonly widthMm: number;
  readonly heightMm: number;
}

/** One sheet with what is cut from it. */
export interface NestedSheet {
  readonly widthMm: number;
  /** As far as it is used. */
  readonly lengthMm: number;
  readonly placed: readonly PlacedPiece[];
}

/** Pieces laid out on sheets. */
export interface SheetNest {
  readonly sheets: readonly NestedSheet[];
  /** Larger than a sheet, whichever way they lie. */
  readonly tooLarge: readonly FlatPiece[];
}

/** A box for the packer, with the piece it is round. */
interface Rect extends IRectangle {
  readonly piece: FlatPiece;
}

/** Width and height of the box round a piece. */
export function sizeOf({ outline }: FlatPiece): readonly [number, number] {
  const [left, bottom, right, top] = extentOf(outline);
  return [right - left, top - bottom];
}

/**
 * Lays pieces out on sheets by their boxes, a quarter turn allowed (maximal rectangles, a kept library); the fewest sheets it
 * finds, not proved the fewest there can be.
 *
 * @param widthMm of a sheet
 * @param longestMm longest sheet that is handled
 * @param gapMm kept free between pieces for the blade
 * @throws {RangeError} for a sheet of no size or a gap under 0
 */
export function nestOnSheets(
  pieces: readonly FlatPiece[],
  widthMm: number,
  longestMm: number,
  gapMm: number,
): SheetNest {
  if (!(widthMm > 0 && longestMm > 0 && gapMm >= 0))
    throw new RangeError(`a sheet wants a width and a length over 0, got ${widthMm} × ${longestMm} mm`);
  const fits = ([w, h]: readonly [number, number]) =>
    (w <= widthMm && h <= longestMm) || (h <= widthMm && w <= longestMm);
  const tooLarge = pieces.filter((piece) => !fits(sizeOf(piece)));
  const packer = new MaxRectsPacker<Rect>(widthMm, longestMm, gapMm, {
    smart: false,
    pot: false,
    square: false,
    allowRotation: true,
    border: 0,
  });
  packer.addArray(
    pieces
      .filter((piece) => fits(sizeOf(piece)))
      .map((piece): Rect => {
        const [width, height] = sizeOf(piece);
        return { width, height, x: 0, y: 0, piece, allowRotation: true };
      }),
  );
  const sheets = packer.bins.map(({ rects }): NestedSheet => {
    const placed = rects.map((rect): PlacedPiece => {
      // A turned box keeps the sides it was given.
      const { x, y, width, height, rot = false, piece } = rect;
      const [widthMm, heightMm] = rot ? [height, width] : [width, height];
      return { piece, at: [x, y], turned: rot, widthMm, heightMm };
    });
    return {
      widthMm,
      lengthMm: Math.max(0, ...placed.map(({ at, heightMm }) => at[1] + heightMm)),
      placed,
    };
  });
  return { sheets, tooLarge };
}
