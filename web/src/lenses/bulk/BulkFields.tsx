import { CORES } from '@every-inch/core/handbook';
import { CORE_CHOICES, LIMITS, type Part, typedLimits } from '@every-inch/core/piece';
import { Choice } from '../../parts/Choice.tsx';
import { NumberField } from '../../parts/NumberField.tsx';
import { StuffFields } from '../../parts/StuffFields.tsx';
import { editAt, useAppDispatch, useOfPiece } from '../../state/store.ts';
import { Mix } from './Mix.tsx';

/** What a kind of core is called. */
function coreSays(kind: string): string {
  return CORES.find(({ id }) => id === kind)?.title ?? 'none';
}

/** What the part is made of inside. */
export function BulkFields({ part }: { readonly part: Part }) {
  const dispatch = useAppDispatch();
  const schools = useOfPiece((piece) => piece.brief.schools);
  const { core } = part;
  const kind = core.kind === 'school' ? schools.core : core.kind;
  const set = (field: string, value: unknown, label: string) =>
    dispatch(editAt(`${label} of ${part.name}`, ['parts', part.id, 'core', field], value));
  return (
    <div className="flex flex-wrap items-end gap-x-5 gap-y-2">
      <Mix
        label="Clay"
        mix={part.mix}
        without="not of clay"
        onMix={(mix) => dispatch(editAt(`clay of ${part.name}`, ['parts', part.id, 'mix'], mix))}
      />
      {part.mix.length === 0 && (
        <StuffFields
          name={part.name}
          stuff={part.stuff}
          afterBake={part.afterBake}
          onStuff={(stuff) => dispatch(editAt(`stuff of ${part.name}`, ['parts', part.id, 'stuff'], stuff))}
          onAfter={(afterBake) =>
            dispatch(editAt(`when ${part.name} goes on`, ['parts', part.id, 'afterBake'], afterBake))
          }
        />
      )}
      {part.mix.length > 0 && (
        <>
          <Choice
            label="Core"
            value={core.kind}
            options={CORE_CHOICES.map((kind) => ({
              value: kind,
              says: kind === 'school' ? `as the piece: ${coreSays(schools.core)}` : coreSays(kind),
            }))}
            onChoose={(value) => set('kind', value, 'core')}
          />
          <NumberField
            {...typedLimits(LIMITS.coreChoice.skinMm)}
            entry={['parts', part.id, 'core', 'skinMm']}
            label="Skin"
            value={core.skinMm}
            placeholder="usual"
            after="mm"
            className="w-14"
            onNumber={(value) => set('skinMm', value, 'skin')}
            onEmpty={() => set('skinMm', null, 'skin')}
          />
          {kind === 'foil' && (
            <Choice
              label="Foil packed"
              value={core.packed}
              options={[
                { value: 'loose', says: 'loosely' },
                { value: 'balled', says: 'balled by hand' },
                { value: 'hammered', says: 'hammered hard' },
              ]}
              onChoose={(value) => set('packed', value, 'foil')}
            />
          )}
        </>
      )}
    </div>
  );
}
