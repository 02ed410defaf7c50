import { type LengthUnit, parseLength, type ReadOne } from '@every-inch/core/units';
import { useReadingTaker } from '../instruments/useReadingTaker.ts';
import { entryMark, type FieldProps, FieldShell } from './FieldShell.tsx';
import { type DraftReading, useDraft } from './useDraft.ts';
import { type RoughValue, readRough, useRoughWords } from './useRough.ts';

/** What a length field needs. */
interface LengthFieldProps extends FieldProps {
  /** Shown while the field is not being typed in. */
  readonly shown: string;
  /** Unit of a bare number. */
  readonly unit: LengthUnit;
  /** Takes millimetres in the field’s own frame. */
  readonly onLength: (lengthMm: number) => void;
  /** Takes an emptied field; without it an empty field is refused. */
  readonly onEmpty?: (() => void) | undefined;
  readonly sign?: 'positive' | 'nonNegative' | 'any';
}

/** A length as makers type it. What can be read is taken as it is typed; what cannot stays in the field with the reason. */
export function LengthField(props: LengthFieldProps) {
  const { label, shown, unit, onLength, onEmpty, sign = 'positive' } = props;
  const one: ReadOne = (text) => {
    const reading = parseLength(text, { unit, sign });
    return reading.ok ? { ok: true, value: reading.lengthMm } : { ok: false, says: reading.error.message };
  };
  const read = (text: string): DraftReading<RoughValue | null> =>
    text.trim() === '' && onEmpty ? { ok: true, value: null } : readRough(text, one);
  const words = useRoughWords(props.entry, props.entryTimes ?? 1, shown);
  const { field, says, put } = useDraft({
    shown: words.text ?? shown,
    read,
    onValue: (typed) => {
      if (typed === null) onEmpty?.();
      else onLength(typed.value);
      words.keep(typed?.rough ?? null);
    },
  });
  const readings = useReadingTaker(label, 'mm', (mm) => put(`${mm} mm`));
  return (
    <FieldShell label={label} hideLabel={props.hideLabel} says={says} fault={props.fault} side="right">
      {(ids) => (
        <input
          {...ids}
          title={words.taken === null ? undefined : `reckoned with ${words.taken}`}
          {...entryMark(props.entry)}
          {...field}
          className={`field figure text-right ${props.className ?? 'w-24'}`}
          inputMode="text"
          autoComplete="off"
          spellCheck={false}
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
      )}
    </FieldShell>
  );
}
