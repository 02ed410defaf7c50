/** What a reading is a measure of. */
export type ReadingUnit = 'mm' | 'g' | '°C';

/** A field that takes readings while it has the focus. */
export interface ReadingTaker {
  readonly label: string;
  /** What it takes; null for a number of no unit. */
  readonly unit: ReadingUnit | null;
  /** Types a reading in, as hands would. */
  readonly onReading: (value: number) => void;
}

let focused: ReadingTaker | null = null;

/** The field that was last focused and is still on screen; a window that loses the focus does not lose its field. */
export function focusedTaker(): ReadingTaker | null {
  return focused;
}

/** Called as a field gets the focus. */
export function takerFocused(taker: ReadingTaker): void {
  focused = taker;
}

/**
 * Called as a field loses the focus or goes away.
 *
 * @param element the field; when the whole window has lost the focus it is still the active one, and goes on taking readings
 */
export function takerLeft(taker: ReadingTaker | null, element: Element | null): void {
  if (focused === taker && document.activeElement !== element) focused = null;
}
