import { extentOf, type Ring } from '../form/index.ts';
import {
  type Bond,
  type Cover,
  DEFAULT_BOARD,
  DEFAULT_COVER,
  DEFAULT_EYE,
  DEFAULT_HEAP,
  DEFAULT_MASONRY,
  DEFAULT_OPENING,
  DEFAULT_POUR,
  DEFAULT_STOOD,
  DEFAULT_TIMBER,
  type Eye,
  GROUND_MOST,
  type Heap,
  type Masonry,
  type MasonryOpening,
  newId,
  type Piece,
  type Pour,
  type Stood,
  type Timber,
} from '../piece/index.ts';
import type { LaidOut } from './layout/compareLayouts.ts';
import { edgeOf } from './plan/boardRing.ts';
import type { Footprint } from './plan/footprint.ts';
import { type PlanAreaRecord, planArea } from './plan/planArea.ts';
import { placedOn } from './plan/reckonPlan.ts';
import { freeSpot, laid, type Spot } from './plan/standing.ts';
import { usualSticks, usualUnit } from './usual.ts';

/** Whatever has a place: corners on the plan. */
type Corners = Heap['points'];

const CORNERS = 12;

/** An oval to begin with, a third as large as the base. */
function oval({ board }: Piece): Corners {
  const ring = edgeOf(board) ?? [];
  const reach = (k: 0 | 1) => Math.max(20, ...ring.map((at) => Math.abs(at[k]))) / 3;
  const round = (mm: number) => Math.round(mm * 2) / 2;
  return Array.from({ length: CORNERS }, (_, i) => {
    const angle = (2 * Math.PI * i) / CORNERS;
    return { xMm: round(reach(0) * Math.cos(angle)), yMm: round(reach(1) * Math.sin(angle)) };
  });
}

/** Room left beside a base that is made to hold everything, mm. */
const BESIDE = 20;
/** How much wider a round base is than a square that all of them fill. */
const LOOSE = 1.3;

/** A base that is as large as everything takes with room about it, and no smaller than the largest thing. */
export function withBoard(
  piece: Piece,
  { prints, counts }: { prints: readonly Footprint[]; counts: Readonly<Record<string, number>> },
): Piece {
  const reachOf = ({ outline }: Footprint) =>
    Math.max(0, ...outline.flatMap(([rim]) => (rim ?? []).map(([x, y]) => Math.hypot(x, y))));
  const largest = Math.max(0, ...prints.map(reachOf));
  const all = prints.reduce(
    (sum, print) => sum + (counts[print.part] ?? 1) * (2 * reachOf(print) + BESIDE / 2) ** 2,
    0,
  );
  if (prints.length === 0) return { ...piece, board: DEFAULT_BOARD };
  const wanted = Math.max(40, 2 * largest + 2 * BESIDE, LOOSE * Math.sqrt(all));
  const across = Math.ceil(wanted / 10) * 10;
  return { ...piece, board: { ...DEFAULT_BOARD, widthMm: across, depthMm: across } };
}

/**
 * Puts one more of each of some parts on the base, in free places with so much room about them.
 *
 * @returns the piece, and the names of those that found no place
 */
export function putOn(
  piece: Piece,
  prints: readonly Footprint[],
  ring: Ring,
  parts: readonly string[],
  roomMm: number,
): { readonly piece: Piece; readonly without: readonly string[] } {
  const there = placedOn(piece, prints).map((one) => laid(one));
  const stood: Stood[] = [...piece.stood];
  const without: string[] = [];
  // The large ones first, while there is room for them.
  const size = (print: Footprint) => Math.max(0, ...print.feet.map(([x, y]) => Math.hypot(x, y)));
  const wanted = parts
    .flatMap((part) => prints.find((print) => print.part === part) ?? [])
    .sort((a, b) => size(b) - size(a));
  for (const print of wanted) {
    const spot = freeSpot(print, there, ring, roomMm) ?? freeSpot(print, there, ring, 0.1);
    if (!spot) {
      without.push(print.name);
      continue;
    }
    const id = newId(print.part);
    stood.push({ ...DEFAULT_STOOD, id, part: print.part as Stood['part'], ...spot });
    there.push(laid({ id, print, spot }));
  }
  return { piece: { ...piece, stood }, without };
}

/** Parts that are not on the base yet, one entry for each of them that is missing. */
export function missingFrom(
  { stood }: Pick<Piece, 'stood'>,
  prints: readonly Footprint[],
  counts: Readonly<Record<string, number>>,
): readonly string[] {
  return prints.flatMap(({ part }) => {
    const there = stood.filter((one) => one.part === part).length;
    return Array.from({ length: Math.max(0, (counts[part] ?? 1) - there) }, () => part);
  });
}

const TURN_WHOLE = 360;

/** Things on the plan with one of them somewhere else; those of its group go along, and turn about it. */
export function movedTo(stood: readonly Stood[], id: string, spot: Partial<Spot>): Stood[] {
  const held = stood.find((one) => one.id === id);
  if (!held) return [...stood];
  const next = { ...held, ...spot };
  const goesAlong = (one: Stood) => held.group !== '' && one.group === held.group;
  const by = next.turnDeg - held.turnDeg;
  const [cos, sin] = [Math.cos((by * Math.PI) / 180), Math.sin((by * Math.PI) / 180)];
  const along = (one: Stood): Stood => {
    const [x, y] = [one.xMm - held.xMm, one.yMm - held.yMm];
    return {
      ...one,
      xMm: next.xMm + x * cos - y * sin,
      yMm: next.yMm + x * sin + y * cos,
      turnDeg: (one.turnDeg + by) % TURN_WHOLE,
    };
  };
  return stood.map((one) => (one.id === id ? next : goesAlong(one) ? along(one) : one));
}

/** A piece with one of its things, and its group, somewhere else on the plan. */
export function stoodAt(piece: Piece, id: string, spot: Partial<Spot>): Piece {
  return { ...piece, stood: movedTo(piece.stood, id, spot) };
}

const laidOutIn = ({ board, stood, heaps, pours, covers }: LaidOut): LaidOut => ({
  board,
  stood,
  heaps,
  pours,
  covers,
});

/** A piece with a copy of its layout set aside. */
export function withLayout(piece: Piece, name: string): Piece {
  return { ...piece, layouts: [...piece.layouts, { id: newId('layout'), name, ...laidOutIn(piece) }] };
}

/** A piece laid out as one that was set aside; the one it had is set aside in its stead. */
export function takeLayout(piece: Piece, id: string, before: string): Piece {
  const taken = piece.layouts.find((one) => one.id === id);
  if (!taken) return piece;
  return {
    ...piece,
    ...laidOutIn(taken),
    layouts: piece.layouts.map((one) =>
      one.id === id ? { id: newId('layout'), name: before, ...laidOutIn(piece) } : one,
    ),
  };
}

/** A third of what an area covers is a ribbon’s width when it is made one. */
const RIBBON = 1 / 3;

/** An area as a ribbon along its longer side, or a ribbon as an area round all it covers. */
export function asRibbon<T extends PlanAreaRecord>(area: T, isRibbon: boolean): T {
  if (isRibbon === area.ribbonMm > 0) return area;
  const { ring } = planArea(area);
  const [left, front, right, back] = extentOf([[ring]]);
  const half = (mm: number) => Math.round(mm * 2) / 2;
  const [x, y] = [(left + right) / 2, (front + back) / 2];
  const [wide, deep] = [Math.max(right - left, 1), Math.max(back - front, 1)];
  if (!isRibbon)
    return {
      ...area,
      ribbonMm: 0,
      points: [
        { xMm: left, yMm: front },
        { xMm: right, yMm: front },
        { xMm: right, yMm: back },
        { xMm: left, yMm: back },
      ],
    };
  const ends: readonly [number, number][] =
    wide >= deep
      ? [
          [left, y],
          [x, y],
          [right, y],
        ]
      : [
          [x, front],
          [x, y],
          [x, back],
        ];
  return {
    ...area,
    ribbonMm: Math.max(1, half(RIBBON * Math.min(wide, deep))),
    points: ends.map(([xMm, yMm]) => ({ xMm: half(xMm), yMm: half(yMm) })),
  };
}

/** An area or a ribbon with a corner more: in the middle of its longest stretch. */
export function withCorner<T extends PlanAreaRecord>(area: T): T {
  const { points, ribbonMm } = area;
  const isClosed = ribbonMm === 0;
  const stretches = points.flatMap((at, i) => {
    const to = points[i + 1] ?? (isClosed ? points[0] : undefined);
    return to ? [{ i, at, to, long: Math.hypot(to.xMm - at.xMm, to.yMm - at.yMm) }] : [];
  });
  const [longest] = stretches.sort((a, b) => b.long - a.long);
  if (!longest || points.length >= GROUND_MOST.corners) return area;
  const { i, at, to } = longest;
  const middle = { xMm: (at.xMm + to.xMm) / 2, yMm: (at.yMm + to.yMm) / 2 };
  return { ...area, points: [...points.slice(0, i + 1), middle, ...points.slice(i + 1)] };
}

/** A base with another line that it comes apart along: the first up its middle, the next across. */
export function withJoin(piece: Piece): Piece {
  const { board } = piece;
  if (!board) return piece;
  const turnDeg = board.joins.length % 2 === 0 ? 90 : 0;
  return {
    ...piece,
    board: { ...board, joins: [...board.joins, { id: newId('join'), turnDeg, besideMm: 0 }] },
  };
}

export function withPour(piece: Piece): { readonly piece: Piece; readonly id: string } {
  const id = newId('pour');
  const pour: Pour = { ...DEFAULT_POUR, id, points: oval(piece) };
  return { piece: { ...piece, pours: [...piece.pours, pour] }, id };
}

export function withHeap(piece: Piece): { readonly piece: Piece; readonly id: string } {
  const id = newId('rise');
  const heap: Heap = { ...DEFAULT_HEAP, id, points: oval(piece) };
  return { piece: { ...piece, heaps: [...piece.heaps, heap] }, id };
}

export function withCover(piece: Piece): { readonly piece: Piece; readonly id: string } {
  const id = newId('cover');
  const cover: Cover = { ...DEFAULT_COVER, id, points: oval(piece) };
  return { piece: { ...piece, covers: [...piece.covers, cover] }, id };
}

/** An eye at a way it is looked at from that is not taken yet. */
export function withEye(piece: Piece): Piece {
  const names = ['the front', 'the right', 'behind', 'the left'];
  const k = [0, 1, 2, 3].find((i) => !piece.eyes.some(({ fromDeg }) => fromDeg === 90 * i)) ?? 0;
  const eye: Eye = { ...DEFAULT_EYE, id: newId('eye'), name: names[k] ?? 'an eye', fromDeg: 90 * k };
  return { ...piece, eyes: [...piece.eyes, eye] };
}

/** Units on a face of a part, or on the base itself where that is null. */
export function withMasonry(
  piece: Piece,
  part: string | null,
  on: string,
  bond: Bond = DEFAULT_MASONRY.bond,
): Piece {
  const lay: Masonry = {
    ...DEFAULT_MASONRY,
    ...usualUnit(bond, piece.scale),
    ...{ id: newId('masonry'), part: part as Masonry['part'], on, bond },
  };
  return { ...piece, masonry: [...piece.masonry, lay] };
}

/** An opening in the middle of what is laid, low enough for a face so wide and high in life, mm. */
export function withOpening(
  piece: Piece,
  lay: string,
  face: { readonly wideMm: number; readonly highMm: number },
): Piece {
  const widthMm = Math.round(Math.min(DEFAULT_OPENING.widthMm, face.wideMm / 3));
  const heightMm = Math.round(Math.max(widthMm / 2, Math.min(DEFAULT_OPENING.heightMm, 0.6 * face.highMm)));
  const opening: MasonryOpening = {
    ...DEFAULT_OPENING,
    id: newId('opening'),
    widthMm,
    heightMm,
    middleMm: Math.round(face.wideMm / 2),
  };
  return {
    ...piece,
    masonry: piece.masonry.map((one) =>
      one.id === lay ? { ...one, openings: [...one.openings, opening] } : one,
    ),
  };
}

/** A fence, a gate or whatever sticks build, as large as it usually is. */
export function withTimber(piece: Piece, kind: Timber['kind']): Piece {
  const timber: Timber = {
    ...DEFAULT_TIMBER,
    id: newId('timber'),
    name: kind,
    kind,
    ...usualSticks(kind, piece.scale),
  };
  return { ...piece, timber: [...piece.timber, timber] };
}
