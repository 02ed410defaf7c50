import type { BakeAsk, BodyFrame, HeatRun } from '@every-inch/core/bake/heat';
import type { Form, Heroic } from '@every-inch/core/form';

/** Asks how a bake goes through a part, coarse to fine; a later question makes an earlier one pointless. */
export interface BakeQuestion {
  readonly id: number;
  readonly form: Form;
  readonly heroic: Heroic;
  readonly asks: readonly BakeAsk[];
  /** Longest that is looked at, min. */
  readonly untilMin: number;
}

/** What comes of it: a run for each fineness, the minute reached in between, or why there is none. */
export type BakeAnswer =
  | {
      readonly kind: 'bake';
      readonly id: number;
      readonly run: HeatRun;
      readonly frame: BodyFrame;
      /** Cells of the frame that the run lists, and which are clay. */
      readonly cells: Int32Array;
      readonly isClay: Uint8Array;
      readonly isFinest: boolean;
      readonly tookMs: number;
    }
  | { readonly kind: 'minute'; readonly id: number; readonly minute: number }
  | { readonly kind: 'fault'; readonly id: number; readonly says: string };
