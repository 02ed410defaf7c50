import { FormError, type Heroic, PLAIN, type ShapeStore } from '../form/index.ts';
import type { Part, Piece } from '../piece/index.ts';
import { type OwnValues, sourced } from '../reckoning/index.ts';
import { resolveScale } from '../scale/index.ts';
import { reckonScale } from '../size/index.ts';
import type { Fault, PartContext, PieceContext } from './context.ts';

/** What a reckoning needs besides the piece. */
export interface ReckonOptions {
  readonly shapes: ShapeStore;
  /** The workshop’s own values; the piece’s go before them. */
  readonly workshopOwn: OwnValues;
  /** ISO time the figures are for. */
  readonly now: string;
}

/** What a figure scale thickens, by the maker’s own values. */
export function heroicOf(isHeroic: boolean, own: OwnValues): Heroic {
  if (!isHeroic) return PLAIN;
  return { head: sourced('scale.heroic-head', own).value, hands: sourced('scale.heroic-hands', own).value };
}

function contextOf(context: PieceContext, part: Part, shapes: ShapeStore): PartContext | Fault {
  try {
    const shape = shapes.shapeOf(part.form, heroicOf(context.scale.heroic, context.own));
    return { ...context, part, shape, shrink: part.sized === 'life' ? context.scale.ratio : 1 };
  } catch (error) {
    if (error instanceof FormError) return { part: part.id, says: error.message };
    throw error;
  }
}

/** The ground that the figures of a piece stand on, and which of its parts can be built. */
export function groundOf(piece: Piece, { shapes, workshopOwn, now }: ReckonOptions) {
  const own = { ...workshopOwn, ...piece.own };
  const scale = resolveScale(piece.scale);
  const context: PieceContext = { piece, own, scale, scaleFigure: reckonScale(piece.scale, scale), now };
  const found = piece.parts.map((part) => contextOf(context, part, shapes));
  return {
    context,
    sound: found.filter((one): one is PartContext => 'shape' in one),
    faults: found.filter((one): one is Fault => 'says' in one),
  };
}

/**
 * The parts of a piece that can be built, without any figures: what a drawing needs.
 *
 * @throws {ScaleError} for a scale that is none
 */
export function soundParts(piece: Piece, options: ReckonOptions): readonly PartContext[] {
  return groundOf(piece, options).sound;
}
