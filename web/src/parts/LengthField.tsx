import { type LengthUnit, parseLength } from '@every-inch/core/units';
import { useCallback, useEffect, useId, useRef, useState } from 'react';
import { useReadingTaker } from '../instruments/useReadingTaker.ts';

/** What a length field needs. */
interface LengthFieldProps {
  readonly label: string;
  /** Shown while the field is not being typed in. */
  readonly shown: string;
  /** Unit of a bare number. */
  readonly unit: LengthUnit;
  /** Takes millimetres in the field’s own frame. */
  readonly onLength: (lengthMm: number) => void;
  /** Takes an emptied field; without it an empty field is refused. */
  readonly onEmpty?: (() => void) | undefined;
  readonly sign?: 'positive' | 'nonNegative' | 'any';
  readonly placeholder?: string;
  readonly disabled?: boolean;
  readonly className?: string;
  readonly hideLabel?: boolean;
}

/** While typing goes on, a length is taken after so long a pause, ms. */
const PAUSE = 250;

/**
 * A length as makers type it. What can be read is taken as it is typed; what cannot stays in the field with the reason.
 */
export function LengthField(props: LengthFieldProps) {
  const {
    label,
    shown,
    unit,
    onLength,
    onEmpty,
    sign = 'positive',
    placeholder,
    disabled,
    className = 'w-24',
  } = props;
  const [draft, setDraft] = useState<string | null>(null);
  const [says, setSays] = useState<string | null>(null);
  const timer = useRef<ReturnType<typeof setTimeout> | null>(null);
  const pending = useRef<(() => void) | null>(null);
  const id = useId();
  // What was typed is handed to the form as it is when it is handed over, not as it was when typing began.
  const takers = useRef({ onLength, onEmpty });
  useEffect(() => {
    takers.current = { onLength, onEmpty };
  });

  const settle = useCallback((): void => {
    if (timer.current !== null) clearTimeout(timer.current);
    timer.current = null;
    pending.current?.();
    pending.current = null;
  }, []);
  // A field that goes away in mid-typing still hands over what could be read.
  useEffect(() => settle, [settle]);

  const read = (text: string): void => {
    setDraft(text);
    if (timer.current !== null) clearTimeout(timer.current);
    pending.current = null;
    if (text.trim() === '' && onEmpty) {
      setSays(null);
      pending.current = () => takers.current.onEmpty?.();
    } else {
      const reading = parseLength(text, { unit, sign });
      setSays(reading.ok ? null : reading.error.message);
      if (reading.ok) pending.current = () => takers.current.onLength(reading.lengthMm);
    }
    if (pending.current) timer.current = setTimeout(settle, PAUSE);
  };

  const readings = useReadingTaker(label, 'mm', (mm) => {
    read(`${mm} mm`);
    settle();
  });

  return (
    <span className="relative inline-block">
      <label htmlFor={id} className={props.hideLabel ? 'sr-only' : 'heading block'}>
        {label}
      </label>
      <input
        id={id}
        className={`field figure text-right ${className}`}
        inputMode="text"
        autoComplete="off"
        spellCheck={false}
        value={draft ?? shown}
        placeholder={placeholder}
        disabled={disabled}
        aria-invalid={says !== null}
        aria-describedby={says === null ? undefined : `${id}-says`}
        onFocus={(event) => {
          event.currentTarget.select();
          readings.take();
        }}
        onChange={(event) => read(event.currentTarget.value)}
        onBlur={(event) => {
          readings.leave(event);
          settle();
          if (says === null) setDraft(null);
        }}
        onKeyDown={(event) => {
          if (event.key === 'Enter') {
            settle();
            if (says === null) setDraft(null);
          }
          if (event.key === 'Escape') {
            pending.current = null;
            setDraft(null);
            setSays(null);
          }
        }}
      />
      {says !== null && (
        <span
          id={`${id}-says`}
          role="alert"
          className="absolute right-0 top-full z-20 w-64 border border-wont bg-paper p-2 text-left text-[12.5px] text-wont"
        >
          {says}
        </span>
      )}
    </span>
  );
}
