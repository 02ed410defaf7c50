interface ColourFieldProps {
  readonly label: string;
  readonly hideLabel?: boolean;
  /** Null while none is chosen. */
  readonly value: string | null;
  readonly onColour: (colour: string) => void;
}

/** A colour by eye. */
export function ColourField({ label, hideLabel = false, value, onColour }: ColourFieldProps) {
  return (
    <label className="heading inline-flex items-center">
      <span className={hideLabel ? 'sr-only' : ''}>{label}</span>
      <input
        type="color"
        className={`h-7 w-9 ${hideLabel ? '' : 'ml-1'} ${value === null ? 'opacity-50' : ''}`}
        value={value ?? '#9a9186'}
        onChange={(event) => onColour(event.currentTarget.value)}
      />
    </label>
  );
}
