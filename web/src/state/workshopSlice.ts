import type { RunningBake } from '@every-inch/core/bake';
import type { Paper } from '@every-inch/core/drawing';
import type { OwnValues } from '@every-inch/core/reckoning';
import type { RunningMix } from '@every-inch/core/repeats';
import type { Sitting } from '@every-inch/core/schedule';
import { createSlice, type PayloadAction } from '@reduxjs/toolkit';

/** The maker’s settings over all pieces. */
export interface Workshop {
  /** Own values over the handbook’s, by row. */
  readonly own: OwnValues;
  /** How sizes in life are shown. */
  readonly system: 'metric' | 'feet';
  readonly paper: Paper;
  /** What a printed rule of 100 mm measured. */
  readonly ruleMeasuredMm: number;
  readonly theme: 'system' | 'light' | 'dark';
  /** The bake that is going on, whatever piece is open. */
  readonly bake: RunningBake | null;
  /** Mixes that are being worked or that set, the oldest first. */
  readonly mixes: readonly RunningMix[];
  /** The step that is being worked on. */
  readonly sitting: Sitting | null;
  /** Pieces on the shelf that are not on the bench now, by id. */
  readonly aside: readonly string[];
}

export const DEFAULT_WORKSHOP: Workshop = {
  own: {},
  system: 'metric',
  paper: 'A4',
  ruleMeasuredMm: 100,
  theme: 'system',
  bake: null,
  mixes: [],
  sitting: null,
  aside: [],
};

const slice = createSlice({
  name: 'workshop',
  initialState: DEFAULT_WORKSHOP,
  reducers: {
    workshopOpened: (_, { payload }: PayloadAction<Workshop>) => payload,
    workshopChanged: (state, { payload }: PayloadAction<Partial<Workshop>>) => ({ ...state, ...payload }),
    ownValueSet: (state, { payload }: PayloadAction<{ row: string; value: number | null }>) => {
      const { [payload.row]: _, ...rest } = state.own;
      state.own = payload.value === null ? rest : { ...rest, [payload.row]: payload.value };
    },
  },
});

export const { workshopOpened, workshopChanged, ownValueSet } = slice.actions;
export const workshopReducer = slice.reducer;
