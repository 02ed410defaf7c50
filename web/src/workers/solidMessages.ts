import type { CoreDepth, Form, Heroic, MeshForm } from '@every-inch/core/form';

/** Asks for the form of a mesh file. */
export interface MeshQuestion {
  readonly name: string;
  readonly bytes: Uint8Array;
}

/** The form of a file, or why it gives none. */
export type MeshAnswer =
  | { readonly ok: true; readonly form: MeshForm; readonly notes: readonly string[] }
  | { readonly ok: false; readonly says: string };

/** Asks for the surface of a form; a later question makes an earlier one pointless. */
export interface SolidQuestion {
  readonly id: number;
  readonly form: Form;
  readonly heroic: Heroic;
  readonly core: CoreDepth | null;
  /** Cells of each answer, coarse to fine. */
  readonly cells: readonly number[];
}

/** Triangles ready for the screen; buffers are handed over, not copied. */
export interface SolidTriangles {
  readonly positions: Float32Array;
  readonly triangles: Uint32Array;
}

/** One answer to a question, the coarse one first. */
export type SolidAnswer =
  | {
      readonly kind: 'solid';
      readonly id: number;
      readonly isLast: boolean;
      readonly skin: SolidTriangles;
      readonly core: SolidTriangles | null;
      readonly tookMs: number;
    }
  | { readonly kind: 'fault'; readonly id: number; readonly says: string };
