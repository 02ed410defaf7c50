import { withHeap } from '@every-inch/core/ground';
import {
  HEAP_STUFFS,
  type Heap,
  type HeapStuff,
  LIMITS,
  SKIN_STUFFS,
  type SkinStuff,
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

const OF_SAYS: Readonly<Record<HeapStuff, string>> = {
  foam: 'sheets of foam',
  card: 'sheets of card',
  cork: 'sheets of cork',
  foil: 'crumpled foil',
  plaster: 'plaster',
  paste: 'terrain paste',
};
const SKIN_SAYS: Readonly<Record<SkinStuff, string>> = {
  none: 'nothing',
  plaster: 'plaster',
  'fibre-plaster': 'fibre plaster',
  paste: 'terrain paste',
};
const OFS = HEAP_STUFFS.map((value) => ({ value, says: OF_SAYS[value] }));
const SKINS = SKIN_STUFFS.map((value) => ({ value, says: SKIN_SAYS[value] }));
const SHEETS: readonly HeapStuff[] = ['foam', 'card', 'cork'];

function Rise({ heap }: { readonly heap: Heap }) {
  const dispatch = useAppDispatch();
  const set = (field: keyof Heap, value: unknown, what: string) =>
    dispatch(editAt(`${what} of ${heap.name}`, ['heaps', heap.id, field], value));
  const isSheets = SHEETS.includes(heap.of);
  const drawing = useAsk('ground.layers', isSheets ? { id: heap.id } : null);
  const number = (
    field: 'heightMm' | 'slopeDeg' | 'skinMm' | 'sheetMm' | 'stockWideMm' | 'stockHighMm',
    label: string,
    after: string,
  ) => (
    <NumberField
      {...typedLimits(LIMITS.heap[field])}
      label={label}
      entry={['heaps', heap.id, field]}
      value={heap[field]}
      after={after}
      className="w-16"
      onNumber={(value) => set(field, value, label)}
    />
  );
  return (
    <li className="flex flex-wrap items-end gap-x-5 gap-y-2 border-b border-hair py-2">
      <TextField
        label="Rise"
        entry={['heaps', heap.id, 'name']}
        value={heap.name}
        className="w-32"
        onText={(name) => set('name', name === '' ? 'rise' : name, 'name')}
      />
      {number('heightMm', 'High', 'mm')}
      {number('slopeDeg', 'Its sides', '°')}
      <Choice label="Built of" value={heap.of} options={OFS} onChoose={(of) => set('of', of, 'stuff')} />
      {isSheets && number('sheetMm', 'One sheet', 'mm')}
      {isSheets && number('stockWideMm', 'Sheets sold, wide', 'mm')}
      {isSheets && number('stockHighMm', 'Sheets sold, high', 'mm')}
      <Choice
        label="Over it"
        value={heap.skin}
        options={SKINS}
        onChoose={(skin) => set('skin', skin, 'skin')}
      />
      {heap.skin !== 'none' && number('skinMm', 'So thick', 'mm')}
      <AreaFields kind="heaps" area={heap} />
      <BinButton
        label={`take ${heap.name} away`}
        onPress={() =>
          dispatch(
            edit(`${heap.name} taken away`, (piece) => ({
              ...piece,
              heaps: piece.heaps.filter(({ id }) => id !== heap.id),
            })),
          )
        }
      />
      {drawing && (
        <div className="w-full">
          <DrawingView
            drawing={drawing}
            label={`Templates of ${heap.name} on their sheets`}
            className="mt-1 max-h-56 w-full max-w-xl"
          />
          <PrintTrue drawing={drawing} name={`${heap.name}, templates`} says="Print its templates" />
        </div>
      )}
    </li>
  );
}

/** Rises of the ground: a rough outline on the plan and a height are enough. */
export function Rises({ onPick }: { readonly onPick: (id: string) => void }) {
  const dispatch = useAppDispatch();
  const { heaps } = useOpenPiece();
  const add = () => {
    let made = '';
    dispatch(
      edit('rise', (piece) => {
        const next = withHeap(piece);
        made = next.id;
        return next.piece;
      }),
    );
    onPick(made);
  };
  return (
    <>
      {heaps.length > 0 && (
        <ul>
          {heaps.map((heap) => (
            <Rise key={heap.id} heap={heap} />
          ))}
        </ul>
      )}
      <button type="button" className="press-quiet text-fired" onClick={add}>
        + a rise, a bank, a wall of ground
      </button>
    </>
  );
}
