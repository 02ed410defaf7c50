import { FillRule, intersectD } from 'clipper2-ts';
import { type DrawItem, type Drawing, dimension, moved, scaledOutline } from '../../drawing/index.ts';
import { extentOf, type Outline, type Ring, type Vec2 } from '../../form/index.ts';
import type { Nudge } from '../../piece/index.ts';
import { formatMiniMm, miniMm } from '../../units/index.ts';
import type { CountedSet } from './countSet.ts';

/** Room round a drawing for its dimensions, mm. */
const EDGE = 12;

const rectangle = (w: number, h: number): Outline => [
  [
    [
      [0, 0],
      [w, 0],
      [w, h],
      [0, h],
    ],
  ],
];

/** Where each of a set stands, mm from the lower left corner of its face or the beginning of its line. */
export interface StoodPiece {
  readonly place: number;
  readonly at: Vec2;
}

/** The middles of all of a set, moved ones where they were moved to. */
export function stoodPieces({ laid, row, one, pitchMm }: CountedSet, nudged: readonly Nudge[]): StoodPiece[] {
  const moves = new Map(nudged.map((one) => [one.place, one]));
  const places: readonly Vec2[] = laid
    ? laid.map(({ at: [x, y] }): Vec2 => [x + pitchMm / 2, y + one.lengthMm / 2])
    : (row?.atMm.map((x): Vec2 => [x, one.lengthMm / 2]) ?? []);
  return places.map(([x, y], place) => {
    const by = moves.get(place);
    return { place, at: [x + (by?.alongMm ?? 0), y + (by?.upMm ?? 0)] };
  });
}

/** What of a piece lies within a face. */
function within(piece: Outline, face: Outline): Outline {
  const paths = (outline: Outline) => outline.flat().map((ring) => ring.map(([x, y]) => ({ x, y })));
  const kept = intersectD(paths(piece), paths(face), FillRule.EvenOdd, 4);
  return kept.map((ring): readonly Ring[] => [ring.map(({ x, y }): Vec2 => [x, y])]);
}

/**
 * A set in its place, at the size of the miniature: rows over a face laid flat, or pieces along a line. Each piece is an area
 * whose `part` is its place in the set.
 *
 * @param outline of one of them, its lower left corner anywhere, miniature mm
 * @returns null where they are not set out one by one
 */
export function setDrawing(set: CountedSet, outline: Outline, nudged: readonly Nudge[]): Drawing | null {
  const { place } = set;
  const stood = stoodPieces(set, nudged);
  if (!place || stood.length === 0) return null;
  const [left, bottom, right, top] = extentOf(outline);
  const centred = outline.map((rings) =>
    rings.map((ring) => ring.map(([x, y]): Vec2 => [x - (left + right) / 2, y - (bottom + top) / 2])),
  );
  const put = ([x, y]: Vec2): Outline =>
    centred.map((rings) => rings.map((ring) => ring.map(([u, v]): Vec2 => [u + x, v + y])));
  if (place.kind === 'line') return lineDrawing(set, stood, put);
  const face = place.outline ?? rectangle(1, 1);
  const [l, b, r, t] = extentOf(face);
  const shift: Vec2 = [-l, -b];
  // The lowest row is laid first; each further one lies over it.
  const pieces = stood.map(
    ({ place: at, at: spot }): DrawItem => ({
      kind: 'area',
      outline: within(put(spot), face),
      material: 'raw-clay',
      weight: 'thin',
      part: String(at),
    }),
  );
  const items: DrawItem[] = [
    { kind: 'area', outline: face, material: 'none', weight: 'thick' },
    ...pieces,
  ].map((item) => moved(item as DrawItem, shift));
  return framed(
    [...items, ...dimension([0, 0], [r - l, 0], -6, `${formatMiniMm(miniMm(r - l))} mm`)],
    r - l,
    t - b,
  );
}

/** A line longer than so many times what stands on it goes on below. */
const LONGEST_ROW = 14;

/** Pieces along a line; a long one goes on in rows below, as it is read. */
function lineDrawing(set: CountedSet, stood: readonly StoodPiece[], put: (at: Vec2) => Outline): Drawing {
  const { extent: long, one } = set;
  const rowHigh = one.lengthMm * 1.5 + 2;
  const rows = Math.max(1, Math.round(Math.sqrt(long / (LONGEST_ROW * rowHigh))));
  const rowLong = long / rows;
  const rowOf = ({ place }: StoodPiece) =>
    Math.min(rows - 1, Math.floor(((set.row?.atMm[place] ?? 0) + 1e-9) / rowLong));
  const down = (row: number): Vec2 => [-row * rowLong, -row * rowHigh];
  const items: DrawItem[] = [
    ...Array.from(
      { length: rows },
      (_, row): DrawItem => ({
        kind: 'line',
        weight: 'thick',
        points: [
          [0, -row * rowHigh],
          [rowLong, -row * rowHigh],
        ],
      }),
    ),
    ...stood.map((one): DrawItem => {
      const [dx, dy] = down(rowOf(one));
      return {
        kind: 'area',
        outline: put([one.at[0] + dx, one.at[1] + dy]),
        material: 'raw-clay',
        weight: 'thin',
        part: String(one.place),
      };
    }),
    ...dimension(
      [0, -(rows - 1) * rowHigh],
      [rowLong, -(rows - 1) * rowHigh],
      -6,
      rows === 1 ? `${formatMiniMm(miniMm(long))} mm` : `${formatMiniMm(miniMm(long))} mm in ${rows} rows`,
    ),
  ].map((item) => moved(item, [0, (rows - 1) * rowHigh]));
  return framed(items, rowLong, (rows - 1) * rowHigh + one.lengthMm);
}

function framed(items: readonly DrawItem[], width: number, height: number): Drawing {
  return {
    widthMm: width + 2 * EDGE,
    heightMm: height + 2 * EDGE,
    items: items.map((item) => moved(item, [EDGE, EDGE])),
  };
}

/**
 * What to work to, at the size of the miniature: the face with a line for every row and a tick for every joint, or a strip with a
 * tick for every piece, that is wrapped round or laid along.
 */
export function setGuide(set: CountedSet): Drawing | null {
  const { place, laid, row, exposureMm, pitchMm } = set;
  if (place?.kind === 'face' && place.outline && laid) {
    const [l, b, r, t] = extentOf(place.outline);
    const rows = [...new Set(laid.map((one) => one.row))];
    const lines = rows.map(
      (k): DrawItem => ({
        kind: 'line',
        weight: 'thin',
        points: [
          [0, k * exposureMm],
          [r - l, k * exposureMm],
        ],
      }),
    );
    const ticks = laid.map(
      ({ at: [x, y] }): DrawItem => ({
        kind: 'line',
        weight: 'hair',
        points: [
          [Math.max(0, x - l), y - b],
          [Math.max(0, x - l), y - b + Math.min(2, exposureMm / 3)],
        ],
      }),
    );
    const outline = scaledOutline(place.outline, 1);
    return {
      widthMm: r - l,
      heightMm: t - b,
      items: [
        moved({ kind: 'area', outline, material: 'none', weight: 'thick' }, [-l, -b]),
        ...lines,
        ...ticks,
      ],
    };
  }
  if (!row || row.atMm.length === 0) return null;
  const high = 14;
  const ticks = row.atMm.flatMap((x, i): DrawItem[] => [
    {
      kind: 'line',
      weight: 'thin',
      points: [
        [x, 0],
        [x, i % 5 === 0 ? 7 : 4],
      ],
    },
    ...(i % 5 === 0 || pitchMm > 9
      ? [
          {
            kind: 'text',
            at: [x, 8.5],
            text: String(i + 1),
            size: 2.5,
            anchor: 'middle',
            face: 'figures',
          } satisfies DrawItem,
        ]
      : []),
  ]);
  return {
    widthMm: set.extent,
    heightMm: high,
    items: [
      { kind: 'area', outline: rectangle(set.extent, high), material: 'none', weight: 'thin' },
      ...ticks,
    ],
  };
}
