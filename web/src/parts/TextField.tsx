import { entryMark, type FieldProps, FieldShell } from './FieldShell.tsx';
import { useDraft } from './useDraft.ts';

interface TextFieldProps extends FieldProps {
  readonly value: string;
  readonly onText: (text: string) => void;
  readonly long?: boolean;
  readonly type?: 'text' | 'date' | 'time' | 'datetime-local';
}

/** A line or some lines of text. */
export function TextField(props: TextFieldProps) {
  const { label, value, onText, long, type = 'text', className = 'w-full' } = props;
  const { field } = useDraft({ shown: value, read: (text) => ({ ok: true, value: text }), onValue: onText });
  const shared = {
    ...field,
    ...entryMark(props.entry),
    placeholder: props.placeholder,
    disabled: props.disabled,
  };
  return (
    <FieldShell block label={label} hideLabel={props.hideLabel} fault={props.fault}>
      {(ids) =>
        long ? (
          <textarea
            {...ids}
            {...shared}
            rows={3}
            className={`field resize-y ${className}`}
            // In some lines of text Enter begins another.
            onKeyDown={(event) => event.key !== 'Enter' && field.onKeyDown(event)}
          />
        ) : (
          <input {...ids} {...shared} type={type} className={`field ${className}`} autoComplete="off" />
        )
      }
    </FieldShell>
  );
}
