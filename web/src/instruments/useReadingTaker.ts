import { type FocusEvent, useEffect, useRef } from 'react';
import { type ReadingTaker, type ReadingUnit, takerFocused, takerLeft } from './focusedField.ts';

/**
 * Lets a field take readings of the bench’s instruments while it has the focus.
 *
 * @param unit what it takes; null for a number of no unit
 * @param onReading types a reading in; null for a field that takes none
 * @returns to be called as the field gets and loses the focus
 */
export function useReadingTaker(
  label: string,
  unit: ReadingUnit | null,
  onReading: ((value: number) => void) | null,
) {
  const latest = useRef(onReading);
  const taker = useRef<ReadingTaker | null>(null);
  useEffect(() => {
    latest.current = onReading;
  });
  useEffect(() => () => takerLeft(taker.current, null), []);
  return {
    take: (): void => {
      if (!latest.current) return;
      taker.current = { label, unit, onReading: (value) => latest.current?.(value) };
      takerFocused(taker.current);
    },
    leave: (event: FocusEvent): void => takerLeft(taker.current, event.currentTarget),
  };
}
