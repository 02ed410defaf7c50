import { DEFAULT_VARIANT, LIMITS, newId, type Part, typedLimits, type Variant } from '@every-inch/core/piece';
import { BinButton } from '../../parts/BinButton.tsx';
import { NumberField } from '../../parts/NumberField.tsx';
import { TextField } from '../../parts/TextField.tsx';
import { usePartEdit } from '../../parts/usePartEdit.ts';
import { VerdictLine } from '../../parts/VerdictLine.tsx';

interface RowProps {
  /** Id of the part it is a copy of. */
  readonly part: string;
  readonly one: Variant;
  readonly onChange: (next: Variant | null, label: string) => void;
}

function Row({ part, one, onChange }: RowProps) {
  return (
    <li className="flex flex-wrap items-end gap-x-4 gap-y-1 border-t border-hair py-1">
      <NumberField
        {...typedLimits(LIMITS.variant.count)}
        hideLabel
        label={`How many ${one.name}`}
        entry={['parts', part, 'variants', one.id, 'count']}
        className="w-12"
        value={one.count}
        after="×"
        onNumber={(count) => onChange({ ...one, count }, `how many ${one.name}`)}
      />
      <TextField
        hideLabel
        label={`Name of ${one.name}`}
        className="w-32"
        value={one.name}
        onText={(text) => text.trim() !== '' && onChange({ ...one, name: text.slice(0, 200) }, 'name')}
      />
      <TextField
        hideLabel
        label={`What is other about ${one.name}`}
        className="w-64 max-w-full"
        value={one.differs}
        placeholder="one ear droops, darker, head turned"
        onText={(text) =>
          onChange({ ...one, differs: text.slice(0, 2000) }, `what is other about ${one.name}`)
        }
      />
      <BinButton label={`Take ${one.name} out`} onPress={() => onChange(null, `take ${one.name} out`)} />
    </li>
  );
}

/** Copies of a part that are alike but not the same. */
export function Variants({ part }: { readonly part: Part }) {
  const set = usePartEdit(part);
  const { variants, count } = part;
  if (count < 2 && variants.length === 0) return null;
  const other = variants.reduce((sum, one) => sum + one.count, 0);
  const put = (id: string) => (next: Variant | null, label: string) =>
    set(
      'variants',
      variants.flatMap((one) => (one.id === id ? (next ? [next] : []) : [one])),
      label,
    );
  return (
    <details className="mt-3" open={variants.length > 0 || undefined}>
      <summary className="heading cursor-pointer">Alike, but not the same</summary>
      <ul className="mt-1">
        {variants.map((one) => (
          <Row key={one.id} part={part.id} one={one} onChange={put(one.id)} />
        ))}
      </ul>
      {variants.length > 0 && other <= count && (
        <p className="text-[13px] text-quiet">
          {other} of {count} differ; {count - other === 0 ? 'none is' : `${count - other} as it is`} drawn
          here.
        </p>
      )}
      {other > count && (
        <VerdictLine
          verdict={{
            level: 'doubtful',
            wording: 'state',
            says: `${other} are told, but only ${count} are made`,
            waysOut: [
              { says: `make ${other} of it`, change: { path: ['parts', part.id, 'count'], value: other } },
            ],
          }}
        />
      )}
      <button
        type="button"
        className="press-quiet text-fired"
        onClick={() =>
          set('variants', [...variants, { ...DEFAULT_VARIANT, id: newId('variant') }], 'one that differs')
        }
      >
        + One that differs
      </button>
    </details>
  );
}
