import { type TimberFacts, withTimber } from '@every-inch/core/ground';
import {
  LIMITS,
  setAt,
  TIMBER_KINDS,
  type Timber,
  type TimberStuff,
  typedLimits,
} from '@every-inch/core/piece';
import { formatMiniMm, miniMm } from '@every-inch/core/units';
import { BinButton } from '../../parts/BinButton.tsx';
import { Choice } from '../../parts/Choice.tsx';
import { DrawingView } from '../../parts/DrawingView.tsx';
import { NumberField } from '../../parts/NumberField.tsx';
import { PrintTrue } from '../../parts/PrintTrue.tsx';
import { type Column, Table } from '../../parts/Table.tsx';
import { TextField } from '../../parts/TextField.tsx';
import { useAsk, useTold } from '../../spine/hooks.ts';
import { edit, editAt, useAppDispatch, useOpenPiece } from '../../state/store.ts';

type Field = keyof (typeof LIMITS)['timber'];

const STOCK = [
  ['stockMm', 'A stick is long', 'mm'],
  ['kerfMm', 'The saw takes', 'mm'],
] as const;
const THICK = ['thickMm', 'Sticks thick, in life', 'mm'] as const;
const LONG = ['lengthMm', 'Long, in life', 'mm'] as const;
const HIGH = ['heightMm', 'High, in life', 'mm'] as const;
const DEEP = ['palesMm', 'Front to back, in life', 'mm'] as const;

/** What is asked of each kind, with the unit that is written behind it. */
const FIELDS: Readonly<Record<Timber['kind'], readonly (readonly [Field, string, string?])[]>> = {
  fence: [
    LONG,
    ['heightMm', 'Posts high, in life', 'mm'],
    ['stepMm', 'From post to post at most, in life', 'mm'],
    ['rails', 'Rails in a bay'],
    ['palesMm', 'Pale to pale, in life', 'mm'],
    THICK,
    ...STOCK,
  ],
  steps: [
    ['lengthMm', 'Wide, in life', 'mm'],
    ['heightMm', 'Climbs, in life', 'mm'],
    ['stepMm', 'A tread, in life', 'mm'],
    THICK,
    ...STOCK,
  ],
  railing: [
    LONG,
    HIGH,
    ['stepMm', 'From post to post at most, in life', 'mm'],
    ['palesMm', 'Baluster to baluster at most, in life', 'mm'],
    ['rails', 'Rails, with the handrail'],
    THICK,
    ...STOCK,
  ],
  gate: [
    ['lengthMm', 'Wide, in life', 'mm'],
    HIGH,
    ['rails', 'Rails'],
    ['palesMm', 'Board to board, in life; 0 for none', 'mm'],
    THICK,
    ...STOCK,
  ],
  rack: [['lengthMm', 'Wide, in life', 'mm'], HIGH, DEEP, ['rails', 'Shelves'], THICK, ...STOCK],
  bench: [
    LONG,
    ['heightMm', 'Seat high, in life', 'mm'],
    DEEP,
    ['rails', 'Slats'],
    ['stepMm', 'From legs to legs at most, in life', 'mm'],
    THICK,
    ...STOCK,
  ],
  frame: [['lengthMm', 'Wide, in life', 'mm'], HIGH, THICK, ...STOCK],
  grid: [
    ['lengthMm', 'Wide, in life', 'mm'],
    HIGH,
    ['palesMm', 'Bar to bar at most, in life', 'mm'],
    ['rails', 'Level bars'],
    THICK,
    ...STOCK,
  ],
};
const KIND_SAYS: Readonly<Record<Timber['kind'], string>> = {
  fence: 'a fence',
  steps: 'a flight of steps',
  railing: 'a railing',
  gate: 'a gate',
  rack: 'a rack',
  bench: 'a bench',
  frame: 'a frame',
  grid: 'a grid of bars',
};
const LABELS: Readonly<Record<Timber['kind'], string>> = {
  fence: 'Fence',
  steps: 'Steps',
  railing: 'Railing',
  gate: 'Gate',
  rack: 'Rack',
  bench: 'Bench',
  frame: 'Frame',
  grid: 'Grid',
};
const STUFFS: readonly { readonly value: TimberStuff; readonly says: string }[] = [
  { value: 'wood', says: 'wood, glued' },
  { value: 'wire', says: 'wire, soldered' },
];
/** How it is put together on its print, step by step. */
const ORDER: Readonly<Record<Timber['kind'], string>> = {
  fence: 'posts and rails of a bay, then the next bay; pales last.',
  steps: 'one side, the treads from the foot up, then the other side.',
  railing: 'posts and lower rails, the balusters of a bay, the handrail over all of it last.',
  gate: 'stiles and rails square on the print, the brace, then the boards.',
  rack: 'two sides flat on the print, then the bearers between them, the ends of the shelves last.',
  bench: 'a pair of legs under each cross-piece, upright, then the slats over them.',
  frame: 'two corners apart, square, then both halves into one.',
  grid: 'level bars laid down first, upright bars into their halvings.',
};
const SOLDERING =
  'Solder in a draught of fresh air, on a tile; no solder with lead where hands or mouths go. ';

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
          label={LABELS[timber.kind]}
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
        <Choice
          label="Sticks of"
          value={timber.stuff}
          options={STUFFS}
          onChoose={(stuff) => dispatch(editAt(`stuff of ${timber.name}`, [...path, 'stuff'], stuff))}
        />
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
          keyOf={({ says, lengthMm }) => `${says} ${lengthMm}`}
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
            {timber.stuff === 'wire' && SOLDERING}
            {timber.stuff === 'wire' ? 'Solder' : 'Glue'} it up on the print: {ORDER[timber.kind]}
          </p>
        </>
      )}
    </li>
  );
}

/** What is built from sticks, with what is cut for it. */
export function Timbers() {
  const dispatch = useAppDispatch();
  const { timber } = useOpenPiece();
  const built = useTold('ground.timber', null) ?? [];
  const add = (kind: Timber['kind']) => dispatch(edit(KIND_SAYS[kind], (piece) => withTimber(piece, kind)));
  return (
    <>
      {timber.length > 0 && (
        <ul>
          {timber.map((one) => (
            <OneTimber key={one.id} timber={one} facts={built.find(({ id }) => id === one.id)} />
          ))}
        </ul>
      )}
      <p className="flex flex-wrap gap-x-4">
        {TIMBER_KINDS.map((kind) => (
          <button key={kind} type="button" className="press-quiet text-fired" onClick={() => add(kind)}>
            + {KIND_SAYS[kind]}
          </button>
        ))}
      </p>
    </>
  );
}
