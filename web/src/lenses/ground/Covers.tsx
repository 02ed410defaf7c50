import { withCover } from '@every-inch/core/ground';
import { COVER_STUFFS, type Cover, type CoverStuff, LIMITS, typedLimits } from '@every-inch/core/piece';
import { BinButton } from '../../parts/BinButton.tsx';
import { Choice } from '../../parts/Choice.tsx';
import { NumberField } from '../../parts/NumberField.tsx';
import { TextField } from '../../parts/TextField.tsx';
import { edit, editAt, useAppDispatch, useOpenPiece } from '../../state/store.ts';
import { AreaFields } from './AreaFields.tsx';
import { Tones } from './Tones.tsx';

const OF_SAYS: Readonly<Record<CoverStuff, string>> = {
  earth: 'earth and grout',
  sand: 'sand',
  stones: 'small stones',
  turf: 'turf of ground foam',
  grass: 'standing grass fibres',
  litter: 'leaf litter',
  snow: 'snow',
  moss: 'dried moss',
};
const OFS = COVER_STUFFS.map((value) => ({ value, says: OF_SAYS[value] }));

function OneCover({ cover }: { readonly cover: Cover }) {
  const dispatch = useAppDispatch();
  const set = (field: keyof Cover, value: unknown, what: string) =>
    dispatch(editAt(`${what} of ${cover.name}`, ['covers', cover.id, field], value));
  return (
    <li className="flex flex-wrap items-end gap-x-5 gap-y-2 border-b border-hair py-2">
      <TextField
        label="Cover"
        entry={['covers', cover.id, 'name']}
        value={cover.name}
        className="w-40"
        onText={(name) => set('name', name === '' ? 'cover' : name, 'name')}
      />
      <Choice label="With" value={cover.of} options={OFS} onChoose={(of) => set('of', of, 'stuff')} />
      <NumberField
        {...typedLimits(LIMITS.cover.deepMm)}
        label={cover.of === 'grass' ? 'Fibres, long' : 'Deep'}
        entry={['covers', cover.id, 'deepMm']}
        value={cover.deepMm}
        after="mm"
        className="w-16"
        onNumber={(mm) => set('deepMm', mm, 'depth')}
      />
      <AreaFields kind="covers" area={cover} />
      <BinButton
        label={`take ${cover.name} away`}
        onPress={() =>
          dispatch(
            edit(`${cover.name} taken away`, (piece) => ({
              ...piece,
              covers: piece.covers.filter(({ id }) => id !== cover.id),
            })),
          )
        }
      />
      <Tones cover={cover} />
    </li>
  );
}

/** What covers the ground, by its outline on the plan. */
export function Covers({ onPick }: { readonly onPick: (id: string) => void }) {
  const dispatch = useAppDispatch();
  const { covers } = useOpenPiece();
  const add = () => {
    let made = '';
    dispatch(
      edit('cover', (piece) => {
        const next = withCover(piece);
        made = next.id;
        return next.piece;
      }),
    );
    onPick(made);
  };
  return (
    <>
      {covers.length > 0 && (
        <>
          <ul>
            {covers.map((cover) => (
              <OneCover key={cover.id} cover={cover} />
            ))}
          </ul>
          <p className="mt-1 text-[13px] text-quiet">
            Large before small, dark before light; a mask over dust and fibres. What stands there and water
            are left out.
          </p>
        </>
      )}
      <button type="button" className="press-quiet text-fired" onClick={add}>
        + earth, turf, stones, snow; a path, a bed, a hedge
      </button>
    </>
  );
}
