import { type FocusEvent, type KeyboardEvent, useCallback, useEffect, useRef, useState } from 'react';
import { draftOpened } from '../state/drafts.ts';

/** What a typed text is read as; `empty` where there is nothing in it. */
export type DraftReading<T> =
  | { readonly ok: true; readonly value: T }
  | { readonly ok: false; readonly says: string };

interface DraftAsk<T> {
  /** The text that stands in the field while it is not being typed in. */
  readonly shown: string;
  readonly read: (text: string) => DraftReading<T>;
  /** Takes what could be read. */
  readonly onValue: (value: T) => void;
}

/** While typing goes on, what can be read is taken after so long a pause, ms: well within the second that is promised. */
export const PAUSE = 250;

/**
 * The draft of a field: what can be read is handed over when the field is left, at Enter or after a short pause; what cannot
 * stays with the reason; Escape puts back what stood there.
 */
export function useDraft<T>({ shown, read, onValue }: DraftAsk<T>) {
  const [draft, setDraft] = useState<string | null>(null);
  const [says, setSays] = useState<string | null>(null);
  const timer = useRef<ReturnType<typeof setTimeout> | null>(null);
  const pending = useRef<{ value: T } | null>(null);
  // What was typed is handed to the form as it is when it is handed over, not as it was when typing began.
  const taker = useRef(onValue);
  useEffect(() => {
    taker.current = onValue;
  });

  const settle = useCallback((): void => {
    if (timer.current !== null) clearTimeout(timer.current);
    timer.current = null;
    const one = pending.current;
    pending.current = null;
    if (one) taker.current(one.value);
  }, []);
  // A field that goes away in mid-typing still hands over what could be read.
  useEffect(() => settle, [settle]);
  useEffect(() => draftOpened(settle), [settle]);

  const type = (text: string): void => {
    setDraft(text);
    if (timer.current !== null) clearTimeout(timer.current);
    timer.current = null;
    const reading = read(text);
    setSays(reading.ok ? null : reading.says);
    pending.current = reading.ok ? { value: reading.value } : null;
    if (reading.ok) timer.current = setTimeout(settle, PAUSE);
  };
  const leave = (): void => {
    settle();
    if (says === null) setDraft(null);
  };
  const forget = (): void => {
    if (timer.current !== null) clearTimeout(timer.current);
    timer.current = null;
    pending.current = null;
    setDraft(null);
    setSays(null);
  };
  return {
    says,
    /** As if it had been typed, and taken at once. */
    put: (text: string): void => {
      type(text);
      settle();
    },
    /** For the field. */
    field: {
      value: draft ?? shown,
      onChange: (event: { readonly currentTarget: { readonly value: string } }) =>
        type(event.currentTarget.value),
      onBlur: (_: FocusEvent) => leave(),
      onKeyDown: (event: KeyboardEvent) => {
        if (event.key === 'Enter') leave();
        if (event.key === 'Escape') forget();
      },
    },
  };
}
