import { type FlatPiece, nestOnSheets, type PlacedPiece, sizeOf } from '../bulk/index.ts';
import { type DrawItem, type Drawing, MARGIN_MM, moved, PAPERS, type Paper } from '../drawing/index.ts';
import { deepestIn, extentOf, type Outline, type Vec2 } from '../form/index.ts';
import { formatMiniMm, miniMm } from '../units/index.ts';
import { CHECK_ROOM_MM, laidOut } from './templates.ts';

/** An outline a quarter turn round, its box where it was. */
function quarterTurned(outline: Outline): Outline {
  return outline.map((polygon) => polygon.map((ring) => ring.map(([x, y]) => [-y, x] as const)));
}

/** From line to line of what is written on a piece, mm. */
const LINE = 3.6;

/** About how wide a letter of the smallest type is, mm. */
const LETTER = 1.4;

/** Where the middle of a line of words goes, so that it stays on a piece so wide. */
function within(middle: number, text: string, wide: number): number {
  const half = (LETTER * text.length) / 2;
  return half > wide / 2 ? wide / 2 : Math.max(half, Math.min(wide - half, middle));
}

interface Lying {
  readonly outline: Outline;
  /** Where there is most room for words, clear of openings. */
  readonly deepest: Vec2;
}

const known = { as: new WeakMap<Outline, Lying>(), turned: new WeakMap<Outline, Lying>() };

/** An outline as it lies on its sheet: the same for all pieces that are cut alike. */
function lying(outline: Outline, isTurned: boolean): Lying {
  const kept = isTurned ? known.turned : known.as;
  const before = kept.get(outline);
  if (before) return before;
  const laid = isTurned ? quarterTurned(outline) : outline;
  const found = { outline: laid, deepest: deepestIn(laid).at };
  kept.set(outline, found);
  return found;
}

/** A piece with its name and size on it, its box from the origin. */
function pieceItems(
  { piece, turned }: Pick<PlacedPiece, 'piece' | 'turned'>,
  material: 'paper' | 'none' = 'none',
): DrawItem[] {
  const { outline, deepest } = lying(piece.outline, turned);
  const [left, bottom, right] = extentOf(outline);
  const [w, h] = sizeOf(piece).map((mm) => formatMiniMm(miniMm(mm)));
  const at = [deepest[0] - left, deepest[1] - bottom + LINE] as const;
  const line = (text: string, down: number): DrawItem => ({
    kind: 'text',
    at: [within(at[0], text, right - left), at[1] - down],
    text,
    size: 2.5,
    anchor: 'middle',
    face: 'words',
    quiet: true,
  });
  return [
    moved({ kind: 'area', outline, material, weight: 'thin' }, [-left, -bottom]),
    line(piece.name, 0),
    line(`${w} × ${h}`, LINE),
    ...(piece.edges === '' ? [] : [line(piece.edges, 2 * LINE)]),
  ];
}

/** Sheets of clay side by side with what is cut from each, to fit into a width. */
export function sheetsDrawing(
  sheets: readonly {
    readonly widthMm: number;
    readonly lengthMm: number;
    readonly placed: readonly PlacedPiece[];
  }[],
): Drawing {
  const gap = 10;
  const high = Math.max(1, ...sheets.map(({ lengthMm }) => lengthMm));
  let x = 0;
  const items = sheets.flatMap(({ widthMm, lengthMm, placed }): DrawItem[] => {
    const edge: DrawItem = {
      kind: 'area',
      outline: [
        [
          [
            [0, 0],
            [widthMm, 0],
            [widthMm, lengthMm],
            [0, lengthMm],
          ],
        ],
      ],
      material: 'raw-clay',
      weight: 'hair',
    };
    const here = [
      edge,
      ...placed.flatMap((one) => pieceItems(one, 'paper').map((item) => moved(item, one.at))),
    ];
    const out = here.map((item) => moved(item, [x, high - lengthMm]));
    x += widthMm + gap;
    return out;
  });
  return { widthMm: Math.max(1, x - gap), heightMm: high, items };
}

/**
 * Pages of flat pieces at the size of the clay, nested on the paper, each page with a rule to check the print by; what is
 * larger than a page goes over several.
 *
 * @param label piece, part, scale and date, printed on every page
 * @returns pages at paper size
 * @throws {TilingError} when one piece would take more than 64 pages
 */
export function netPages(
  pieces: readonly FlatPiece[],
  ask: { readonly paper: Paper; readonly ruleMeasuredMm: number },
  label: string,
): Drawing[] {
  const { widthMm, heightMm } = PAPERS[ask.paper];
  const [wide, high] = [widthMm - 2 * MARGIN_MM, heightMm - 2 * MARGIN_MM - CHECK_ROOM_MM];
  // A printer that draws too small has less room than its paper: nests keep a little off the edge.
  const nest = nestOnSheets(pieces, wide * ROOM, high * ROOM, GAP);
  const sheets = nest.sheets.map(
    ({ lengthMm, widthMm: sheetMm, placed }): Drawing => ({
      widthMm: sheetMm,
      heightMm: lengthMm,
      items: placed.flatMap((one) => pieceItems(one).map((item) => moved(item, one.at))),
    }),
  );
  const single = nest.tooLarge.map((piece): Drawing => {
    const [w, h] = sizeOf(piece);
    return { widthMm: w, heightMm: h, items: pieceItems({ piece, turned: false }) };
  });
  return laidOut([...sheets, ...single], ask, label);
}

/** Share of the paper that nests use, and room between pieces, mm. */
const ROOM = 0.97;
const GAP = 3;
