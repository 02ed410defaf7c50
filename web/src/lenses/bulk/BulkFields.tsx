import type { ClayId, MixShare, Part } from '@every-inch/core/piece';
import { Choice } from '../../parts/Choice.tsx';
import { NumberField } from '../../parts/NumberField.tsx';
import { editAt, useAppDispatch, useOpenPiece } from '../../state/store.ts';

const NOT_CLAY = 'not-clay';

/** The clays of a part’s mix by parts of volume. */
function Mix({ part }: { readonly part: Part }) {
  const dispatch = useAppDispatch();
  const piece = useOpenPiece();
  const set = (mix: MixShare[]) => dispatch(editAt(`clay of ${part.name}`, ['parts', part.id, 'mix'], mix));
  const options = [
    { value: NOT_CLAY, says: part.mix.length > 1 ? 'take out of the mix' : 'not of clay' },
    ...piece.clays.map(({ id, name }) => ({ value: id as string, says: name })),
  ];
  const choose = (i: number, value: string) =>
    set(
      value === NOT_CLAY
        ? part.mix.filter((_, j) => j !== i)
        : part.mix.length === 0
          ? [{ clay: value as ClayId, parts: 1 }]
          : part.mix.map((one, j) => (j === i ? { ...one, clay: value as ClayId } : one)),
    );
  const unused = piece.clays.find(({ id }) => !part.mix.some(({ clay }) => clay === id));
  const rows: readonly (MixShare | null)[] = part.mix.length === 0 ? [null] : part.mix;
  return (
    <>
      {rows.map((one, i) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: the clays of a mix are known by their place
        <span key={i} className="flex items-end gap-2">
          <Choice
            label={i === 0 ? 'Clay' : 'and'}
            className="max-w-56"
            value={one?.clay ?? NOT_CLAY}
            options={options}
            onChoose={(value) => choose(i, value)}
          />
          {one && part.mix.length > 1 && (
            <NumberField
              label="parts"
              value={one.parts}
              min={0.01}
              className="w-12"
              onNumber={(parts) => set(part.mix.map((old, j) => (j === i ? { ...old, parts } : old)))}
            />
          )}
        </span>
      ))}
      {part.mix.length > 0 && unused && (
        <button
          type="button"
          className="press-quiet text-fired"
          onClick={() => set([...part.mix, { clay: unused.id, parts: 1 }])}
        >
          + mix in another
        </button>
      )}
    </>
  );
}

/** What the part is made of inside. */
export function BulkFields({ part }: { readonly part: Part }) {
  const dispatch = useAppDispatch();
  const { schools } = useOpenPiece().brief;
  const { core } = part;
  const set = (field: string, value: unknown, label: string) =>
    dispatch(editAt(`${label} of ${part.name}`, ['parts', part.id, 'core', field], value));
  return (
    <div className="flex flex-wrap items-end gap-x-5 gap-y-2">
      <Mix part={part} />
      {part.mix.length > 0 && (
        <>
          <Choice
            label="Core"
            value={core.kind}
            options={[
              { value: 'school', says: `as the piece: ${schools.core === 'foil' ? 'foil' : 'none'}` },
              { value: 'foil', says: 'foil' },
              { value: 'none', says: 'none' },
            ]}
            onChoose={(value) => set('kind', value, 'core')}
          />
          <NumberField
            label="Skin"
            value={core.skinMm}
            min={0.2}
            max={100}
            placeholder="usual"
            after="mm"
            className="w-14"
            onNumber={(value) => set('skinMm', value, 'skin')}
            onEmpty={() => set('skinMm', null, 'skin')}
          />
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
        </>
      )}
    </div>
  );
}
