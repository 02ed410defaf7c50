import {
  cellInBox,
  contours,
  type Grid,
  meshSums,
  redistanced,
  seenAlong,
  surfaceOf,
} from '../solid/index.ts';
import { boxRound } from './box.ts';
import { FormError } from './errors.ts';
import { stretchMeasures } from './fieldMeasure.ts';
import { extentOf, uniteAreas } from './outline.ts';
import { facing, type PlacedShape, placedBox, placedField, placedSeen, placement } from './placed.ts';
import { outlineOf, sampledShape } from './sampled.ts';
import { SIDES } from './side.ts';
import type { Box, BuiltForm, BuiltPiece, Field, Outline, PlainForm, Shape, Side, Vec3 } from './types.ts';
import { type Apart, type Member, unionGrid, unionWhole } from './unionGrid.ts';
import { minus } from './vectors.ts';

/** A piece in its place, which adds to the thing or is taken away from it. */
interface Piece extends PlacedShape {
  readonly cut: boolean;
}

/** Cells that volume and surface are summed over, and how far off they then are at most. */
const CELLS = 100_000;
const ERROR = 0.015;
/** Cells along the longest side of a silhouette. */
const SEEN_CELLS = 140;
/** How far under the top of a thing it is looked whether anything is left of it, as a share of its height. */
const JUST_INSIDE = 0.001;
/** Places looked at along each side of a piece. */
const RASTER = 24;
/** Most pieces a thing is built up from. */
const MOST_PIECES = 60;

function membersOf(pieces: readonly Piece[]): Member[] {
  return pieces.map((piece) => ({ box: placedBox(piece), field: placedField(piece), cut: piece.cut }));
}

function gridOf(pieces: readonly Piece[], box: Box, cell: number, apart?: Apart): Grid {
  return unionGrid(membersOf(pieces), box, cell, apart);
}

/** The box round what is there: what is cut away may have been outermost. */
function boxOf(pieces: readonly Piece[]): Box {
  const adding = pieces.filter(({ cut }) => !cut);
  const round = boxRound(
    adding.map((piece) => {
      const [left, bottom, right, top] = extentOf(placedSeen(piece, SIDES.front));
      const [back, , front] = extentOf(placedSeen(piece, SIDES.side));
      return { min: [left, bottom, back], max: [right, top, front] };
    }),
  );
  if (adding.length === pieces.length) return round;
  const sums = meshSums(surfaceOf(gridOf(pieces, round, cellOf(round))));
  if (!(sums.volumeMm3 > 0))
    throw new FormError('built', 'pieces', 'something left after the cuts', 'nothing');
  return sums;
}

function cellOf(box: Box): number {
  return cellInBox(box.min, box.max, CELLS);
}

function seen(pieces: readonly Piece[], side: Side): Outline {
  if (pieces.every(({ cut }) => !cut)) return uniteAreas(pieces.map((piece) => placedSeen(piece, side)));
  const turned = pieces.map((piece) => ({ ...piece, place: facing(piece.place, side) }));
  const box = boxRound(turned.filter(({ cut }) => !cut).map(placedBox));
  const longest = Math.max(...minus(box.max, box.min));
  return outlineOf(contours(seenAlong(gridOf(turned, box, longest / SEEN_CELLS), 'z')));
}

function moved(pieces: readonly Piece[], by: Vec3): Piece[] {
  return pieces.map((piece) => ({ ...piece, place: { ...piece.place, at: minus(piece.place.at, by) } }));
}

function hasDistance(shape: Shape): shape is Piece['shape'] {
  return shape.distance !== null;
}

function pieceOf(piece: BuiltPiece, i: number, shapeOf: (form: PlainForm) => Shape): Piece {
  const at: Vec3 = [piece.xMm, piece.yMm, piece.zMm];
  if (![...at, piece.turnDeg, piece.tipDeg, piece.leanDeg].every(Number.isFinite))
    throw new FormError('built', `pieces[${i}]`, 'a place and a turn in numbers', piece.name);
  const shape = shapeOf(piece.form);
  if (!hasDistance(shape)) throw new FormError('built', `pieces[${i}].form`, 'a plain form', piece.form.kind);
  return { name: piece.name, shape, place: placement(at, piece), cut: piece.cut };
}

function builtPieces(form: BuiltForm, shapeOf: (form: PlainForm) => Shape): Piece[] {
  if (form.pieces.length > MOST_PIECES)
    throw new FormError('built', 'pieces', `at most ${MOST_PIECES} pieces`, form.pieces.length);
  const found = form.pieces.map((piece, i) => pieceOf(piece, i, shapeOf));
  if (found.every(({ cut }) => cut))
    throw new FormError('built', 'pieces', 'at least one piece that is not cut away', found.length);
  return found;
}

/** Whether something is left of the pieces at a height, looked for on a raster across them. */
function standsAt(pieces: readonly Piece[], height: number): boolean {
  const field = unionField(pieces);
  return pieces.some((piece) => {
    const { min, max } = placedBox(piece);
    if (piece.cut || min[1] > height || max[1] < height) return false;
    const at = (i: number, axis: 0 | 2) => min[axis] + ((i + 0.5) / RASTER) * (max[axis] - min[axis]);
    for (let i = 0; i < RASTER; i += 1)
      for (let k = 0; k < RASTER; k += 1) if (field(at(i, 0), height, at(k, 2)) < 0) return true;
    return false;
  });
}

/**
 * How high a thing built up from plain forms is, mm: without building it where something is left at its very top and
 * foot.
 *
 * @param shapeOf solid of one plain form
 * @throws {FormError} naming the piece
 */
export function builtHeight(form: BuiltForm, shapeOf: (form: PlainForm) => Shape): number {
  const pieces = builtPieces(form, shapeOf);
  const spans = pieces.filter(({ cut }) => !cut).map((piece) => extentOf(placedSeen(piece, SIDES.front)));
  const foot = Math.min(...spans.map(([, bottom]) => bottom));
  const top = Math.max(...spans.map(([, , , high]) => high));
  const just = JUST_INSIDE * (top - foot);
  if (standsAt(pieces, foot + just) && standsAt(pieces, top - just)) return top - foot;
  const { min, max } = boxOf(pieces);
  return max[1] - min[1];
}

/**
 * A thing built up from placed and turned plain forms. Volume and surface are those of the pieces in closed form, less
 * what a grid says that overlaps and cuts take away.
 *
 * @param shapeOf solid of one plain form
 * @throws {FormError} naming the piece
 */
export function builtShape(form: BuiltForm, shapeOf: (form: PlainForm) => Shape): Shape {
  const found = builtPieces(form, shapeOf);
  const adding = found.filter(({ cut }) => !cut);
  const round = boxOf(found);
  const from: Vec3 = [(round.min[0] + round.max[0]) / 2, round.min[1], (round.min[2] + round.max[2]) / 2];
  const pieces = moved(found, from);
  const box: Box = { min: minus(round.min, from), max: minus(round.max, from) };
  return sampledShape({
    regions: adding.map(({ name }) => name),
    region: adding[0]?.name ?? '',
    box,
    // Inside, distances to a union are too short until they are measured again.
    sample: (cellMm) => redistanced(gridOf(pieces, box, cellMm), 'inside'),
    distance: unionField(pieces),
    whole: () =>
      unionWhole(
        (apart) => gridOf(pieces, box, cellOf(box), apart),
        adding.map(({ shape }) => shape),
      ),
    error: ERROR,
    measures: stretchMeasures(box),
    outline: (view) => seen(pieces, SIDES[view]),
    seenFrom: (side) => seen(pieces, side),
  });
}

/** Lower bound of the distance to the whole; exact beside its surface. */
function unionField(pieces: readonly Piece[]): Field {
  const fields = pieces.map((piece) => ({ cut: piece.cut, field: placedField(piece) }));
  return (x, y, z) => {
    let nearest = Infinity;
    for (const { cut, field } of fields) if (!cut) nearest = Math.min(nearest, field(x, y, z));
    for (const { cut, field } of fields) if (cut) nearest = Math.max(nearest, -field(x, y, z));
    return nearest;
  };
}
