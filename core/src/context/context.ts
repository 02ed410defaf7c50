import type { Shape, ShapeFacts } from '../form/index.ts';
import type { Part, Piece } from '../piece/index.ts';
import type { OwnValues, Reckoning } from '../reckoning/index.ts';
import type { ResolvedScale } from '../scale/index.ts';

/** What every figure of a piece may lean on. */
export interface PieceContext {
  readonly piece: Piece;
  /** The piece’s own values over the workshop’s. */
  readonly own: OwnValues;
  readonly scale: ResolvedScale;
  /** The scale as a figure, to be named as a term. */
  readonly scaleFigure: Reckoning;
  /** ISO time the figures are for. */
  readonly now: string;
}

/** What is known of one part without asking its solid anything: plain data throughout. */
export interface PartFacts extends PieceContext {
  readonly part: Part;
  /** In the part’s own frame. */
  readonly shape: ShapeFacts;
  /** Part’s frame ÷ miniature: the ratio for a part sized in life, 1 for one sized on the bench. */
  readonly shrink: number;
}

/** What the figures of one part may lean on. */
export interface PartContext extends PartFacts {
  readonly shape: Shape;
}

/** A part no solid follows from. */
export interface Fault {
  readonly part: string;
  readonly says: string;
}
