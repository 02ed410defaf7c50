import type { Pair, Part } from '@every-inch/core/piece';
import { usualPairs } from '@every-inch/core/size';
import { formatMiniMm, miniMm } from '@every-inch/core/units';
import { BinButton } from '../../parts/BinButton.tsx';
import { LengthField } from '../../parts/LengthField.tsx';
import { TextField } from '../../parts/TextField.tsx';
import { usePartEdit } from '../../parts/usePartEdit.ts';
import { VerdictLine } from '../../parts/VerdictLine.tsx';
import { Working } from '../../parts/Working.tsx';
import { useFigure } from '../../spine/hooks.ts';

const SIDES = [
  ['leftMm', 'left'],
  ['rightMm', 'right'],
] as const;

interface PairRowProps {
  readonly part: Part;
  readonly pair: Pair;
  readonly at: number;
  readonly onPair: (pair: Pair) => void;
  readonly onRemove: () => void;
}

function PairRow({ part, pair, at, onPair, onRemove }: PairRowProps) {
  const figure = useFigure(part.id, `pair.${at + 1}`);
  return (
    <li className="flex flex-wrap items-start gap-x-4 border-t border-hair py-0.5">
      <TextField
        hideLabel
        label={`Pair ${at + 1}`}
        className="w-36"
        value={pair.name}
        onText={(text) => text !== '' && onPair({ ...pair, name: text.slice(0, 200) })}
      />
      {SIDES.map(([field, says]) => (
        <span key={field} className="flex items-baseline gap-1">
          <LengthField
            hideLabel
            label={`${pair.name}, ${says} as made`}
            entry={['parts', part.id, 'pairs']}
            shown={pair[field] === null ? '' : formatMiniMm(miniMm(pair[field]))}
            placeholder="—"
            unit="mm"
            className="w-16"
            onLength={(mm) => onPair({ ...pair, [field]: mm })}
            onEmpty={() => onPair({ ...pair, [field]: null })}
          />
          <span className="text-quiet">{says}</span>
        </span>
      ))}
      <span className="flex min-w-48 flex-1 items-start py-1 text-[13px]">
        {figure?.verdict ? (
          <>
            <Working figure={figure} />
            <VerdictLine verdict={figure.verdict} />
          </>
        ) : (
          <span className="text-quiet">measure both</span>
        )}
      </span>
      <BinButton label={`Take the pair of ${pair.name} out`} onPress={onRemove} />
    </li>
  );
}

/** Left against right: two of a kind as they came out. */
export function Pairs({ part }: { readonly part: Part }) {
  const set = usePartEdit(part);
  const { pairs } = part;
  const put = (next: readonly Pair[]) => set('pairs', next, 'pairs');
  const usual = usualPairs(part.form).filter((name) => pairs.every((pair) => pair.name !== name));
  const add = (name: string) => put([...pairs, { name, leftMm: null, rightMm: null }]);
  return (
    <details className="mt-3" open={pairs.length > 0 || undefined}>
      <summary className="heading cursor-pointer">Pairs, left against right, in miniature</summary>
      <ul className="mt-1">
        {pairs.map((pair, i) => (
          <PairRow
            // biome-ignore lint/suspicious/noArrayIndexKey: pairs are known by their place, their names are typed
            key={i}
            part={part}
            pair={pair}
            at={i}
            onPair={(next) => put(pairs.map((old, j) => (j === i ? next : old)))}
            onRemove={() => put(pairs.filter((_, j) => j !== i))}
          />
        ))}
      </ul>
      <div className="flex flex-wrap gap-x-3">
        {usual.map((name) => (
          <button key={name} type="button" className="press-quiet text-fired" onClick={() => add(name)}>
            + {name}
          </button>
        ))}
        <button type="button" className="press-quiet text-fired" onClick={() => add('a pair')}>
          + another pair
        </button>
      </div>
    </details>
  );
}
