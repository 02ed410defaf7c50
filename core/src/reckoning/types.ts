import type { Standing, Unit } from '../handbook/index.ts';

/** A figure with its unit and, where it is not sharp, its range. */
export interface Quantity {
  readonly value: number;
  readonly unit: Unit;
  readonly low?: number;
  readonly high?: number;
}

/** A step into the document: names of fields, and ids inside lists. */
export type DocumentPath = readonly string[];

/** Where a number that was put in came from. */
export type Origin =
  | {
      readonly kind: 'entry';
      readonly path: DocumentPath;
      /** It stands as the catalogue has it: the maker has typed nothing there. */
      readonly isCatalogue?: true;
    }
  | {
      readonly kind: 'handbook';
      readonly row: string;
      readonly standing: Standing;
      readonly source: string;
      readonly own: boolean;
    }
  | { readonly kind: 'own'; readonly row: string }
  | { readonly kind: 'reckoning'; readonly id: ReckoningId }
  | { readonly kind: 'shape'; readonly says: string };

/** One number put into a formula. */
export interface Term {
  /** As it stands in the formula. */
  readonly symbol: string;
  readonly name: string;
  readonly quantity: Quantity;
  readonly origin: Origin;
}

/** How it stands: will go, only just, will not. */
export type Level = 'good' | 'doubtful' | 'stop';
/** Which words say it: *fits · tight · won’t* for room, *good · check this · stop* for the rest. */
export type Wording = 'room' | 'state';

/** A change of the document that the maker can take with one press. */
export interface OfferedChange {
  readonly path: DocumentPath;
  readonly value: unknown;
}

/** A way out of a verdict. */
export interface WayOut {
  readonly says: string;
  readonly change?: OfferedChange;
}

/** A judgement with its margin and the ways out of it. */
export interface Verdict {
  readonly level: Level;
  readonly wording: Wording;
  readonly says: string;
  /** Room left; negative when short. */
  readonly margin?: Quantity;
  readonly waysOut: readonly WayOut[];
}

/** `part/key` for a part's figure, `/key` for the whole piece's. */
export type ReckoningId = `${string}/${string}`;

/** The ten stages of the work, each with its figures. */
export type Lens =
  | 'brief'
  | 'size'
  | 'bones'
  | 'bulk'
  | 'repeats'
  | 'bake'
  | 'ground'
  | 'finish'
  | 'bench'
  | 'log';

/** A computed figure as it is shown, without its working. */
export interface ShownFigure {
  readonly id: ReckoningId;
  readonly key: string;
  /** Null for the whole piece. */
  readonly part: string | null;
  readonly lens: Lens;
  readonly title: string;
  readonly quantity: Quantity;
  /** What the figure leaves out or how far it can be off. */
  readonly note?: string;
  readonly verdict?: Verdict;
}

/** A computed figure with its working. */
export interface Reckoning extends ShownFigure {
  /** In symbols, such as `h = H ÷ s`. */
  readonly formula: string;
  readonly terms: readonly Term[];
}
