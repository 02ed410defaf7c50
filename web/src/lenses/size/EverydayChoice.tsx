import { LIFE_SIZES } from '@every-inch/core/handbook';
import { Choice } from '../../parts/Choice.tsx';

const NONE = 'nothing';
const OPTIONS = [...LIFE_SIZES]
  .sort((a, b) => a.title.localeCompare(b.title))
  .map(({ id, title }) => ({ value: id, says: title }));

interface EverydayChoiceProps {
  readonly label: string;
  /** Row of the handbook; null for nothing in particular. */
  readonly value: string | null;
  readonly onChoose: (id: string | null) => void;
  readonly allowNone?: boolean;
  readonly hideLabel?: boolean;
}

/** One of the everyday things of the handbook. */
export function EverydayChoice({
  label,
  value,
  onChoose,
  allowNone,
  hideLabel = false,
}: EverydayChoiceProps) {
  return (
    <Choice
      label={label}
      hideLabel={hideLabel}
      className="w-48"
      value={value ?? NONE}
      options={allowNone ? [{ value: NONE, says: 'nothing in particular' }, ...OPTIONS] : OPTIONS}
      onChoose={(id) => onChoose(id === NONE ? null : id)}
    />
  );
}
