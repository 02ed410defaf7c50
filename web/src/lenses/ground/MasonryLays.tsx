import { usualUnit, withMasonry, withOpening } from '@every-inch/core/ground';
import {
  BONDS,
  type Bond,
  LIMITS,
  type Masonry,
  type MasonryOpening,
  OPENING_HEADS,
  type OpeningHead,
  type Part,
  setAt,
  typedLimits,
} from '@every-inch/core/piece';
import { BinButton } from '../../parts/BinButton.tsx';
import { Choice } from '../../parts/Choice.tsx';
import { DrawingView } from '../../parts/DrawingView.tsx';
import { NumberField } from '../../parts/NumberField.tsx';
import { PrintTrue } from '../../parts/PrintTrue.tsx';
import { useAsk, useRatio } from '../../spine/hooks.ts';
import { edit, editAt, useAppDispatch, useOpenPiece } from '../../state/store.ts';

const BOND_SAYS: Readonly<Record<Bond, string>> = {
  stretcher: 'stretcher bond',
  header: 'header bond',
  english: 'English bond',
  flemish: 'Flemish bond',
  stack: 'stack bond',
  planks: 'planks',
  checker: 'checker floor',
  basket: 'basket weave',
  herringbone: 'herringbone',
  rubble: 'random rubble',
  ashlar: 'squared stones',
  cobbles: 'cobbles',
  crazy: 'crazy paving',
};
const BOND_OPTIONS = BONDS.map((value) => ({ value, says: BOND_SAYS[value] }));

/** Stones that lie another way for another seed. */
const BY_SEED: readonly Bond[] = ['rubble', 'ashlar', 'cobbles', 'crazy'];
/** Courses that stones of the corners go with. */
const ON_WALLS: readonly Bond[] = ['stretcher', 'header', 'english', 'flemish', 'stack', 'rubble', 'ashlar'];

const MOST_SEED = LIMITS.masonry.seed.max;

interface OpeningProps {
  readonly lay: Masonry;
  readonly opening: MasonryOpening;
  readonly number: number;
}

const BRICKS: readonly Bond[] = ['stretcher', 'header', 'english', 'flemish', 'stack'];

const HEAD_SAYS: Readonly<Record<OpeningHead, string>> = { arch: 'round arch', lintel: 'lintel' };
const HEADS = OPENING_HEADS.map((value) => ({ value, says: HEAD_SAYS[value] }));
const SIDES = [
  ['middleMm', 'Middle from the left'],
  ['sillMm', 'Foot up'],
  ['widthMm', 'Wide'],
  ['heightMm', 'High'],
] as const;

/** An opening that the courses go round, and what carries them over it. */
function Opening({ lay, opening, number }: OpeningProps) {
  const dispatch = useAppDispatch();
  const path = ['masonry', lay.id, 'openings', opening.id];
  return (
    <li aria-label={`Opening ${number}`} className="flex flex-wrap items-end gap-x-5 gap-y-2 py-1">
      <Choice
        label={`Opening ${number}, under a`}
        value={opening.head}
        options={HEADS}
        onChoose={(head) => dispatch(editAt(`opening ${number}`, [...path, 'head'], head))}
      />
      {SIDES.map(([field, label]) => (
        <NumberField
          key={field}
          {...typedLimits(LIMITS.masonryOpening[field])}
          label={`${label}, in life`}
          entry={[...path, field]}
          value={opening[field]}
          after="mm"
          className="w-20"
          onNumber={(value) => dispatch(editAt(`opening ${number}, ${label}`, [...path, field], value))}
        />
      ))}
      <BinButton
        label={`no opening ${number}`}
        onPress={() =>
          dispatch(
            editAt(
              `no opening ${number}`,
              ['masonry', lay.id, 'openings'],
              lay.openings.filter(({ id }) => id !== opening.id),
            ),
          )
        }
      />
    </li>
  );
}

function Lay({ lay, name }: { readonly lay: Masonry; readonly name: string }) {
  const dispatch = useAppDispatch();
  const faces = useAsk('ground.faces', { part: lay.part }) ?? [];
  const ratio = useRatio();
  const drawing = useAsk('ground.masonry', { id: lay.id });
  const on = faces.find(({ key }) => key === lay.on);
  const face = on?.says ?? 'a face';
  const options = faces.map(({ key, says }) => ({ value: key, says }));
  const known = options.some(({ value }) => value === lay.on);
  const set = (field: keyof Masonry, value: unknown, what: string) =>
    dispatch(editAt(`${what} on ${name}`, ['masonry', lay.id, field], value));
  const choose = (bond: Bond) => {
    // Bricks stay as large as they were told; another kind begins with its own usual size.
    const isSame = BRICKS.includes(bond) && BRICKS.includes(lay.bond);
    dispatch(
      edit(`bond on ${name}`, (piece) =>
        setAt(piece, ['masonry', lay.id], { ...lay, bond, ...(isSame ? {} : usualUnit(bond, piece.scale)) }),
      ),
    );
  };
  const number = (
    field: 'unitLengthMm' | 'unitHeightMm' | 'jointMm' | 'wornMm' | 'quoinMm',
    label: string,
  ) => (
    <NumberField
      {...typedLimits(LIMITS.masonry[field])}
      label={label}
      entry={['masonry', lay.id, field]}
      value={lay[field]}
      after="mm"
      className="w-20"
      onNumber={(value) => set(field, value, label)}
    />
  );
  return (
    <li className="border-b border-hair py-2">
      <div className="flex flex-wrap items-end gap-x-5 gap-y-2">
        <Choice
          label={`On ${name}`}
          value={lay.on}
          options={known ? options : [{ value: lay.on, says: 'choose a face' }, ...options]}
          onChoose={(on) => set('on', on, 'face')}
        />
        <Choice label="Laid in" value={lay.bond} options={BOND_OPTIONS} onChoose={choose} />
        {number('unitLengthMm', 'Long, in life')}
        <NumberField
          min={0.1}
          label="Long, on the bench"
          value={Math.round((100 * lay.unitLengthMm) / ratio) / 100}
          after="mm"
          className="w-16"
          onNumber={(mm) => set('unitLengthMm', Math.round(mm * ratio * 10) / 10, 'length on the bench')}
        />
        {number('unitHeightMm', BRICKS.includes(lay.bond) ? 'High, in life' : 'Wide, in life')}
        {number('jointMm', 'Joint, in life')}
        {number('wornMm', 'Corners worn by, in life')}
        {ON_WALLS.includes(lay.bond) && number('quoinMm', 'Corner stones long, in life')}
        {(BY_SEED.includes(lay.bond) || lay.wornMm > 0) && (
          <button
            type="button"
            className="press-quiet text-fired"
            onClick={() => set('seed', (lay.seed % MOST_SEED) + 1, 'another lie')}
          >
            lay them another way
          </button>
        )}
        <BinButton
          label={`nothing laid on ${face}`}
          onPress={() =>
            dispatch(
              edit(`nothing laid on ${name}`, (piece) => ({
                ...piece,
                masonry: piece.masonry.filter(({ id }) => id !== lay.id),
              })),
            )
          }
        />
      </div>
      {lay.openings.length > 0 && (
        <ul>
          {lay.openings.map((opening, i) => (
            <Opening key={opening.id} lay={lay} opening={opening} number={i + 1} />
          ))}
        </ul>
      )}
      {on && ON_WALLS.includes(lay.bond) && (
        <button
          type="button"
          className="press-quiet text-fired"
          onClick={() => dispatch(edit(`opening in ${name}`, (piece) => withOpening(piece, lay.id, on)))}
        >
          + an opening under an arch or a lintel
        </button>
      )}
      {drawing && (
        <>
          <DrawingView
            drawing={drawing}
            label={`Masonry on ${name}`}
            className="mt-1 max-h-56 w-full max-w-2xl"
          />
          <p className="mt-1 flex flex-wrap items-center gap-x-3">
            <PrintTrue drawing={drawing} name={`${name}, ${face}`} says="Print the lines to score by" />
          </p>
        </>
      )}
    </li>
  );
}

/** Bricks, planks and tiles on the faces of parts. */
export function MasonryLays({ part }: { readonly part: Part | null }) {
  const dispatch = useAppDispatch();
  const { masonry, parts, board } = useOpenPiece();
  const faces = useAsk('ground.faces', part ? { part: part.id } : null) ?? [];
  const [first] = faces;
  const nameOf = (id: string | null) =>
    id === null ? 'the base' : (parts.find((one) => one.id === id)?.name ?? id);
  return (
    <>
      {masonry.length > 0 && (
        <ul>
          {masonry.map((lay) => (
            <Lay key={lay.id} lay={lay} name={nameOf(lay.part)} />
          ))}
        </ul>
      )}
      {board && (
        <p>
          <button
            type="button"
            className="press-quiet text-fired"
            onClick={() =>
              dispatch(edit('stones on the base', (piece) => withMasonry(piece, null, 'top', 'cobbles')))
            }
          >
            + cobbles, slabs or planks on the base
          </button>
        </p>
      )}
      {part && first ? (
        <button
          type="button"
          className="press-quiet text-fired"
          onClick={() =>
            dispatch(edit(`masonry on ${part.name}`, (piece) => withMasonry(piece, part.id, first.key)))
          }
        >
          + bricks, stones, planks or tiles on {part.name}
        </button>
      ) : (
        <p className="text-[13px] text-quiet">
          {part
            ? `${part.name} has no flat face: choose a block, a panel-built thing, an outline or an upright cylinder.`
            : 'Choose a part to lay courses on.'}
        </p>
      )}
    </>
  );
}
