import { useId, useState } from 'react';
import type { ReadingUnit } from '../instruments/focusedField.ts';
import { useReadingTaker } from '../instruments/useReadingTaker.ts';

/** What a plain number field needs. */
interface NumberFieldProps {
  readonly label: string;
  readonly value: number | null;
  readonly onNumber: (value: number) => void;
  /** Takes an emptied field; without it an empty field is refused. */
  readonly onEmpty?: (() => void) | undefined;
  readonly min?: number;
  readonly max?: number;
  readonly whole?: boolean;
  readonly after?: string;
  readonly placeholder?: string;
  readonly className?: string;
  readonly disabled?: boolean;
  readonly hideLabel?: boolean;
}

function faultOf(text: string, { min, max, whole }: NumberFieldProps): string | null {
  const value = Number(text.replace(',', '.'));
  if (!Number.isFinite(value)) return `“${text}” is no number; what works: 12 or 1.5`;
  if (whole && !Number.isInteger(value)) return 'a whole number is wanted here';
  if (min !== undefined && value < min) return `at least ${min}`;
  if (max !== undefined && value > max) return `at most ${max}`;
  return null;
}

const READ_UNITS: readonly string[] = ['mm', 'g', '°C'] satisfies ReadingUnit[];

/** What a field of a unit takes of instruments; null for a bare number. */
function readingUnit(after: string | undefined): ReadingUnit | null {
  return READ_UNITS.includes(after ?? '') ? (after as ReadingUnit) : null;
}

/** A number; what can be used is taken as it is typed, what cannot stays with the reason. */
export function NumberField(props: NumberFieldProps) {
  const { label, value, onNumber, onEmpty, after, placeholder, className = 'w-20', disabled } = props;
  const [draft, setDraft] = useState<string | null>(null);
  const [says, setSays] = useState<string | null>(null);
  const id = useId();

  const read = (text: string): void => {
    setDraft(text);
    if (text.trim() === '') {
      setSays(onEmpty ? null : 'a number is wanted here');
      onEmpty?.();
      return;
    }
    const fault = faultOf(text, props);
    setSays(fault);
    if (fault === null) onNumber(Number(text.replace(',', '.')));
  };

  // Counts are not read off an instrument, nor are minutes or money.
  const takes = !props.whole && (after === undefined || readingUnit(after) !== null);
  const readings = useReadingTaker(label, readingUnit(after), takes ? (value) => read(String(value)) : null);

  return (
    <span className="relative inline-block">
      <label htmlFor={id} className={props.hideLabel ? 'sr-only' : 'heading block'}>
        {label}
      </label>
      <span className="flex items-baseline gap-1">
        <input
          id={id}
          className={`field figure text-right ${className}`}
          inputMode="decimal"
          autoComplete="off"
          value={draft ?? (value === null ? '' : String(value))}
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
            if (says === null) setDraft(null);
          }}
          onKeyDown={(event) => {
            if (event.key !== 'Escape') return;
            setDraft(null);
            setSays(null);
          }}
        />
        {after && <span className="text-quiet">{after}</span>}
      </span>
      {says !== null && (
        <span
          id={`${id}-says`}
          role="alert"
          className="absolute left-0 top-full z-20 w-56 border border-wont bg-paper p-2 text-[12.5px] text-wont"
        >
          {says}
        </span>
      )}
    </span>
  );
}
