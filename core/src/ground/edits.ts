import type { Ring } from '../form/index.ts';
import {
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
  type Heap,
  type Masonry,
  type MasonryOpening,
  newId,
  type Piece,
  type Pour,
  type Stood,
  type Timber,
} from '../piece/index.ts';
import { edgeOf } from './plan/boardRing.ts';
import type { Footprint } from './plan/footprint.ts';
import { placedOn } from './plan/reckonPlan.ts';
import { freeSpot, laid, type Spot } from './plan/standing.ts';

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

/** One that stands somewhere else. */
export function stoodAt(piece: Piece, id: string, spot: Partial<Spot>): Piece {
  return { ...piece, stood: piece.stood.map((one) => (one.id === id ? { ...one, ...spot } : one)) };
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

export function withMasonry(piece: Piece, part: string, on: string): Piece {
  const lay: Masonry = { ...DEFAULT_MASONRY, id: newId('masonry'), part: part as Masonry['part'], on };
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

/** A fence, or a flight of steps of usual treads up to a floor a metre high. */
export function withTimber(piece: Piece, kind: Timber['kind']): Piece {
  const steps = { kind, name: 'steps', lengthMm: 900, heightMm: 1000, stepMm: 280, thickMm: 40 };
  const timber: Timber = {
    ...DEFAULT_TIMBER,
    id: newId('timber'),
    ...(kind === 'steps' ? steps : { kind }),
  };
  return { ...piece, timber: [...piece.timber, timber] };
}
