import { createSlice, type PayloadAction } from '@reduxjs/toolkit';

/** What is neither saved with the piece nor derived from it. */
export interface SessionState {
  readonly selected: string | null;
  /** ISO time of the last keeping of the open piece. */
  readonly keptAt: string | null;
  /**
   * Whether pieces outlive this tab: `memory` when the browser keeps nothing, `full` when there is no room, `failed` when it
   * refused for another reason, `slow` while it does not answer.
   */
  readonly keeping: 'kept' | 'memory' | 'full' | 'failed' | 'slow';
  /** Whether the browser has promised not to clear what is kept; null before it was asked. */
  readonly persisted: boolean | null;
  /** Room that is left, MB, once it gets short. */
  readonly roomLeftMb: number | null;
  /** Day the figures are for, ISO. */
  readonly today: string;
  /** Puts a part’s field forward, such as after a jump from a working. */
  readonly dialog: 'keys' | 'versions' | 'add-part' | null;
  /** Whether the bench’s instruments send. */
  readonly instruments: boolean;
}

const slice = createSlice({
  name: 'session',
  initialState: {
    selected: null,
    keptAt: null,
    keeping: 'kept',
    persisted: null,
    roomLeftMb: null,
    today: '',
    dialog: null,
    instruments: false,
  } as SessionState,
  reducers: {
    selected: (state, { payload }: PayloadAction<string | null>) => {
      state.selected = payload;
    },
    kept: (state, { payload }: PayloadAction<string>) => {
      state.keptAt = payload;
    },
    keepingChanged: (state, { payload }: PayloadAction<SessionState['keeping']>) => {
      state.keeping = payload;
    },
    roomKnown: (state, { payload }: PayloadAction<Pick<SessionState, 'persisted' | 'roomLeftMb'>>) => {
      state.persisted = payload.persisted;
      state.roomLeftMb = payload.roomLeftMb;
    },
    dayBegan: (state, { payload }: PayloadAction<string>) => {
      state.today = payload;
    },
    instrumentsConnected: (state, { payload }: PayloadAction<boolean>) => {
      state.instruments = payload;
    },
    dialogOpened: (state, { payload }: PayloadAction<SessionState['dialog']>) => {
      state.dialog = payload;
    },
  },
});

export const { selected, kept, keepingChanged, roomKnown, dayBegan, dialogOpened, instrumentsConnected } =
  slice.actions;
export const sessionReducer = slice.reducer;
