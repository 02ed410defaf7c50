import type { Form } from '@every-inch/core/form';
import { LIMITS, type Part, typedLimits } from '@every-inch/core/piece';
import { Choice } from '../../parts/Choice.tsx';
import { NumberField } from '../../parts/NumberField.tsx';
import { TextField } from '../../parts/TextField.tsx';
import { usePartEdit } from '../../parts/usePartEdit.ts';
import { useCount } from '../../spine/hooks.ts';
import { FormFields } from './FormFields.tsx';

const KIND_SAYS: Record<Form['kind'], string> = {
  person: 'Person',
  beast: 'Beast',
  bird: 'Bird',
  crawler: 'Crawler',
  round: 'Round creature',
  tree: 'Tree',
  wedge: 'Wedge',
  extruded: 'Cut-out',
  drawn: 'Own drawing',
  tube: 'Bent bar',
  built: 'Built up',
  panels: 'Panels',
  mesh: 'Brought in',
  ball: 'Ball',
  rod: 'Rod',
  block: 'Block',
  cylinder: 'Cylinder or cone',
  ring: 'Ring',
  turned: 'Turned',
};

/** The fields of a part that are not lengths. */
export function PartForm({ part }: { readonly part: Part }) {
  const set = usePartEdit(part);
  const { form } = part;
  const count = useCount(part);
  return (
    <div className="flex flex-wrap items-end gap-x-5 gap-y-2">
      <TextField
        label={KIND_SAYS[form.kind]}
        className="w-40 font-semibold"
        value={part.name}
        onText={(text) => text !== '' && set('name', text.slice(0, 200), 'name')}
      />
      <NumberField
        {...typedLimits(LIMITS.part.count)}
        entry={['parts', part.id, 'count']}
        label={part.repeat ? 'How many, by its rule at Repeats' : 'How many'}
        value={count}
        disabled={part.repeat !== null}
        className="w-14"
        onNumber={(value) => set('count', value, 'count')}
      />
      <FormFields part={part} />
      {'lying' in form && (
        <Choice
          label="Lies"
          value={form.lying ? 'lying' : 'standing'}
          options={[
            { value: 'standing', says: form.kind === 'ring' ? 'on edge' : 'upright' },
            { value: 'lying', says: form.kind === 'ring' ? 'flat' : 'on its side' },
          ]}
          onChoose={(value) => set('form.lying', value === 'lying', 'lie')}
        />
      )}
      <Choice
        label="Lengths are"
        value={part.sized}
        options={[
          { value: 'life', says: 'in life' },
          { value: 'miniature', says: 'on the bench' },
        ]}
        onChoose={(value) => set('sized', value, 'frame')}
      />
    </div>
  );
}
