import { type ClayId, LIMITS, type MixShare, typedLimits } from '@every-inch/core/piece';
import { Choice } from '../../parts/Choice.tsx';
import { NumberField } from '../../parts/NumberField.tsx';
import { useOpenPiece } from '../../state/store.ts';

const NONE = 'none';

export interface MixProps {
  /** What the first clay is called in its field. */
  readonly label: string;
  readonly hideLabel?: boolean;
  readonly className?: string;
  readonly mix: readonly MixShare[];
  /** What it says when no clay is named. */
  readonly without: string;
  readonly onMix: (mix: MixShare[]) => void;
}

/** Clays of a mix by parts of volume. */
export function Mix({ label, hideLabel = false, className = 'max-w-52', mix, without, onMix }: MixProps) {
  const piece = useOpenPiece();
  const options = [
    { value: NONE, says: mix.length > 1 ? 'take out of the mix' : without },
    ...piece.clays.map(({ id, name }) => ({ value: id as string, says: name })),
  ];
  const choose = (i: number, value: string) => {
    if (value === NONE) onMix(mix.filter((_, j) => j !== i));
    else if (mix.length === 0) onMix([{ clay: value as ClayId, parts: 1 }]);
    else onMix(mix.map((one, j) => (j === i ? { ...one, clay: value as ClayId } : one)));
  };
  const unused = piece.clays.find(({ id }) => !mix.some(({ clay }) => clay === id));
  const rows: readonly (MixShare | null)[] = mix.length === 0 ? [null] : mix;
  return (
    <>
      {rows.map((one, i) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: the clays of a mix are known by their place
        <span key={i} className="flex items-end gap-2">
          <Choice
            label={i === 0 ? label : `${label}, mixed in`}
            hideLabel={hideLabel || i > 0}
            className={className}
            value={one?.clay ?? NONE}
            options={options}
            onChoose={(value) => choose(i, value)}
          />
          {one && mix.length > 1 && (
            <NumberField
              {...typedLimits(LIMITS.mixShare.parts)}
              label="parts"
              value={one.parts}
              className="w-12"
              onNumber={(parts) => onMix(mix.map((old, j) => (j === i ? { ...old, parts } : old)))}
            />
          )}
        </span>
      ))}
      {mix.length > 0 && unused && (
        <button
          type="button"
          className="press-quiet text-fired"
          onClick={() => onMix([...mix, { clay: unused.id, parts: 1 }])}
        >
          + mix in another
        </button>
      )}
    </>
  );
}
