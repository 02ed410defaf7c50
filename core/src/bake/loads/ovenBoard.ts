import { type DrawItem, type Drawing, dimension, moved, scaledOutline } from '../../drawing/index.ts';
import { extentOf, type Outline, type Side } from '../../form/index.ts';
import type { PartContext } from '../../whole/context.ts';
import { ovenFloor, putDown } from './pieceLoads.ts';
import type { OvenLoad, PlacedItem } from './planLoads.ts';

const FROM_ABOVE: Side = { right: [1, 0, 0], up: [0, 0, -1] };
const FROM_FRONT: Side = { right: [1, 0, 0], up: [0, 1, 0] };
/** Between the plan and the section, mm of the oven. */
const GAP = 30;

/** What a thing in the oven is nearest to. */
export interface Clearance {
  readonly mm: number;
  /** Another thing, a wall, or what is above. */
  readonly to: string;
}

/** A thing in the oven: what it covers from above and from the front, its lower left corner at the origin. */
export interface BoardItem {
  readonly id: string;
  readonly name: string;
  readonly plan: Outline;
  readonly front: Outline;
  /** From the front left corner of what may be used, mm. */
  readonly at: readonly [number, number];
  readonly widthMm: number;
  readonly depthMm: number;
  readonly heightMm: number;
  /** What it is nearest to; under 0 it is through it. */
  readonly nearest: Clearance;
  readonly isClear: boolean;
}

/** One filling of the oven, to be looked at and moved about in. */
export interface OvenBoard {
  readonly items: readonly BoardItem[];
  /** Inside of the oven, and what is kept free along its walls, mm. */
  readonly widthMm: number;
  readonly depthMm: number;
  readonly heightMm: number;
  readonly clearanceMm: number;
  readonly gapMm: number;
}

function rectangle(w: number, h: number): Outline {
  return [
    [
      [
        [0, 0],
        [w, 0],
        [w, h],
        [0, h],
      ],
    ],
  ];
}

const map = (outline: Outline, to: (x: number, y: number) => readonly [number, number]): Outline =>
  outline.map((polygon) => polygon.map((ring) => ring.map(([x, y]) => to(x, y))));

/** An outline with its box from the origin. */
function fromOrigin(outline: Outline): Outline {
  const [left, bottom] = extentOf(outline);
  return map(outline, (x, y) => [x - left, y - bottom]);
}

/** What a thing covers as it is put down; one that lies as the box it lies in. */
function seen(context: PartContext | undefined, { item, widthMm, depthMm }: PlacedItem) {
  const down = context && putDown(context);
  const heightMm = down?.heightMm ?? 0;
  if (!context || !down?.isUpright)
    return { plan: rectangle(widthMm, depthMm), front: rectangle(widthMm, heightMm), heightMm };
  const of = (side: Side) => scaledOutline(context.shape.seenFrom(side), 1 / context.shrink);
  const isTurned = Math.abs(item.widthMm - widthMm) > 1e-6;
  const above = of(FROM_ABOVE);
  return {
    plan: fromOrigin(isTurned ? map(above, (x, y) => [-y, x]) : above),
    // Turned by a quarter it shows its side to the door.
    front: fromOrigin(of(isTurned ? { right: [0, 0, 1], up: [0, 1, 0] } : FROM_FRONT)),
    heightMm,
  };
}

type Dot = readonly [number, number];

function toSegment([x, y]: Dot, [ax, ay]: Dot, [bx, by]: Dot): number {
  const [ux, uy] = [bx - ax, by - ay];
  const long = ux * ux + uy * uy;
  const t = long > 0 ? Math.max(0, Math.min(1, ((x - ax) * ux + (y - ay) * uy) / long)) : 0;
  return Math.hypot(x - ax - t * ux, y - ay - t * uy);
}

function covers(ring: readonly Dot[], [x, y]: Dot): boolean {
  let isIn = false;
  for (let i = 0, j = ring.length - 1; i < ring.length; j = i, i += 1) {
    const [[ax, ay], [bx, by]] = [ring[i] ?? [0, 0], ring[j] ?? [0, 0]];
    if (ay > y !== by > y && x < ((bx - ax) * (y - ay)) / (by - ay) + ax) isIn = !isIn;
  }
  return isIn;
}

/**
 * Least distance between what two things cover, mm; 0 where they lie over each other.
 */
export function apart(a: Outline, b: Outline): number {
  const rings = (outline: Outline) => outline.flatMap((polygon) => polygon.slice(0, 1));
  let least = Number.POSITIVE_INFINITY;
  for (const one of rings(a))
    for (const other of rings(b)) {
      if (one.some((dot) => covers(other, dot)) || other.some((dot) => covers(one, dot))) return 0;
      for (const [from, to] of [
        [one, other],
        [other, one],
      ] as const)
        for (const dot of from)
          for (let i = 0; i < to.length; i += 1)
            least = Math.min(least, toSegment(dot, to[i] ?? dot, to[(i + 1) % to.length] ?? dot));
    }
  return least;
}

/** Boxes farther apart than this are not looked at line by line, mm. */
const FAR = 60;

function nearestOf(
  one: Omit<BoardItem, 'nearest' | 'isClear'>,
  all: readonly Omit<BoardItem, 'nearest' | 'isClear'>[],
  own: PartContext['own'],
): Clearance {
  const floor = ovenFloor(own);
  const [x, y] = one.at;
  const walls: Clearance[] = [
    { mm: x + floor.clearanceMm, to: 'the left wall' },
    { mm: floor.widthMm - x - one.widthMm + floor.clearanceMm, to: 'the right wall' },
    { mm: y + floor.clearanceMm, to: 'the door' },
    { mm: floor.depthMm - y - one.depthMm + floor.clearanceMm, to: 'the back wall' },
    { mm: floor.heightMm - one.heightMm + floor.clearanceMm, to: 'the element above' },
  ];
  const others = all.flatMap((other): Clearance[] => {
    if (other === one) return [];
    const dx = Math.max(x - other.at[0] - other.widthMm, other.at[0] - x - one.widthMm);
    const dy = Math.max(y - other.at[1] - other.depthMm, other.at[1] - y - one.depthMm);
    if (Math.max(dx, dy) > FAR) return [];
    const at = (item: typeof one) => map(item.plan, (u, v) => [u + item.at[0], v + item.at[1]]);
    return [{ mm: apart(at(one), at(other)), to: other.name }];
  });
  // What is nearest by what it should be: a wall wants more than a neighbour.
  const short = ({ mm, to }: Clearance) =>
    mm - (walls.some((wall) => wall.to === to) ? floor.clearanceMm : floor.gapMm);
  return [...walls, ...others].reduce((a, b) => (short(b) < short(a) ? b : a));
}

/** A filling of the oven with what everything covers and is nearest to. */
export function ovenBoard(
  { placed }: OvenLoad,
  contexts: ReadonlyMap<string, PartContext>,
  own: PartContext['own'],
): OvenBoard {
  const floor = ovenFloor(own);
  const bare = placed.map((one) => {
    const { id, name } = one.item;
    const { plan, front, heightMm } = seen(contexts.get(id.split('/')[0] ?? ''), one);
    return { id, name, plan, front, at: one.at, widthMm: one.widthMm, depthMm: one.depthMm, heightMm };
  });
  return {
    items: bare.map((one): BoardItem => {
      const nearest = nearestOf(one, bare, own);
      const isOther = bare.some(({ name }) => name === nearest.to);
      return { ...one, nearest, isClear: nearest.mm >= (isOther ? floor.gapMm : floor.clearanceMm) - 0.05 };
    }),
    widthMm: floor.widthMm + 2 * floor.clearanceMm,
    depthMm: floor.depthMm + 2 * floor.clearanceMm,
    heightMm: floor.heightMm + floor.clearanceMm,
    clearanceMm: floor.clearanceMm,
    gapMm: floor.gapMm,
  };
}

const area = (
  outline: Outline,
  material: 'paper' | 'none' | 'cured-clay',
  weight: 'thick' | 'thin' | 'hair',
): DrawItem => ({
  kind: 'area',
  outline,
  material,
  weight,
});

/** The oven of a board from above and, beside it, from the front: walls, what is kept free, what stands where, its size. */
export function boardDrawing(board: OvenBoard): Drawing {
  const { items, widthMm: w, depthMm: d, heightMm: h, clearanceMm: c } = board;
  const right = w + GAP;
  const high = Math.max(d, h);
  const put = (list: readonly DrawItem[], x: number, y: number) => list.map((item) => moved(item, [x, y]));
  const margin = 14;
  const word = (text: string, x: number): DrawItem => ({
    kind: 'text',
    at: [x, high + 4],
    text,
    size: 5,
    anchor: 'start',
    face: 'words',
    quiet: true,
  });
  return {
    widthMm: right + w + 2 * margin,
    heightMm: high + 2 * margin,
    items: put(
      [
        word('from above, the door below', 0),
        area(rectangle(w, d), 'paper', 'thick'),
        ...put([area(rectangle(w - 2 * c, d - 2 * c), 'none', 'hair')], c, c),
        ...items.flatMap(({ plan, at: [x, y] }) => put([area(plan, 'cured-clay', 'thin')], c + x, c + y)),
        ...dimension([0, 0], [w, 0], -6, `${Math.round(w)}`),
        ...dimension([0, 0], [0, d], 6, `${Math.round(d)}`),
        ...put(
          [
            word('through it, from the front', 0),
            area(rectangle(w, h), 'paper', 'thick'),
            ...put([area(rectangle(w - 2 * c, h - c), 'none', 'hair')], c, 0),
            // Those farther back first: what stands before them covers them.
            ...[...items]
              .sort((a, b) => b.at[1] - a.at[1])
              .flatMap(({ front, at: [x] }) => put([area(front, 'cured-clay', 'thin')], c + x, 0)),
            ...dimension([w, 0], [w, h], -6, `${Math.round(h)}`),
          ],
          right,
          0,
        ),
      ],
      margin,
      margin - 2,
    ),
  };
}

/** Where the floor that may be used begins in that drawing, mm from its left and its foot. */
export function floorCorner({ clearanceMm }: OvenBoard): readonly [number, number] {
  return [14 + clearanceMm, 12 + clearanceMm];
}
