import { type FlatPiece, nestOnSheets, type PlacedPiece, type SheetNest } from '../../bulk/index.ts';
import { type DrawItem, type Drawing, moved } from '../../drawing/index.ts';
import { areaOf, extentOf, mapOutline, type Outline, type Vec2 } from '../../form/index.ts';
import type { Heap } from '../../piece/index.ts';
import { type Banked, levelOf, reachOf, volumeBetween } from '../banked.ts';
import { planArea } from '../plan/planArea.ts';

/** A rise as layers of sheet, from the foot up. */
export interface Layers {
  /** Templates on the plan; a layer of several hills has several outlines. */
  readonly outlines: readonly Outline[];
  readonly nest: SheetNest;
  /** Where one layer lies on the one below, mm². */
  readonly glueMm2: number;
  /** Between the steps of the stack and its smooth sides, mm³. */
  readonly stepsMm3: number;
}

/** Kept free between two templates for the blade, mm (common practice). */
const BLADE = 3;
/** Foam is carved: its layers are cut at their foot; card and cork are filled against: cut at their head. */
export const isCarved = ({ of }: Pick<Heap, 'of'>) => of === 'foam';
/** More layers than this are not drawn one by one. */
const MOST_LAYERS = 400;

/**
 * The layers of a rise and the sheets they are cut from; null where it is none, or of more layers than are laid out.
 *
 * @example layersOf(upright rise of 30 mm in sheets of 10) // three templates alike
 */
export function layersOf(heap: Heap): Layers | null {
  const { ring, why } = planArea(heap);
  if (why !== null) return null;
  const body: Banked = { ring, highMm: heap.heightMm, slopeDeg: heap.slopeDeg };
  const reach = reachOf(body);
  const t = heap.sheetMm;
  const count = Math.ceil(reach / t - 1e-9);
  if (count === 0 || count > MOST_LAYERS) return null;
  const carved = isCarved(heap);
  const outlines = Array.from({ length: count }, (_, i) =>
    levelOf(body, carved ? i * t : Math.min(reach, (i + 1) * t)),
  ).filter((outline) => areaOf(outline) > 0);
  const stack = outlines.reduce((sum, outline) => sum + areaOf(outline) * t, 0);
  const pieces = outlines.flatMap((outline, i) =>
    outline.map((face): FlatPiece => ({ name: `${heap.name} ${i + 1}`, edges: '', outline: [face] })),
  );
  return {
    outlines,
    nest: nestOnSheets(pieces, heap.stockWideMm, heap.stockHighMm, BLADE),
    glueMm2: outlines.slice(1).reduce((sum, outline) => sum + areaOf(outline), 0),
    stepsMm3: Math.abs(stack - volumeBetween(body, 0, reach)),
  };
}

const GAP = 8;

/** A piece at its place on its sheet. */
function atPlace({ piece, at, turned }: PlacedPiece): Outline {
  const [left, bottom, , top] = extentOf(piece.outline);
  return mapOutline(
    piece.outline,
    ([x, y]): Vec2 => (turned ? [at[0] + top - y, at[1] + x - left] : [at[0] + x - left, at[1] + y - bottom]),
  );
}

/** Sheets above one another with the templates on them, at true size; null where none is cut. */
export function layersDrawing(heap: Heap): Drawing | null {
  const layers = layersOf(heap);
  if (!layers || layers.nest.sheets.length === 0) return null;
  const { stockWideMm: wide } = heap;
  let foot = 0;
  // Each sheet as far as it is used.
  const items = layers.nest.sheets.toReversed().flatMap(({ placed, lengthMm: high }): DrawItem[] => {
    const up: Vec2 = [0, foot];
    foot += high + GAP;
    const own: DrawItem[] = [
      {
        kind: 'area',
        outline: [
          [
            [
              [0, 0],
              [wide, 0],
              [wide, high],
              [0, high],
            ],
          ],
        ],
        material: 'none',
        weight: 'thin',
      },
      ...placed.flatMap((one): DrawItem[] => {
        const outline = atPlace(one);
        const [l, b, r, t] = extentOf(outline);
        return [
          { kind: 'area', outline, material: 'paper', weight: 'thick' },
          {
            kind: 'text',
            at: [(l + r) / 2, (b + t) / 2],
            text: one.piece.name,
            size: 3.5,
            anchor: 'middle',
            face: 'words',
          },
        ];
      }),
    ];
    return own.map((item) => moved(item, up));
  });
  return {
    widthMm: wide + 2 * GAP,
    heightMm: foot + GAP,
    items: items.map((item) => moved(item, [GAP, GAP])),
  };
}
