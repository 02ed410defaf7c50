import type { Form, ProfilePoint, TurnedForm } from '@every-inch/core/form';
import type { Part } from '@every-inch/core/piece';
import { formatRealMetric, realMm } from '@every-inch/core/units';
import { Choice } from '../../parts/Choice.tsx';
import { LengthField } from '../../parts/LengthField.tsx';
import { NumberField } from '../../parts/NumberField.tsx';
import { TextField } from '../../parts/TextField.tsx';
import { FormFields } from './FormFields.tsx';
import { usePartEdit } from './usePartEdit.ts';

const KIND_SAYS: Record<Form['kind'], string> = {
  person: 'Person',
  beast: 'Beast',
  bird: 'Bird',
  crawler: 'Crawler',
  round: 'Round creature',
  tree: 'Tree',
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
  return (
    <div className="flex flex-wrap items-end gap-x-5 gap-y-2">
      <TextField
        label={KIND_SAYS[form.kind]}
        className="w-40 font-semibold"
        value={part.name}
        onText={(text) => text !== '' && set('name', text.slice(0, 200), 'name')}
      />
      <NumberField
        label="How many"
        value={part.count}
        min={1}
        max={10_000}
        whole
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

/** The points of a turned profile, from the axis up the outside and back. */
export function ProfileTable({ part, form }: { readonly part: Part; readonly form: TurnedForm }) {
  const set = usePartEdit(part);
  const { profile } = form;
  const unit = 'mm';
  const change = (i: number, point: ProfilePoint) =>
    set(
      'form.profile',
      profile.map((old, j) => (j === i ? point : old)),
      'profile',
    );
  return (
    <details className="mt-3">
      <summary className="heading cursor-pointer">Profile, {profile.length} points from the foot up</summary>
      <table className="mt-1">
        <thead>
          <tr className="heading text-right">
            <th className="font-semibold">across</th>
            <th className="font-semibold">height</th>
            <th>
              <span className="sr-only">change</span>
            </th>
          </tr>
        </thead>
        <tbody>
          {profile.map((point, i) => (
            // biome-ignore lint/suspicious/noArrayIndexKey: points of a profile are known by their place alone
            <tr key={i}>
              <td>
                <LengthField
                  hideLabel
                  label={`Across at point ${i + 1}`}
                  shown={formatRealMetric(realMm(2 * point.radiusMm))}
                  unit={unit}
                  sign="nonNegative"
                  onLength={(mm) => change(i, { ...point, radiusMm: mm / 2 })}
                />
              </td>
              <td>
                <LengthField
                  hideLabel
                  label={`Height of point ${i + 1}`}
                  shown={formatRealMetric(realMm(point.heightMm))}
                  unit={unit}
                  sign="nonNegative"
                  onLength={(mm) => change(i, { ...point, heightMm: mm })}
                />
              </td>
              <td>
                <button
                  type="button"
                  className="press-quiet"
                  onClick={() =>
                    set(
                      'form.profile',
                      [...profile.slice(0, i + 1), point, ...profile.slice(i + 1)],
                      'profile',
                    )
                  }
                >
                  another after
                </button>
                <button
                  type="button"
                  className="press-quiet"
                  disabled={profile.length <= 3}
                  onClick={() =>
                    set(
                      'form.profile',
                      profile.filter((_, j) => j !== i),
                      'profile',
                    )
                  }
                >
                  take out
                </button>
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </details>
  );
}
