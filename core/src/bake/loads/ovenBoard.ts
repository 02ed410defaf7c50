import { simplifyPathD } from 'clipper2-ts';
import type { PartFacts } from '../../context/index.ts';
import { type DrawItem, type Drawing, moved, scaledOutline } from '../../drawing/index.ts';
import { extentOf, type Outline, type Shape, type Side } from '../../form/index.ts';
import { ovenFloor, putDown } from './pieceLoads.ts';
import type { OvenLoad, PlacedItem } from './planLoads.ts';

const FROM_ABOVE: Side = { right: [1, 0, 0], up: [0, 0, -1] };
const FROM_FRONT: Side = { right: [1, 0, 0], up: [0, 1, 0] };
const FROM_SIDE: Side = { right: [0, 0, 1], up: [0, 1, 0] };
/** Between the plan and the section, and round both, mm of the oven. */
const GAP = 30;
const MARGIN = 3;

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

/** What a part covers from above, from the front and from its side, miniature mm. */
export interface SeenOutlines {
  readonly above: Outline;
  readonly front: Outline;
  readonly side: Outline;
}

/** Corners nearer than this to the line between their neighbours are left out, mm. */
const THINNED = 0.25;

/** An outline with fewer corners, true to a quarter of a millimetre. */
function thinned(outline: Outline): Outline {
  return outline.flatMap((polygon) => {
    const rings = polygon
      .map((ring) =>
        simplifyPathD(
          ring.map(([x, y]) => ({ x, y })),
          THINNED,
          true,
        ),
      )
      .filter((ring) => ring.length >= 3);
    return rings.length > 0 ? [rings.map((ring) => ring.map(({ x, y }) => [x, y] as const))] : [];
  });
}

/**
 * What a part covers, as the oven drawing needs it.
 *
 * @param shrink part’s frame ÷ miniature
 */
export function seenOutlines(shape: Shape, shrink: number): SeenOutlines {
  const of = (side: Side) => fromOrigin(thinned(scaledOutline(shape.seenFrom(side), 1 / shrink)));
  return { above: of(FROM_ABOVE), front: of(FROM_FRONT), side: of(FROM_SIDE) };
}

/** What a thing covers as it is put down; one that lies, or is not yet looked at, as the box it takes. */
function seen(context: PartFacts | undefined, outlines: SeenOutlines | undefined, one: PlacedItem) {
  const { item, widthMm, depthMm } = one;
  const down = context && putDown(context);
  const heightMm = down?.heightMm ?? 0;
  if (!outlines || !down?.isUpright)
    return { plan: rectangle(widthMm, depthMm), front: rectangle(widthMm, heightMm), heightMm };
  // Turned by a quarter it shows its side to the door.
  const isTurned = Math.abs(item.widthMm - widthMm) > 1e-6;
  return {
    plan: isTurned ? fromOrigin(map(outlines.above, (x, y) => [-y, x])) : outlines.above,
    front: isTurned ? outlines.side : outlines.front,
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
export function outlineDistance(a: Outline, b: Outline): number {
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
  own: PartFacts['own'],
): Clearance {
  const floor = ovenFloor(own);
  const [x, y] = one.at;
  const walls: Clearance[] = [
    { mm: x + floor.clearanceMm, to: 'the left wall' },
    { mm: floor.widthMm - x - one.widthMm + floor.clearanceMm, to: 'the right wall' },
    { mm: y + floor.clearanceMm, to: 'the door' },
    { mm: floor.depthMm - y - one.depthMm + floor.clearanceMm, to: 'the back wall' },
    { mm: floor.insideMm - one.heightMm, to: 'the element above' },
  ];
  const others = all.flatMap((other): Clearance[] => {
    if (other === one) return [];
    const dx = Math.max(x - other.at[0] - other.widthMm, other.at[0] - x - one.widthMm);
    const dy = Math.max(y - other.at[1] - other.depthMm, other.at[1] - y - one.depthMm);
    if (Math.max(dx, dy) > FAR) return [];
    const at = (item: typeof one) => map(item.plan, (u, v) => [u + item.at[0], v + item.at[1]]);
    return [{ mm: outlineDistance(at(one), at(other)), to: other.name }];
  });
  // What is nearest by what it should be: a wall wants more than a neighbour.
  const short = ({ mm, to }: Clearance) =>
    mm - (walls.some((wall) => wall.to === to) ? floor.clearanceMm : floor.gapMm);
  return [...walls, ...others].reduce((a, b) => (short(b) < short(a) ? b : a));
}

/**
 * A filling of the oven with what everything covers and is nearest to.
 *
 * @param outlines of the parts that were looked at, by id; the others are taken as their boxes
 */
export function ovenBoard(
  { placed }: OvenLoad,
  contexts: ReadonlyMap<string, PartFacts>,
  outlines: ReadonlyMap<string, SeenOutlines>,
  own: PartFacts['own'],
): OvenBoard {
  const floor = ovenFloor(own);
  const bare = placed.map((one) => {
    const { id, name } = one.item;
    const part = id.split('/')[0] ?? '';
    const { plan, front, heightMm } = seen(contexts.get(part), outlines.get(part), one);
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
    heightMm: floor.insideMm,
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

/** The oven of a board from above and, beside it, from the front: walls, what is kept free, what stands where. */
export function boardDrawing(board: OvenBoard): Drawing {
  const { items, widthMm: w, depthMm: d, heightMm: h, clearanceMm: c } = board;
  const right = w + GAP;
  const high = Math.max(d, h);
  const put = (list: readonly DrawItem[], x: number, y: number) => list.map((item) => moved(item, [x, y]));
  return {
    widthMm: right + w + 2 * MARGIN,
    heightMm: high + 2 * MARGIN,
    items: put(
      [
        area(rectangle(w, d), 'paper', 'thick'),
        ...put([area(rectangle(w - 2 * c, d - 2 * c), 'none', 'hair')], c, c),
        ...items.flatMap(({ plan, at: [x, y] }) => put([area(plan, 'cured-clay', 'thin')], c + x, c + y)),
        ...put(
          [
            area(rectangle(w, h), 'paper', 'thick'),
            ...put([area(rectangle(w - 2 * c, h - c), 'none', 'hair')], c, 0),
            // Those farther back first: what stands before them covers them.
            ...[...items]
              .sort((a, b) => b.at[1] - a.at[1])
              .flatMap(({ front, at: [x] }) => put([area(front, 'cured-clay', 'thin')], c + x, 0)),
          ],
          right,
          0,
        ),
      ],
      MARGIN,
      MARGIN,
    ),
  };
}

/** Where the floor that may be used begins in that drawing, mm from its left and its foot. */
export function floorCorner({ clearanceMm }: OvenBoard): readonly [number, number] {
  return [MARGIN + clearanceMm, MARGIN + clearanceMm];
}
