import type { BakeAsk, BakeHistory, BodyFrame, HeatRun, PassAsk } from '@every-inch/core/bake/heat';
import type { SeenOutlines } from '@every-inch/core/bake/loads';
import type { Form, Heroic } from '@every-inch/core/form';
import type { Overhang } from '@every-inch/core/solid';

/** What every question names: a later one makes an earlier one pointless. */
interface AboutForm {
  readonly id: number;
  readonly form: Form;
  readonly heroic: Heroic;
}

/** Asks how a bake goes through a part, one way after another, such as coarse to fine. */
export interface BakeQuestion extends AboutForm {
  readonly kind: 'bake';
  readonly asks: readonly BakeAsk[];
  /** Longest that is looked at, min. */
  readonly untilMin: number;
}

/** Asks what all of its bakes do to a part, and how far it reaches out over nothing. */
export interface HistoryQuestion extends AboutForm {
  readonly kind: 'history';
  readonly passes: readonly PassAsk[];
}

/** Asks what some parts cover seen from above, from the front and from the side; answered one by one. */
export interface OutlinesQuestion {
  readonly kind: 'outlines';
  readonly id: number;
  readonly things: readonly {
    readonly part: string;
    readonly form: Form;
    readonly heroic: Heroic;
    readonly shrink: number;
  }[];
}

export type OvenQuestion = BakeQuestion | HistoryQuestion | OutlinesQuestion;

/** What comes of it: a run for each way, the whole history, the minute reached in between, or why there is none. */
export type OvenAnswer =
  | {
      readonly kind: 'bake';
      readonly id: number;
      /** Which of the ways it is, from 0. */
      readonly way: number;
      readonly run: HeatRun;
      readonly frame: BodyFrame;
      /** Cells of the frame that the run lists, and which are clay. */
      readonly cells: Int32Array;
      readonly isClay: Uint8Array;
      readonly isLast: boolean;
      readonly tookMs: number;
    }
  | {
      readonly kind: 'history';
      readonly id: number;
      readonly history: BakeHistory;
      /** Miniature mm. */
      readonly overhang: Overhang;
      readonly isLast: true;
    }
  | { readonly kind: 'outlines'; readonly id: number; readonly part: string; readonly outlines: SeenOutlines }
  | { readonly kind: 'minute'; readonly id: number; readonly minute: number }
  | { readonly kind: 'fault'; readonly id: number; readonly says: string };
