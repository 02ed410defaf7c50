import type { ShapeStore } from '../form/index.ts';
import type { FigureKind, Lens, Reckoning, ShownFigure } from '../reckoning/index.ts';
import type { PartContext, PieceContext } from './context.ts';

/** What a reckoner hands on: its figures, and whatever else others may lean on. */
export interface Found {
  readonly figures: readonly Reckoning[];
}

interface ReckonerBase<N extends string, F extends Found, T> {
  /** Unique among all reckoners. */
  readonly name: N;
  /** The kinds of figures it makes; no other reckoner of the same things makes them. */
  readonly gives: readonly FigureKind[];
  /** Stages that lean on it though it shows nothing of its own there: it is looked at with them, part by part. */
  readonly leanedOnAt?: readonly Lens[];
  /** What of it the interface shows besides its figures, as plain data that can be handed to another thread. */
  tells?(found: F): T;
}

/** Works out one thing of one part; remembered for that part until something it read has changed. */
export interface PartReckoner<F extends Found = Found, N extends string = string, T = unknown>
  extends ReckonerBase<N, F, T> {
  readonly of: 'part';
  /** Null where the part has nothing of the kind. */
  reckon(given: Given, context: PartContext): F | null;
}

/** Works out one thing of the whole piece. */
export interface PieceReckoner<F extends Found = Found, N extends string = string, T = unknown>
  extends ReckonerBase<N, F, T> {
  readonly of: 'piece';
  reckon(given: Given): F;
}

export type Reckoner = PartReckoner | PieceReckoner;

/** Where figures are found. */
export interface Figures<F extends ShownFigure = Reckoning> {
  /** A figure of a part, or of the whole piece when `part` is null. */
  find(part: string | null, key: string): F | undefined;
}

/**
 * What a reckoner may ask. Every answer is remembered as read: when it changes, and only then, the reckoner is asked
 * again. Records of the piece that are handed out here follow later changes and may not be kept in a result; ids, lists and
 * forms may.
 */
export interface Given extends Figures {
  readonly context: PieceContext;
  /** Where solids are kept, for one that is of no part. */
  readonly shapes: ShapeStore;
  /** The parts that can be built, in their order. */
  readonly contexts: ReadonlyMap<string, PartContext>;
  /** Why the others cannot, by part. */
  readonly faults: ReadonlyMap<string, string>;
  /** What another reckoner found of a part; null where it found nothing. */
  part<F extends Found>(reckoner: PartReckoner<F>, part: string): F | null;
  /** What another reckoner found, of every part that has it. */
  parts<F extends Found>(reckoner: PartReckoner<F>): ReadonlyMap<string, F>;
  piece<F extends Found>(reckoner: PieceReckoner<F>): F;
  /** Every figure of every subject; for what is asked, not for reckoners. */
  everyFigure(): Iterable<Reckoning>;
}

/** A drawing, a sheet or a look that is made when it is asked for: plain data in, plain data out. */
// biome-ignore lint/suspicious/noExplicitAny: a list of asks holds asks of every kind; each is known by its name where it is used
export interface Ask<Asked = any, Answer = unknown, N extends string = string> {
  /** Unique among all asks. */
  readonly name: N;
  answer(given: Given, asked: Asked): Answer;
}

/** Lines that the command line prints besides the figures. */
export interface Lines {
  /** Printed when this stage is asked for, and with everything unless they take long. */
  readonly stage: Lens;
  readonly isLong: boolean;
  /** @param part only of this one */
  of(given: Given, part: string | undefined): readonly string[];
}

/** One field of the work: what it declares is all that the rest needs to know of it. */
export interface Subject {
  readonly name: string;
  /** Subjects whose figures and findings this one leans on. */
  readonly needs: readonly Subject[];
  /** In the order their figures are shown. */
  readonly reckoners: readonly Reckoner[];
  /** Figures that are made only when they are asked for. */
  readonly asked?: readonly FigureKind[];
  readonly lines?: readonly Lines[];
  /** Drawings and looks the interface can ask for. */
  readonly asks?: readonly Ask[];
}

/** Declares a subject, so that what it tells and can be asked is known by name. */
export function declareSubject<const S extends Subject>(subject: S): S {
  return subject;
}

/** Declares a reckoner of parts. */
export function partReckoner<const N extends string, F extends Found, T = null>(
  name: N,
  gives: readonly FigureKind[],
  reckon: PartReckoner<F>['reckon'],
  tells?: (found: F) => T,
): PartReckoner<F, N, T> {
  return { of: 'part', name, gives, reckon, ...(tells && { tells }) };
}

/** Declares a reckoner of the whole piece. */
export function pieceReckoner<const N extends string, F extends Found, T = null>(
  name: N,
  gives: readonly FigureKind[],
  reckon: PieceReckoner<F>['reckon'],
  tells?: (found: F) => T,
): PieceReckoner<F, N, T> {
  return { of: 'piece', name, gives, reckon, ...(tells && { tells }) };
}

/** Declares an ask. */
export function ask<const N extends string, Asked, Answer>(
  name: N,
  answer: (given: Given, asked: Asked) => Answer,
): Ask<Asked, Answer, N> {
  return { name, answer };
}
