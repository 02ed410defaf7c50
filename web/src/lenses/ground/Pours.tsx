import { withPour } from '@every-inch/core/ground';
import {
  DEFAULT_TINT,
  LIMITS,
  POUR_STUFFS,
  type Pour,
  type PourStuff,
  typedLimits,
} from '@every-inch/core/piece';
import { BinButton } from '../../parts/BinButton.tsx';
import { Choice } from '../../parts/Choice.tsx';
import { DrawingView } from '../../parts/DrawingView.tsx';
import { NumberField } from '../../parts/NumberField.tsx';
import { PrintTrue } from '../../parts/PrintTrue.tsx';
import { TextField } from '../../parts/TextField.tsx';
import { useAsk } from '../../spine/hooks.ts';
import { edit, editAt, useAppDispatch, useOpenPiece } from '../../state/store.ts';
import { AreaFields } from './AreaFields.tsx';

const OF_SAYS: Readonly<Record<PourStuff, string>> = {
  resin: 'clear resin',
  glue: 'clear glue, in thin coats',
  gel: 'gel medium',
  sealer: 'water-based sealer',
};
const OFS = POUR_STUFFS.map((value) => ({ value, says: OF_SAYS[value] }));

const CARE: Readonly<Record<PourStuff, string>> = {
  resin: 'Gloves and open windows with raw resin; mix by the packet, seal the bed first, try it with water.',
  glue: 'Each coat clear before the next one: what is poured deep stays milky.',
  gel: 'Push it about with a damp brush; it does not level by itself.',
  sealer: 'Only as a film: deeper than 2 mm in all it stays white.',
};

function OnePour({ pour }: { readonly pour: Pour }) {
  const dispatch = useAppDispatch();
  const section = useAsk('ground.section', { id: pour.id });
  const set = (field: keyof Pour, value: unknown, what: string) =>
    dispatch(editAt(`${what} of ${pour.name}`, ['pours', pour.id, field], value));
  const number = (field: 'deepMm' | 'lowMm' | 'bankDeg', label: string, after: string) => (
    <NumberField
      {...typedLimits(LIMITS.pour[field])}
      label={label}
      entry={['pours', pour.id, field]}
      value={pour[field]}
      after={after}
      className="w-16"
      onNumber={(value) => set(field, value, label)}
    />
  );
  return (
    <li className="border-b border-hair py-2">
      <div className="flex flex-wrap items-end gap-x-5 gap-y-2">
        <TextField
          label="Pour"
          entry={['pours', pour.id, 'name']}
          value={pour.name}
          className="w-32"
          onText={(name) => set('name', name === '' ? 'pour' : name, 'name')}
        />
        <Choice label="Of" value={pour.of} options={OFS} onChoose={(of) => set('of', of, 'stuff')} />
        {number('deepMm', 'Bed under the rim', 'mm')}
        {number('lowMm', 'Level under the rim', 'mm')}
        {number('bankDeg', 'Its banks', '°')}
        <AreaFields kind="pours" area={pour} />
        <BinButton
          label={`take ${pour.name} away`}
          onPress={() =>
            dispatch(
              edit(`${pour.name} taken away`, (piece) => ({
                ...piece,
                pours: piece.pours.filter(({ id }) => id !== pour.id),
              })),
            )
          }
        />
      </div>
      <TintFields pour={pour} />
      {section && (
        <>
          <DrawingView
            drawing={section}
            label={`${pour.name} in section`}
            className="mt-1 max-h-32 w-full max-w-2xl"
          />
          <PrintTrue drawing={section} name={`${pour.name}, section`} says="Print its section" />
        </>
      )}
      <p className="mt-1 text-[13px] text-quiet">{CARE[pour.of]}</p>
    </li>
  );
}

const TINTS = [
  ['testMl', 'One drop, stirred into', 'ml'],
  ['testGoneMm', 'A mark under it was gone at', 'mm'],
  ['goneMm', 'The bed is to be gone at', 'mm'],
] as const;

/** Colour of a pour, from one drop that was tried. */
function TintFields({ pour }: { readonly pour: Pour }) {
  const dispatch = useAppDispatch();
  const path = ['pours', pour.id, 'tint'];
  const { tint } = pour;
  if (!tint)
    return (
      <button
        type="button"
        className="press-quiet text-fired"
        onClick={() => dispatch(editAt(`colour of ${pour.name}`, path, DEFAULT_TINT))}
      >
        + colour it
      </button>
    );
  return (
    <div className="mt-2 flex flex-wrap items-end gap-x-5 gap-y-2">
      {TINTS.map(([field, label, after]) => (
        <NumberField
          key={field}
          {...typedLimits(LIMITS.tint[field])}
          label={label}
          entry={[...path, field]}
          value={tint[field]}
          after={after}
          className="w-16"
          onNumber={(value) => dispatch(editAt(`${label} of ${pour.name}`, [...path, field], value))}
        />
      ))}
      <BinButton
        label={`${pour.name} clear`}
        onPress={() => dispatch(editAt(`${pour.name} clear`, path, null))}
      />
    </div>
  );
}

/** Hollows that are filled. */
export function Pours({ onPick }: { readonly onPick: (id: string) => void }) {
  const dispatch = useAppDispatch();
  const { pours } = useOpenPiece();
  const add = () => {
    let made = '';
    dispatch(
      edit('pour', (piece) => {
        const next = withPour(piece);
        made = next.id;
        return next.piece;
      }),
    );
    onPick(made);
  };
  return (
    <>
      {pours.length > 0 && (
        <ul>
          {pours.map((pour) => (
            <OnePour key={pour.id} pour={pour} />
          ))}
        </ul>
      )}
      <button type="button" className="press-quiet text-fired" onClick={add}>
        + a pond, a stream, a sheet of ice
      </button>
    </>
  );
}
