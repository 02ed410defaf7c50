import { fromFahrenheit, type ReadOne } from '@every-inch/core/units';
import type { ReadingUnit } from '../instruments/focusedField.ts';
import { useReadingTaker } from '../instruments/useReadingTaker.ts';
import { entryMark, type FieldProps, FieldShell } from './FieldShell.tsx';
import { type DraftReading, useDraft } from './useDraft.ts';
import { type RoughValue, readRough, useRoughWords } from './useRough.ts';

/** What a plain number field needs. */
interface NumberFieldProps extends FieldProps {
  readonly value: number | null;
  readonly onNumber: (value: number) => void;
  /** Takes an emptied field; without it an empty field is refused. */
  readonly onEmpty?: (() => void) | undefined;
  readonly min?: number | undefined;
  /** More than this. */
  readonly over?: number | undefined;
  readonly max?: number | undefined;
  readonly whole?: boolean | undefined;
  readonly after?: string;
}

/** One amount in the unit of the field, which may be typed behind it; °F is taken where °C is wanted. */
function readNumber(text: string, { min, over, max, whole, after }: NumberFieldProps): ReturnType<ReadOne> {
  const typed = text.trim();
  if (typed === '') return { ok: false, says: 'a number is wanted here' };
  const isFahrenheit = after === '°C' && /°?\s*F$/i.test(typed);
  const bare = typed.replace(/\s*(°\s*[CF]?|[CF]|%|mm|min|g|h)$/i, '');
  const number = Number(bare.replace(',', '.'));
  const value = isFahrenheit && Number.isFinite(number) ? fromFahrenheit(number) : number;
  if (!Number.isFinite(value)) return { ok: false, says: `“${text}” is no number; what works: 12 or 1.5` };
  if (whole && !Number.isInteger(value)) return { ok: false, says: 'a whole number is wanted here' };
  if (over !== undefined && value <= over) return { ok: false, says: `more than ${over}` };
  if (min !== undefined && value < min) return { ok: false, says: `at least ${min}` };
  if (max !== undefined && value > max) return { ok: false, says: `at most ${max}` };
  return { ok: true, value };
}

const READ_UNITS: readonly string[] = ['mm', 'g', '°C'] satisfies ReadingUnit[];

/** What a field of a unit takes of instruments; null for a bare number. */
function readingUnit(after: string | undefined): ReadingUnit | null {
  return READ_UNITS.includes(after ?? '') ? (after as ReadingUnit) : null;
}

/** A number; what can be used is taken as it is typed, what cannot stays with the reason. */
export function NumberField(props: NumberFieldProps) {
  const { label, value, onNumber, onEmpty, after } = props;
  const plain = value === null ? '' : String(value);
  const words = useRoughWords(props.entry, props.entryTimes ?? 1, plain);
  const { field, says, put } = useDraft({
    shown: words.text ?? plain,
    read: (text): DraftReading<RoughValue | null> =>
      text.trim() === '' && onEmpty
        ? { ok: true, value: null }
        : readRough(text, (one) => readNumber(one, props)),
    onValue: (typed) => {
      if (typed === null) onEmpty?.();
      else onNumber(typed.value);
      words.keep(typed?.rough ?? null);
    },
  });
  // Counts are not read off an instrument, nor are minutes or money.
  const takes = !props.whole && (after === undefined || readingUnit(after) !== null);
  const readings = useReadingTaker(label, readingUnit(after), takes ? (read) => put(String(read)) : null);
  return (
    <FieldShell label={label} hideLabel={props.hideLabel} says={says} fault={props.fault}>
      {(ids) => (
        <span className="flex items-baseline gap-1">
          <input
            {...ids}
            title={words.taken === null ? undefined : `reckoned with ${words.taken}`}
            {...entryMark(props.entry)}
            {...field}
            className={`field figure text-right ${props.className ?? 'w-20'}`}
            inputMode="decimal"
            autoComplete="off"
            placeholder={props.placeholder}
            disabled={props.disabled}
            onFocus={(event) => {
              event.currentTarget.select();
              readings.take();
            }}
            onBlur={(event) => {
              readings.leave(event);
              field.onBlur(event);
            }}
          />
          {after && <span className="text-quiet">{after}</span>}
        </span>
      )}
    </FieldShell>
  );
}
