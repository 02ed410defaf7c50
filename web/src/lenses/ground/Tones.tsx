import { type Cover, GROUND_MOST, LIMITS, newId, typedLimits } from '@every-inch/core/piece';
import { BinButton } from '../../parts/BinButton.tsx';
import { NumberField } from '../../parts/NumberField.tsx';
import { TextField } from '../../parts/TextField.tsx';
import { editAt, useAppDispatch } from '../../state/store.ts';

/** Names that tones are given before the maker names them, from the darkest. */
const NAMES = ['dark', 'middle', 'light'];

/** The tones a cover is mixed from, by parts. */
export function Tones({ cover: { id, name, tones } }: { readonly cover: Cover }) {
  const dispatch = useAppDispatch();
  const path = ['covers', id, 'tones'];
  const put = (label: string, next: Cover['tones']) => dispatch(editAt(`${label} of ${name}`, path, next));
  const add = () => {
    const one = (k: number) => ({ id: newId('tone'), name: NAMES[k] ?? `tone ${k + 1}`, parts: 1 });
    // One tone alone is no mix.
    put('tones', tones.length === 0 ? [one(0), one(1)] : [...tones, one(tones.length)]);
  };
  return (
    <div className="w-full">
      {tones.length > 0 && (
        <ul aria-label={`Tones of ${name}`} className="flex flex-wrap gap-x-6 gap-y-1">
          {tones.map((tone) => (
            <li key={tone.id} className="flex items-end gap-2">
              <NumberField
                {...typedLimits(LIMITS.tone.parts)}
                hideLabel
                label={`Parts of ${tone.name}`}
                entry={[...path, tone.id, 'parts']}
                value={tone.parts}
                after="parts"
                className="w-12"
                onNumber={(parts) =>
                  dispatch(editAt(`parts of ${tone.name}`, [...path, tone.id, 'parts'], parts))
                }
              />
              <TextField
                hideLabel
                label={`Name of ${tone.name}`}
                value={tone.name}
                className="w-24"
                onText={(text) =>
                  text.trim() !== '' && dispatch(editAt('name of a tone', [...path, tone.id, 'name'], text))
                }
              />
              <BinButton
                label={`no ${tone.name} in ${name}`}
                onPress={() =>
                  put(
                    'tones',
                    tones.filter((other) => other.id !== tone.id),
                  )
                }
              />
            </li>
          ))}
        </ul>
      )}
      {tones.length < GROUND_MOST.tones && (
        <button type="button" className="press-quiet text-fired" onClick={add}>
          {tones.length === 0 ? `+ mix ${name} from tones` : '+ a tone'}
        </button>
      )}
    </div>
  );
}
