import { withEye } from '@every-inch/core/ground';
import { type Eye, LIMITS, typedLimits } from '@every-inch/core/piece';
import { BinButton } from '../../parts/BinButton.tsx';
import { DrawingView } from '../../parts/DrawingView.tsx';
import { NumberField } from '../../parts/NumberField.tsx';
import { TextField } from '../../parts/TextField.tsx';
import { useAsk } from '../../spine/hooks.ts';
import { edit, editAt, useAppDispatch, useOpenPiece } from '../../state/store.ts';

interface EyeProps {
  readonly eye: Eye;
  readonly picked: string | null;
  readonly onPick: (id: string) => void;
}

function OneEye({ eye, picked, onPick }: EyeProps) {
  const dispatch = useAppDispatch();
  const view = useAsk('ground.view', { id: eye.id });
  const set = (field: keyof Eye, value: unknown, what: string) =>
    dispatch(editAt(`${what} of ${eye.name}`, ['eyes', eye.id, field], value));
  const number = (field: 'fromDeg' | 'heightMm' | 'awayMm', label: string, after: string) => (
    <NumberField
      {...typedLimits(LIMITS.eye[field])}
      label={label}
      entry={['eyes', eye.id, field]}
      value={eye[field]}
      after={after}
      className="w-16"
      onNumber={(value) => set(field, value, label)}
    />
  );
  return (
    <li className="border-b border-hair py-2">
      <div className="flex flex-wrap items-end gap-x-5 gap-y-2">
        <TextField
          label="Seen from"
          entry={['eyes', eye.id, 'name']}
          value={eye.name}
          className="w-32"
          onText={(name) => set('name', name === '' ? 'an eye' : name, 'name')}
        />
        {number('fromDeg', 'Round from the front', '°')}
        {number('heightMm', 'The eye above the base', 'mm')}
        {number('awayMm', 'Away', 'mm')}
        <BinButton
          label={`no eye at ${eye.name}`}
          onPress={() =>
            dispatch(
              edit(`${eye.name} taken away`, (piece) => ({
                ...piece,
                eyes: piece.eyes.filter(({ id }) => id !== eye.id),
              })),
            )
          }
        />
      </div>
      {view && (
        <>
          <DrawingView
            drawing={view}
            label={`Seen from ${eye.name}`}
            className="mt-1 max-h-56 w-full max-w-xl"
            picked={picked}
            onPick={onPick}
          />
          <p className="text-[13px] text-quiet">
            As from afar. Dashed: hidden by what is nearer. Empty: more than half hidden.
          </p>
        </>
      )}
    </li>
  );
}

/** Where it is looked at from, and what is hidden from there. */
export function Eyes({ picked, onPick }: Omit<EyeProps, 'eye'>) {
  const dispatch = useAppDispatch();
  const { eyes } = useOpenPiece();
  return (
    <>
      {eyes.length > 0 && (
        <ul>
          {eyes.map((eye) => (
            <OneEye key={eye.id} eye={eye} picked={picked} onPick={onPick} />
          ))}
        </ul>
      )}
      <button
        type="button"
        className="press-quiet text-fired"
        onClick={() => dispatch(edit('an eye', withEye))}
      >
        + look at it from another side
      </button>
    </>
  );
}
