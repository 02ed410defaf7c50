/** Temperatures of cells and of pieces of core, °C over the room; owned by the stepper, and changed by its next step. */
export interface HeatState {
  readonly cells: Float64Array;
  readonly nodes: Float64Array;
}

/** What a stage is made up of: shares of what is now, of the stage before, of the start, and of the two rates. */
export interface Mix {
  readonly now: number;
  readonly before: number;
  readonly start: number;
  /** Of the rate now and of the rate at the start, s. */
  readonly rate: number;
  readonly first: number;
}

/** States that a stage leans on. */
export interface Stages<State> {
  readonly start: State;
  readonly before: State;
  readonly now: State;
  readonly first: State;
}

/** The inner loops over a body, and states of whatever kind they work on. */
export interface Kernel<State> {
  /** A state that is as warm as the room. */
  empty(): State;
  /** One stage, with air so warm, °C over the room. */
  stage(stages: Stages<State>, oven: number, mix: Mix, out: State): void;
  /** The start and so many seconds of the rate at the start. */
  along(start: State, first: State, seconds: number, out: State): void;
  copy(from: State, to: State): void;
  view(state: State): HeatState;
}
