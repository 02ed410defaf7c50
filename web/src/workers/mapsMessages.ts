import type { MapsAsk, ShapeMaps } from '@every-inch/core/finish';
import type { Form, Heroic } from '@every-inch/core/form';

/** Asks how the surface of a form lies, coarse to fine; a later question makes an earlier one pointless. */
export interface MapsQuestion {
  readonly id: number;
  readonly form: Form;
  readonly heroic: Heroic;
  readonly ask: Omit<MapsAsk, 'cellMm'>;
  /** Edges of the cells, in the part’s own frame, mm, coarse to fine. */
  readonly cellsMm: readonly number[];
}

/** What comes of it: maps for each fineness, or why there are none. */
export type MapsAnswer =
  | {
      readonly kind: 'maps';
      readonly id: number;
      readonly maps: ShapeMaps;
      readonly isFinest: boolean;
      readonly tookMs: number;
    }
  | { readonly kind: 'fault'; readonly id: number; readonly says: string };
