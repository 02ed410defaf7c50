import type { CoverAsk, SolidCover } from '@every-inch/core/armature';
import type { ThicknessAsk, ThicknessMap } from '@every-inch/core/bulk';
import type { CoreAsk, Form, Heroic, Outline, Side, TurnedBox } from '@every-inch/core/form';

/** A solid to be built: what it follows from. */
export interface SolidAsked {
  readonly form: Form;
  readonly heroic: Heroic;
  readonly core: CoreAsk | null;
}

/** Asks for the surface of a form in steps; a later question of the same kind makes an earlier one pointless. */
export interface SolidQuestion extends SolidAsked {
  readonly kind: 'surface';
  readonly id: number;
  /** Cells of each answer, coarse to fine. */
  readonly cells: readonly number[];
}

/** Asks for the solid as a file of triangles at the size of the clay. */
export interface StlQuestion extends SolidAsked {
  readonly kind: 'stl';
  readonly name: string;
  readonly shrink: number;
}

/** Asks what the solid covers seen from a side. */
export interface SeenQuestion extends SolidAsked {
  readonly kind: 'seen';
  readonly side: Side;
}

/** Asks how much clay there is over wires. */
export interface CoverQuestion extends SolidAsked {
  readonly kind: 'cover';
  readonly ask: CoverAsk;
}

/** Asks how thick the clay is everywhere, coarse to fine; a later question makes an earlier one pointless. */
export interface ThicknessQuestion extends SolidAsked {
  readonly kind: 'thickness';
  readonly id: number;
  readonly ask: Omit<ThicknessAsk, 'cells'>;
  readonly cells: readonly number[];
}

/** What comes of it: a map for each fineness, the share done in between, or why there is none. */
export type ThicknessAnswer =
  | {
      readonly kind: 'map';
      readonly id: number;
      readonly isFinest: boolean;
      readonly map: ThicknessMap;
      readonly tookMs: number;
    }
  | { readonly kind: 'share'; readonly id: number; readonly share: number }
  | { readonly kind: 'fault'; readonly id: number; readonly says: string };

/** Triangles ready for the screen; buffers are handed over, not copied. */
export interface SolidTriangles {
  readonly positions: Float32Array;
  readonly triangles: Uint32Array;
  /** Region of each vertex, from 1; null for a solid of one. */
  readonly owners: Uint8Array | null;
  /** Faces meet in true edges, which are not to be smoothed. */
  readonly hasEdges: boolean;
}

/** One answer to a question for a surface, the coarse one first. */
export type SolidAnswer =
  | {
      readonly kind: 'solid';
      readonly id: number;
      /** This answer among all that come. */
      readonly step: number;
      readonly of: number;
      readonly skin: SolidTriangles;
      readonly core: SolidTriangles | null;
      readonly regions: readonly string[];
      /** Smallest box turned any way, in the part's frame. */
      readonly box: TurnedBox;
      readonly tookMs: number;
    }
  | { readonly kind: 'fault'; readonly id: number; readonly says: string };

/** Answer to a question for a file. */
export type FileAnswer =
  | { readonly kind: 'stl'; readonly bytes: Uint8Array }
  | { readonly kind: 'seen'; readonly outline: Outline }
  | { readonly kind: 'cover'; readonly cover: SolidCover | null; readonly tookMs: number }
  | { readonly kind: 'fault'; readonly says: string };
