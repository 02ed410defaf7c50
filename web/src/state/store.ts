import type { RunningBake } from '@every-inch/core/bake';
import type { Part, Piece } from '@every-inch/core/piece';
import { setAt } from '@every-inch/core/piece';
import type { DocumentPath } from '@every-inch/core/reckoning';
import { configureStore, createSelector, type ThunkAction, type UnknownAction } from '@reduxjs/toolkit';
import { useDispatch, useSelector } from 'react-redux';
import { documentReducer, edited } from './documentSlice.ts';
import { sessionReducer } from './sessionSlice.ts';
import { workshopChanged, workshopReducer } from './workshopSlice.ts';

export const store = configureStore({
  reducer: { document: documentReducer, session: sessionReducer, workshop: workshopReducer },
  // Pieces are plain data, checked where they come in; walking thousands of parts on every key press helps nobody.
  middleware: (defaults) => defaults({ serializableCheck: false, immutableCheck: false }),
});

export type State = ReturnType<typeof store.getState>;
type Thunk = ThunkAction<void, State, unknown, UnknownAction>;

export const useAppDispatch = useDispatch.withTypes<typeof store.dispatch>();
export const useAppSelector = useSelector.withTypes<State>();

/**
 * Changes the piece as one step that can be undone.
 *
 * @param label what is done, as undo will name it
 * @param change makes the next piece from the present one
 * @param merge names the field when edits of it run together
 */
export function edit(label: string, change: (piece: Piece) => Piece, merge: string | null = null): Thunk {
  return (dispatch, getState) => {
    const { piece } = getState().document;
    if (piece) dispatch(edited({ piece: change(piece), label, merge, at: Date.now() }));
  };
}

/** Changes the bake that is going on, as it is by now: its thermometer may have spoken since the screen was drawn. */
export function changeBake(change: Partial<RunningBake>): Thunk {
  return (dispatch, getState) => {
    const { bake } = getState().workshop;
    if (bake) dispatch(workshopChanged({ bake: { ...bake, ...change } }));
  };
}

/** Sets one value of the piece; typing on in the same field is one step. */
export function editAt(label: string, path: DocumentPath, value: unknown): Thunk {
  return edit(label, (piece) => setAt(piece, path, value), `${label} ${path.join('/')}`);
}

/** The selected part, or the first. */
export const selectPart: (state: State) => Part | null = createSelector(
  [(state: State) => state.document.piece, (state: State) => state.session.selected],
  (piece, selected) => piece?.parts.find(({ id }) => id === selected) ?? piece?.parts[0] ?? null,
);

/** The open piece; lenses are only shown while there is one. */
export function useOpenPiece(): Piece {
  const piece = useAppSelector((state) => state.document.piece);
  if (!piece) throw new Error('no piece is open');
  return piece;
}

/** Something of the open piece; what shows it is drawn again only when that is another. */
export function useOfPiece<T>(read: (piece: Piece) => T): T {
  return useAppSelector(({ document: { piece } }) => {
    if (!piece) throw new Error('no piece is open');
    return read(piece);
  });
}
