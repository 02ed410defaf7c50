import {
  DEFAULT_INSERT,
  INSERT_FITS,
  INSERT_SHAPES,
  type Insert,
  newId,
  type Part,
} from '@every-inch/core/piece';
import { formatMiniMm, miniMm } from '@every-inch/core/units';
import { Choice } from '../../parts/Choice.tsx';
import { LengthField } from '../../parts/LengthField.tsx';
import { Section } from '../../parts/Sections.tsx';
import { StuffFields } from '../../parts/StuffFields.tsx';
import { TextField } from '../../parts/TextField.tsx';
import { VerdictLine } from '../../parts/VerdictLine.tsx';
import { useAsk, useFind } from '../../spine/hooks.ts';
import { editAt, useAppDispatch } from '../../state/store.ts';

const mm = (value: number) => formatMiniMm(miniMm(value));
const FIT_SAYS: Readonly<Record<Insert['fit'], string>> = {
  glued: 'glued in',
  free: 'goes in and out',
  press: 'pressed in',
};

interface OneProps {
  readonly part: string;
  readonly insert: Insert;
  readonly hole: string;
  readonly onChange: (change: Partial<Insert>) => void;
  readonly onRemove: () => void;
}

function One({ part, insert, hole, onChange, onRemove }: OneProps) {
  const length = (label: string, field: 'widthMm' | 'heightMm' | 'depthMm') => (
    <LengthField
      label={label}
      entry={['parts', part, 'inserts', insert.id, field]}
      shown={mm(insert[field])}
      unit="mm"
      className="w-16"
      onLength={(value) => onChange({ [field]: value })}
    />
  );
  return (
    <li
      className="flex flex-wrap items-end gap-x-4 gap-y-1 border-t border-hair py-2"
      aria-label={insert.name}
    >
      <TextField
        label="What is let in"
        entry={['parts', part, 'inserts', insert.id]}
        className="w-36"
        value={insert.name}
        onText={(text) => text !== '' && onChange({ name: text.slice(0, 200) })}
      />
      <Choice
        label="Shape"
        value={insert.shape}
        options={INSERT_SHAPES.map((value) => ({ value, says: value }))}
        onChoose={(shape) => onChange({ shape })}
      />
      {length(insert.shape === 'round' ? 'across' : 'wide', 'widthMm')}
      {insert.shape === 'square' && length('high', 'heightMm')}
      {length('deep', 'depthMm')}
      <Choice
        label="Measured"
        value={insert.measured}
        options={[
          { value: 'thing', says: 'on the thing' },
          { value: 'mark', says: 'on its mark in clay' },
        ]}
        onChoose={(measured) => onChange({ measured })}
      />
      <Choice
        label="It is"
        value={insert.fit}
        options={INSERT_FITS.map((value) => ({ value, says: FIT_SAYS[value] }))}
        onChoose={(fit) => onChange({ fit })}
      />
      <label className="flex min-h-8 items-center gap-1">
        <input
          type="checkbox"
          checked={insert.removable}
          onChange={(event) => onChange({ removable: event.currentTarget.checked })}
        />
        comes out again
      </label>
      <StuffFields
        name={insert.name}
        stuff={insert.stuff}
        afterBake={insert.afterBake}
        onStuff={(stuff) => onChange({ stuff })}
        onAfter={(afterBake) => onChange({ afterBake })}
      />
      <output className="pb-1">{hole}</output>
      <button type="button" className="press-quiet text-wont" onClick={onRemove}>
        Remove
      </button>
    </li>
  );
}

/** Things let into a part, and the hole that each wants. */
export function Inserts({ part }: { readonly part: Part }) {
  const dispatch = useAppDispatch();
  const find = useFind();
  const set = (inserts: readonly Insert[], label: string) =>
    dispatch(editAt(`${label} of ${part.name}`, ['parts', part.id, 'inserts'], inserts));
  const holeSays = ({ id, shape }: Insert): string => {
    const [across, other, deep] = ['hole', 'hole-height', 'hole-depth'].map(
      (key) => find(part.id, `bulk.${key}.${id}`)?.quantity.value,
    );
    if (across === undefined || deep === undefined) return '–';
    const mouth = shape === 'round' ? `⌀ ${mm(across)}` : `${mm(across)} × ${mm(other ?? across)}`;
    return `hole ${mouth} mm, ${mm(deep)} mm deep`;
  };
  const clashes = useAsk('bones.clashes', part.inserts.length > 0 ? { part: part.id } : null);
  return (
    <Section
      id="inserts"
      title="Let in"
      says={`Let into ${part.name}: cells, magnets, panes, tubes`}
      edits={['parts.*.inserts']}
    >
      <ul>
        {part.inserts.map((insert) => (
          <One
            key={insert.id}
            part={part.id}
            insert={insert}
            hole={holeSays(insert)}
            onChange={(change) =>
              set(
                part.inserts.map((one) => (one.id === insert.id ? { ...one, ...change } : one)),
                insert.name,
              )
            }
            onRemove={() =>
              set(
                part.inserts.filter(({ id }) => id !== insert.id),
                `remove ${insert.name}`,
              )
            }
          />
        ))}
      </ul>
      {clashes?.map(({ id, says }) => (
        <VerdictLine
          key={id}
          verdict={{
            level: 'doubtful',
            wording: 'state',
            says: `${part.inserts.find((one) => one.id === id)?.name ?? ''}: ${says}`,
            waysOut: [],
          }}
        />
      ))}
      <button
        type="button"
        className="press-quiet text-fired"
        onClick={() =>
          set([...part.inserts, { ...DEFAULT_INSERT, id: newId('insert'), name: 'insert' }], 'an insert')
        }
      >
        + Something let in
      </button>
    </Section>
  );
}
