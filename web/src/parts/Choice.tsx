import { FieldShell } from './FieldShell.tsx';

/** One thing to choose. */
export interface Option<T extends string> {
  readonly value: T;
  readonly says: string;
}

interface ChoiceProps<T extends string> {
  readonly label: string;
  readonly value: T;
  readonly options: readonly Option<T>[];
  readonly onChoose: (value: T) => void;
  readonly disabled?: boolean;
  readonly className?: string;
  readonly hideLabel?: boolean;
  /** Why a form cannot be taken as it stands, where it is for this choice. */
  readonly fault?: string | undefined;
}

/** One of a few, in the browser’s own list: it works with every keyboard and every thumb. */
export function Choice<T extends string>(props: ChoiceProps<T>) {
  const { label, value, options, onChoose, disabled, className = '' } = props;
  return (
    <FieldShell label={label} hideLabel={props.hideLabel} fault={props.fault}>
      {(ids) => (
        <select
          {...ids}
          className={`field bg-bench ${className}`}
          value={value}
          disabled={disabled}
          onChange={(event) => {
            const chosen = options.find((option) => option.value === event.currentTarget.value);
            if (chosen) onChoose(chosen.value);
          }}
        >
          {options.map((option) => (
            <option key={option.value} value={option.value}>
              {option.says}
            </option>
          ))}
        </select>
      )}
    </FieldShell>
  );
}
