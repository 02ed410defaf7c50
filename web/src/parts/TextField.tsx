import { useId } from 'react';

interface TextFieldProps {
  readonly label: string;
  readonly value: string;
  readonly onText: (text: string) => void;
  readonly long?: boolean;
  readonly type?: 'text' | 'date' | 'datetime-local';
  readonly className?: string;
  readonly placeholder?: string;
  readonly disabled?: boolean;
  readonly hideLabel?: boolean;
}

/** A line or some lines of text, taken as they are typed. */
export function TextField({
  label,
  value,
  onText,
  long,
  type = 'text',
  className = 'w-full',
  placeholder,
  disabled,
  hideLabel,
}: TextFieldProps) {
  const id = useId();
  const shared = { id, value, placeholder, disabled };
  return (
    <span className="block">
      <label htmlFor={id} className={hideLabel ? 'sr-only' : 'heading block'}>
        {label}
      </label>
      {long ? (
        <textarea
          {...shared}
          rows={3}
          className={`field resize-y ${className}`}
          onChange={(event) => onText(event.currentTarget.value)}
        />
      ) : (
        <input
          {...shared}
          type={type}
          className={`field ${className}`}
          autoComplete="off"
          onChange={(event) => onText(event.currentTarget.value)}
        />
      )}
    </span>
  );
}
