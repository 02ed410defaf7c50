import { type DrawItem, type Drawing, moved } from '../../drawing/index.ts';
import { extentOf, mapOutline, type Ring, type Vec2 } from '../../form/index.ts';
import type { BoardJoin, Heap } from '../../piece/index.ts';
import type { Contour } from '../heap/contours.ts';
import { crossings, joinLine } from './modules.ts';
import { type PlanAreaRecord, planArea } from './planArea.ts';
import { onPlan, type Placed } from './standing.ts';

/** What is on a sheet of the plan. */
export interface PlanSheet {
  readonly ring: Ring | null;
  readonly placed: readonly Placed[];
  /** Rises, pours and covers. */
  readonly areas: readonly (PlanAreaRecord & Pick<Heap, 'name'>)[];
  /** Lines of one height up its rises. */
  readonly contours: readonly Contour[];
  /** Lines the base comes apart along. */
  readonly joins: readonly BoardJoin[];
}

const EDGE = 12;
const CROSS = 3;
const SMALL = 12;

const closed = (ring: Ring): Ring => (ring[0] ? [...ring, ring[0]] : ring);

function middleOf(ring: Ring): Vec2 {
  const [left, front, right, back] = extentOf([[ring]]);
  return [(left + right) / 2, (front + back) / 2];
}

function word(at: Vec2, text: string, quiet = false): DrawItem {
  return { kind: 'text', at, text, size: 2.5, anchor: 'middle', face: 'words', quiet };
}

/** A place to drill: a cross through it, the hole as large as it is. */
function drill(at: Vec2, acrossMm: number): DrawItem[] {
  const [x, y] = at;
  return [
    { kind: 'circle', at, diameterMm: acrossMm, weight: 'thin' },
    {
      kind: 'line',
      weight: 'hair',
      points: [
        [x - CROSS, y],
        [x + CROSS, y],
      ],
    },
    {
      kind: 'line',
      weight: 'hair',
      points: [
        [x, y - CROSS],
        [x, y + CROSS],
      ],
    },
  ];
}

function ofThing({ print, spot }: Placed): DrawItem[] {
  const move = onPlan(spot);
  const feet = print.feet.map(move);
  const [left, , right] = extentOf([[feet]]);
  const at = middleOf(feet);
  const holes = print.drills.map(({ at: own, acrossMm }) => ({ at: move(own), acrossMm }));
  // The name of what is narrow stands beside it.
  const name: Vec2 = right - left < SMALL || holes.length > 0 ? [at[0], extentOf([[feet]])[1] - 4] : at;
  return [
    { kind: 'area', outline: mapOutline(print.outline, move), material: 'none', weight: 'hair' },
    { kind: 'line', points: closed(feet), weight: 'thin' },
    ...holes.flatMap((hole) => drill(hole.at, hole.acrossMm)),
    ...(holes[0] ? [word([name[0], name[1] - 3.5], `drill ${holes[0].acrossMm.toFixed(1)} mm`, true)] : []),
    word(name, print.name),
  ];
}

/** A line that the base is cut along, as far as it lies on it. */
function ofJoin(join: BoardJoin, i: number, ring: Ring): DrawItem[] {
  const { at, way } = joinLine(join);
  const places = crossings(join, ring);
  const [from, to] = [places[0], places.at(-1)];
  if (from === undefined || to === undefined) return [];
  const place = (far: number): Vec2 => [at[0] + way[0] * far, at[1] + way[1] * far];
  return [
    { kind: 'line', points: [place(from), place(to)], weight: 'thin', dashed: true, accent: true },
    word(place((from * 3 + to) / 4), `cut ${i + 1}`, true),
  ];
}

/**
 * The plan at true size, to be traced on the board: its edge, the feet of everything and what it covers, where to drill, where
 * rises and pours begin. The front is at the foot.
 */
export function planDrawing({ ring, placed, areas: drawn, joins, contours }: PlanSheet): Drawing | null {
  const rings: Ring[] = [
    ...(ring ? [ring] : []),
    ...placed.flatMap((one) =>
      one.print.outline.flatMap(([rim]) => (rim ? [rim.map(onPlan(one.spot))] : [])),
    ),
    ...drawn.map((one) => planArea(one).ring),
  ];
  if (rings.length === 0) return null;
  const [left, front, right, back] = extentOf([rings.map((one) => one)]);
  const areas = drawn.flatMap((one): DrawItem[] => {
    const edge = planArea(one).ring;
    return [
      { kind: 'line', points: closed(edge), weight: 'thin', dashed: true },
      word(middleOf(edge), one.name, true),
    ];
  });
  const middle: DrawItem[] = [
    {
      kind: 'line',
      weight: 'hair',
      points: [
        [-5, 0],
        [5, 0],
      ],
      accent: true,
    },
    {
      kind: 'line',
      weight: 'hair',
      points: [
        [0, -5],
        [0, 5],
      ],
      accent: true,
    },
  ];
  const items: DrawItem[] = [
    ...(ring ? [{ kind: 'line', points: closed(ring), weight: 'thick' } satisfies DrawItem] : []),
    ...middle,
    ...(ring ? joins.flatMap((join, i) => ofJoin(join, i, ring)) : []),
    ...areas,
    ...contours.flatMap(({ ring: line, highMm }): DrawItem[] => [
      { kind: 'line', points: closed(line), weight: 'hair', dashed: true },
      ...(line[0] ? [word(line[0], `${highMm}`, true)] : []),
    ]),
    ...placed.flatMap(ofThing),
    word([(left + right) / 2, front - EDGE / 2 - 1], 'front', true),
  ];
  return {
    widthMm: right - left + 2 * EDGE,
    heightMm: back - front + 2 * EDGE,
    items: items.map((item) => moved(item, [EDGE - left, EDGE - front])),
  };
}
