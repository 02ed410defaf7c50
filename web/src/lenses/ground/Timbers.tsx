import { type TimberFacts, withTimber } from '@every-inch/core/ground';
import { LIMITS, setAt, type Timber, typedLimits } from '@every-inch/core/piece';
import { formatMiniMm, miniMm } from '@every-inch/core/units';
import { BinButton } from '../../parts/BinButton.tsx';
import { DrawingView } from '../../parts/DrawingView.tsx';
import { NumberField } from '../../parts/NumberField.tsx';
import { PrintTrue } from '../../parts/PrintTrue.tsx';
import { type Column, Table } from '../../parts/Table.tsx';
import { TextField } from '../../parts/TextField.tsx';
import { useAsk, useTold } from '../../spine/hooks.ts';
import { edit, editAt, useAppDispatch, useOpenPiece } from '../../state/store.ts';

type Field = keyof (typeof LIMITS)['timber'];

/** What is asked of each kind, with the unit that is written behind it. */
const FIELDS: Readonly<Record<Timber['kind'], readonly (readonly [Field, string, string?])[]>> = {
  fence: [
    ['lengthMm', 'Long, in life', 'mm'],
    ['heightMm', 'Posts high, in life', 'mm'],
    ['stepMm', 'From post to post at most, in life', 'mm'],
    ['rails', 'Rails in a bay'],
    ['palesMm', 'Pale to pale, in life', 'mm'],
    ['thickMm', 'Sticks thick, in life', 'mm'],
    ['stockMm', 'A stick is long', 'mm'],
    ['kerfMm', 'The saw takes', 'mm'],
  ],
  steps: [
    ['lengthMm', 'Wide, in life', 'mm'],
    ['heightMm', 'Climbs, in life', 'mm'],
    ['stepMm', 'A tread, in life', 'mm'],
    ['thickMm', 'Sticks thick, in life', 'mm'],
    ['stockMm', 'A stick is long', 'mm'],
    ['kerfMm', 'The saw takes', 'mm'],
  ],
};
const ORDER: Readonly<Record<Timber['kind'], string>> = {
  fence: 'Glue it up on the print: posts and rails of a bay, then the next bay; pales last.',
  steps: 'Glue it up on the print: one side, the treads from the foot up, then the other side.',
};

const mm = (value: number) => formatMiniMm(miniMm(value));
type Stick = TimberFacts['sticks'][number];
const COLUMNS: readonly Column<Stick>[] = [
  { id: 'says', title: 'piece', isHead: true, cell: ({ says }) => says },
  { id: 'count', title: 'how many', holds: 'figures', cell: ({ count }) => count },
  { id: 'long', title: 'long, mm', holds: 'figures', cell: ({ lengthMm }) => mm(lengthMm) },
  {
    id: 'ends',
    title: 'ends, from square',
    holds: 'figures',
    cell: ({ mitreDeg }) => (mitreDeg ? mitreDeg.map((deg) => `${deg.toFixed(0)}°`).join(' and ') : 'square'),
  },
];

function OneTimber({ timber, facts }: { readonly timber: Timber; readonly facts: TimberFacts | undefined }) {
  const dispatch = useAppDispatch();
  const drawing = useAsk('ground.timber', { id: timber.id });
  const path = ['timber', timber.id];
  return (
    <li className="border-b border-hair py-2">
      <div className="flex flex-wrap items-end gap-x-5 gap-y-2">
        <TextField
          label={timber.kind === 'fence' ? 'Fence' : 'Steps'}
          entry={[...path, 'name']}
          value={timber.name}
          className="w-32"
          onText={(name) => dispatch(editAt('name', [...path, 'name'], name === '' ? timber.kind : name))}
        />
        {FIELDS[timber.kind].map(([field, label, after]) => (
          <NumberField
            key={field}
            {...typedLimits(LIMITS.timber[field])}
            label={label}
            entry={[...path, field]}
            value={timber[field]}
            {...(after !== undefined && { after })}
            className="w-20"
            onNumber={(value) =>
              dispatch(edit(`${label} of ${timber.name}`, (piece) => setAt(piece, [...path, field], value)))
            }
          />
        ))}
        <BinButton
          label={`take ${timber.name} away`}
          onPress={() =>
            dispatch(
              edit(`${timber.name} taken away`, (piece) => ({
                ...piece,
                timber: piece.timber.filter(({ id }) => id !== timber.id),
              })),
            )
          }
        />
      </div>
      {facts && facts.sticks.length > 0 && (
        <Table
          label={`Cut list of ${timber.name}`}
          columns={COLUMNS}
          rows={facts.sticks}
          keyOf={({ says }) => says}
        />
      )}
      {drawing && (
        <>
          <DrawingView
            drawing={drawing}
            label={`${timber.name} as it is built`}
            className="mt-1 max-h-48 w-full max-w-xl"
          />
          <p className="mt-1 flex flex-wrap items-center gap-x-3 text-[13px] text-quiet">
            <PrintTrue drawing={drawing} name={timber.name} says="Print it to glue up on" />
            {ORDER[timber.kind]}
          </p>
        </>
      )}
    </li>
  );
}

/** Fences and steps, with what is cut for them. */
export function Timbers() {
  const dispatch = useAppDispatch();
  const { timber } = useOpenPiece();
  const built = useTold('ground.timber', null) ?? [];
  const add = (kind: Timber['kind']) =>
    dispatch(edit(kind === 'fence' ? 'fence' : 'steps', (piece) => withTimber(piece, kind)));
  return (
    <>
      {timber.length > 0 && (
        <ul>
          {timber.map((one) => (
            <OneTimber key={one.id} timber={one} facts={built.find(({ id }) => id === one.id)} />
          ))}
        </ul>
      )}
      <button type="button" className="press-quiet text-fired" onClick={() => add('fence')}>
        + a fence
      </button>
      <button type="button" className="press-quiet text-fired" onClick={() => add('steps')}>
        + a flight of steps
      </button>
    </>
  );
}
