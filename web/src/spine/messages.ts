import type { Drawing } from '@every-inch/core/drawing';
import type { ShapeFacts } from '@every-inch/core/form';
import type { Piece, PieceChanges } from '@every-inch/core/piece';
import type { Lens, OwnValues, ShownFigure } from '@every-inch/core/reckoning';
import type { Breakdown } from '@every-inch/core/spine';

/** A piece to be reckoned, as its desk is opened. */
export interface Opening {
  readonly revision: number;
  readonly piece: Piece;
  readonly workshopOwn: OwnValues;
  readonly now: string;
}

/** A later state of the piece that is open: only what differs. */
export interface Change {
  readonly revision: number;
  readonly piece: PieceChanges | null;
  readonly workshopOwn?: OwnValues;
  readonly now?: string;
}

/** What is looked at: its figures come first. */
export interface Watch {
  readonly stage: string;
  /** Keys of figures that are seen whatever the stage, such as beside the names of parts. */
  readonly always?: readonly string[];
  readonly part: string | null;
}

/** What one reckoner found of a part, or of the whole piece when `part` is null. */
export interface CellTold {
  readonly reckoner: string;
  readonly part: string | null;
  /** Absent where they are as they were told last. */
  readonly figures?: readonly ShownFigure[];
  /** What it tells besides, null where it found nothing; absent where it is as it was told last. */
  readonly found?: unknown;
}

/** What the desk tells of its own accord; everything in it belongs to one revision. */
export interface Told {
  readonly kind: 'told';
  readonly revision: number;
  readonly cells: readonly CellTold[];
  /** What is known of solids by part; null for a part that cannot be built or is gone. */
  readonly shapes: readonly (readonly [part: string, facts: ShapeFacts | null])[];
  /** Why parts cannot be built; absent while that is as it was. */
  readonly faults?: readonly (readonly [part: string, says: string])[];
  /** Parts that are gone, with all that was told of them. */
  readonly gone: readonly string[];
  /** Answers to what is shown, by the key it was asked under. */
  readonly answers: readonly (readonly [key: string, answer: unknown])[];
  /** All that is known to have broken down by now; absent while that is as it was. */
  readonly broken?: readonly Breakdown[];
  /** Stages whose figures are all of this revision by now; `all` when everything is. */
  readonly settled: readonly Lens[] | 'all';
}

/** A piece that is kept, to be drawn small. */
export interface SketchAsked {
  readonly piece: Piece;
  readonly workshopOwn: OwnValues;
  readonly now: string;
  readonly widthMm: number;
  readonly heightMm: number;
}

/** What can be asked of the desk; each call is answered in the order it came. */
export interface Desk {
  /** @returns the names of all reckoners, in the order their figures are shown */
  open(opening: Opening): readonly string[];
  change(change: Change): void;
  watch(watch: Watch): void;
  /** Keeps an answer up to date under a key for as long as it is shown. */
  show(key: string, name: string, asked: unknown): void;
  hide(key: string): void;
  /** One answer, of the state the piece is in when its turn comes. */
  answer(name: string, asked: unknown): Promise<unknown>;
  /** One answer of a piece that is not open. */
  answerOf(on: Omit<Opening, 'revision'>, name: string, asked: unknown): Promise<unknown>;
  /** The parts of a piece that is not open on their ground line; null where none can be built. */
  sketch(asked: SketchAsked): Drawing | null;
}
