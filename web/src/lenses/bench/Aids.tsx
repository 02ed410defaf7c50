import { STUFFS } from '@every-inch/core/handbook';
import {
  AID_KINDS,
  type Aid,
  DEFAULT_AID,
  LIMITS,
  newId,
  SEPARATORS,
  typedLimits,
} from '@every-inch/core/piece';
import { AIDS, aidStuff, judgeAid, SEPARATOR_SAYS } from '@every-inch/core/route';
import { BinButton } from '../../parts/BinButton.tsx';
import { Choice } from '../../parts/Choice.tsx';
import { NumberField } from '../../parts/NumberField.tsx';
import { Section } from '../../parts/Sections.tsx';
import { TextField } from '../../parts/TextField.tsx';
import { VerdictLine } from '../../parts/VerdictLine.tsx';
import { useRouteFacts } from '../../spine/hooks.ts';
import { edit, editAt, selectPart, useAppDispatch, useAppSelector, useOpenPiece } from '../../state/store.ts';

const KINDS = AID_KINDS.map((value) => ({ value, says: AIDS[value].title }));
const SEPARATED = SEPARATORS.map((value) => ({ value, says: SEPARATOR_SAYS[value] }));
const STUFF_CHOICES = STUFFS.map(({ id, title }) => ({ value: id, says: title }));
const ALL = '';

function AidRow({ aid }: { readonly aid: Aid }) {
  const dispatch = useAppDispatch();
  const piece = useOpenPiece();
  const { route } = useRouteFacts();
  const set = <K extends keyof Aid>(field: K, value: Aid[K]) =>
    dispatch(editAt(`${field} of ${aid.name}`, ['aids', aid.id, field], value));
  // A name that was never changed follows the kind.
  const putKind = (kind: Aid['kind']) =>
    dispatch(
      editAt(`kind of ${aid.name}`, ['aids', aid.id], {
        ...aid,
        kind,
        name: aid.name === AIDS[aid.kind].title ? AIDS[kind].title : aid.name,
      }),
    );
  const steps = route.steps.map(({ id, title }) => ({ value: id, says: title }));
  const verdict = judgeAid(aid, route.steps);
  const there = (id: string) => (steps.some(({ value }) => value === id) ? id : '');
  return (
    <li className="border-t border-hair py-2">
      <div className="flex flex-wrap items-end gap-x-4 gap-y-2">
        <TextField
          label="What it is"
          className="w-40"
          value={aid.name}
          onText={(text) => text.trim() !== '' && set('name', text.slice(0, 200))}
        />
        <Choice label="Kind" value={aid.kind} options={KINDS} onChoose={putKind} />
        <Choice
          label="Helps"
          value={aid.parts[0] ?? ALL}
          options={[
            { value: ALL, says: 'the whole piece' },
            ...piece.parts.map(({ id, name }) => ({ value: id as string, says: name })),
          ]}
          onChoose={(value) =>
            set(
              'parts',
              piece.parts.flatMap(({ id }) => (id === value ? [id] : [])),
            )
          }
        />
        <Choice
          label="Put on before"
          className="max-w-48"
          value={there(aid.on)}
          options={[{ value: '', says: 'the first step' }, ...steps]}
          onChoose={(on) => set('on', on)}
        />
        <Choice
          label="Taken off before"
          className="max-w-48"
          value={there(aid.off)}
          options={[{ value: '', says: 'never: it stays' }, ...steps]}
          onChoose={(off) => set('off', off)}
        />
        <Choice
          label="Between it and the clay"
          value={aid.separator}
          options={SEPARATED}
          onChoose={(separator) => set('separator', separator)}
        />
        <Choice
          label="It is of"
          className="max-w-40"
          value={aidStuff(aid)}
          options={STUFF_CHOICES}
          onChoose={(stuff) => set('stuff', stuff)}
        />
        <NumberField
          {...typedLimits(LIMITS.aid.addsMm)}
          label="Adds to its height in the oven"
          entry={['aids', aid.id, 'addsMm']}
          value={aid.addsMm}
          after="mm"
          className="w-16"
          onNumber={(addsMm) => set('addsMm', addsMm)}
        />
        <BinButton
          label={`Take ${aid.name} out`}
          onPress={() =>
            dispatch(
              edit(`take ${aid.name} out`, (old) => ({
                ...old,
                aids: old.aids.filter(({ id }) => id !== aid.id),
              })),
            )
          }
        />
      </div>
      <VerdictLine verdict={{ ...verdict, wording: 'state' }} />
    </li>
  );
}

/** What helps for a while: put on before a step and taken off before another. */
export function Aids() {
  const dispatch = useAppDispatch();
  const { aids } = useOpenPiece();
  const part = useAppSelector(selectPart);
  const add = () => {
    const aid: Aid = {
      ...DEFAULT_AID,
      id: newId('aid'),
      name: AIDS[DEFAULT_AID.kind].title,
      parts: part ? [part.id] : [],
    };
    dispatch(edit(`add ${aid.name}`, (old) => ({ ...old, aids: [...old.aids, aid] })));
  };
  return (
    <Section id="aids" title="Aids for a while" startsClosed={aids.length === 0} edits={['aids']}>
      <ul>
        {aids.map((aid) => (
          <AidRow key={aid.id} aid={aid} />
        ))}
      </ul>
      <button type="button" className="press-quiet text-fired" onClick={add}>
        + An aid
      </button>
    </Section>
  );
}
