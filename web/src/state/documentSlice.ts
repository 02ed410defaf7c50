import type { Piece } from '@every-inch/core/piece';
import { createSlice, original, type PayloadAction } from '@reduxjs/toolkit';

/** A step that can be undone: the piece as it was, and what was then done. */
interface Step {
  readonly piece: Piece;
  readonly label: string;
}

/** The document: what is saved and undone. */
export interface DocumentState {
  readonly piece: Piece | null;
  readonly past: readonly Step[];
  readonly future: readonly Step[];
  /** What the last edit changed and when, so that typing in one field is one step. */
  readonly lastMerge: { readonly key: string; readonly at: number } | null;
  /** Another tab edits this piece. */
  readonly readOnly: boolean;
}

const EMPTY: DocumentState = { piece: null, past: [], future: [], lastMerge: null, readOnly: false };
/** Edits of the same field this close together are one step, ms. */
const MERGE_WITHIN = 2000;

interface Edited {
  readonly piece: Piece;
  readonly label: string;
  /** Names the field, for edits that run together. */
  readonly merge: string | null;
  readonly at: number;
}

/** The state itself rather than immer’s draft of it: pieces are replaced whole and keep their identity. */
function plain(state: object): DocumentState {
  return (original(state) ?? state) as DocumentState;
}

const slice = createSlice({
  name: 'document',
  initialState: EMPTY,
  reducers: {
    opened: (_, { payload }: PayloadAction<{ piece: Piece; readOnly: boolean }>) => ({
      ...EMPTY,
      ...payload,
    }),
    closed: () => EMPTY,
    edited: (state, { payload }: PayloadAction<Edited>) => {
      const old = plain(state);
      if (!old.piece || old.readOnly || payload.piece === old.piece) return old;
      const { lastMerge } = old;
      const runsOn =
        payload.merge !== null &&
        lastMerge?.key === payload.merge &&
        payload.at - lastMerge.at < MERGE_WITHIN;
      const past = runsOn ? old.past : [...old.past, { piece: old.piece, label: payload.label }];
      return {
        ...old,
        piece: payload.piece,
        past,
        future: [],
        lastMerge: payload.merge === null ? null : { key: payload.merge, at: payload.at },
      };
    },
    undone: (state) => {
      const old = plain(state);
      const step = old.past.at(-1);
      if (!step || !old.piece || old.readOnly) return old;
      return {
        ...old,
        piece: step.piece,
        past: old.past.slice(0, -1),
        future: [{ piece: old.piece, label: step.label }, ...old.future],
        lastMerge: null,
      };
    },
    redone: (state) => {
      const old = plain(state);
      const [step, ...future] = old.future;
      if (!step || !old.piece || old.readOnly) return old;
      return {
        ...old,
        piece: step.piece,
        past: [...old.past, { piece: old.piece, label: step.label }],
        future,
        lastMerge: null,
      };
    },
    /** The other tab kept a newer state. */
    refreshed: (state, { payload }: PayloadAction<Piece>) => ({ ...plain(state), piece: payload }),
    readOnlySet: (state, { payload }: PayloadAction<boolean>) => ({ ...plain(state), readOnly: payload }),
  },
});

export const { opened, closed, edited, undone, redone, refreshed, readOnlySet } = slice.actions;
export const documentReducer = slice.reducer;
