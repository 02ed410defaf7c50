import { STUFFS, type StuffId } from '@every-inch/core/handbook';
import { Choice } from './Choice.tsx';

const UNSAID = 'unsaid';
const OPTIONS = [
  { value: UNSAID, says: 'not said' },
  ...STUFFS.map(({ id, title }) => ({ value: id as string, says: title })),
];

interface StuffFieldsProps {
  readonly name: string;
  readonly stuff: StuffId | null;
  readonly afterBake: boolean;
  readonly onStuff: (stuff: StuffId | null) => void;
  readonly onAfter: (afterBake: boolean) => void;
}

/** What a thing that is not of clay is made of, and whether it goes on after the bake. */
export function StuffFields({ name, stuff, afterBake, onStuff, onAfter }: StuffFieldsProps) {
  return (
    <span className="flex items-end gap-3">
      <Choice
        label={`${name} is of`}
        className="max-w-44"
        value={stuff ?? UNSAID}
        options={OPTIONS}
        onChoose={(value) => onStuff(STUFFS.find(({ id }) => id === value)?.id ?? null)}
      />
      <label className="flex min-h-8 items-center gap-1">
        <input
          type="checkbox"
          checked={afterBake}
          aria-label={`${name} after the bake`}
          onChange={(event) => onAfter(event.currentTarget.checked)}
        />
        after the bake
      </label>
    </span>
  );
}
