import { Trash2 } from 'lucide-react';

interface BinButtonProps {
  /** What it takes away, for those who do not see it. */
  readonly label: string;
  readonly onPress: () => void;
  readonly disabled?: boolean;
}

/** Takes a line of a table away. */
export function BinButton({ label, onPress, disabled = false }: BinButtonProps) {
  return (
    <button
      type="button"
      className="size-7 shrink-0 text-quiet hover:text-wont disabled:opacity-40"
      aria-label={label}
      disabled={disabled}
      onClick={onPress}
    >
      <Trash2 className="mx-auto size-3.5" />
    </button>
  );
}
