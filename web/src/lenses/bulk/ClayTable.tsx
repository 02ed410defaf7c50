import { CLAYS, type ClayFamily, clayFamily } from '@every-inch/core/handbook';
import {
  addClay,
  type Clay,
  type ClayId,
  DEFAULT_CLAY,
  LIMITS,
  newId,
  removeClay,
  typedLimits,
} from '@every-inch/core/piece';
import { formatQuantity } from '@every-inch/core/reckoning';
import { celsius, fromFahrenheit, toFahrenheit } from '@every-inch/core/units';
import { Choice } from '../../parts/Choice.tsx';
import { NumberField } from '../../parts/NumberField.tsx';
import { Section } from '../../parts/Sections.tsx';
import { type Column, Table } from '../../parts/Table.tsx';
import { TextField } from '../../parts/TextField.tsx';
import { Working } from '../../parts/Working.tsx';
import { useFigure, useFind } from '../../spine/hooks.ts';
import { edit, editAt, useAppDispatch, useOfPiece, useOpenPiece } from '../../state/store.ts';

function Packet({ clay }: { readonly clay: Clay }) {
  const dispatch = useAppDispatch();
  const { bake } = clayFamily(clay.family);
  const set = (packet: Clay['packet']) =>
    dispatch(editAt(`packet of ${clay.name}`, ['clays', clay.id, 'packet'], packet));
  const { packet } = clay;
  if (!packet) {
    if (!bake) return <p className="text-[13px] text-quiet">Not baked.</p>;
    const { window, minutes } = bake;
    return (
      <p className="text-[13px] text-quiet">
        Handbook: {window.low}–{window.high} °C, {minutes.low}–{minutes.high} min for each 6 mm.{' '}
        <button
          type="button"
          className="text-fired underline underline-offset-2"
          onClick={() =>
            set({
              lowC: window.low ?? window.value,
              highC: window.high ?? window.value,
              lowMinutes: minutes.low ?? minutes.value,
              highMinutes: minutes.high ?? minutes.value,
            })
          }
        >
          The packet says otherwise
        </button>
      </p>
    );
  }
  return (
    <div className="flex flex-wrap items-end gap-x-4 gap-y-1">
      <NumberField
        {...typedLimits(LIMITS.packet.lowC)}
        entry={['clays', clay.id, 'packet', 'lowC']}
        label="Packet, from"
        value={packet.lowC}
        onNumber={(lowC) => set({ ...packet, lowC })}
        after="°C"
        className="w-14"
      />
      <NumberField
        {...typedLimits(LIMITS.packet.highC)}
        entry={['clays', clay.id, 'packet', 'highC']}
        label="to"
        value={packet.highC}
        onNumber={(highC) => set({ ...packet, highC })}
        after="°C"
        className="w-14"
      />
      <NumberField
        label="or, from °F"
        value={Math.round(toFahrenheit(celsius(packet.lowC)))}
        min={104}
        max={392}
        onNumber={(f) => set({ ...packet, lowC: Math.round(fromFahrenheit(f) * 10) / 10 })}
        after="°F"
        className="w-14"
      />
      <NumberField
        {...typedLimits(LIMITS.packet.lowMinutes)}
        entry={['clays', clay.id, 'packet', 'lowMinutes']}
        label="minutes, from"
        value={packet.lowMinutes}
        onNumber={(lowMinutes) => set({ ...packet, lowMinutes })}
        className="w-14"
      />
      <NumberField
        {...typedLimits(LIMITS.packet.highMinutes)}
        entry={['clays', clay.id, 'packet', 'highMinutes']}
        label="to, each 6 mm"
        value={packet.highMinutes}
        onNumber={(highMinutes) => set({ ...packet, highMinutes })}
        className="w-14"
      />
      <button type="button" className="press-quiet text-fired" onClick={() => set(null)}>
        back to the handbook
      </button>
    </div>
  );
}

function ClayEditor({ clay }: { readonly clay: Clay }) {
  const dispatch = useAppDispatch();
  const piece = useOpenPiece();
  const set = (field: keyof Clay, value: unknown) =>
    dispatch(editAt(`${field} of ${clay.name}`, ['clays', clay.id, field], value));
  return (
    <div className="space-y-2 border-l-2 border-hair py-1 pl-3">
      <div className="flex flex-wrap items-end gap-x-4 gap-y-2">
        <TextField
          label="Name"
          className="w-56"
          value={clay.name}
          onText={(text) => text !== '' && set('name', text.slice(0, 200))}
        />
        <Choice
          label="Kind"
          value={clay.family}
          options={CLAYS.map(({ id, title }) => ({ value: id as ClayFamily, says: title }))}
          onChoose={(value) => set('family', value)}
        />
        <label className="heading">
          Colour
          <input
            type="color"
            className="ml-1 h-7 w-10 align-middle"
            value={clay.colour}
            onChange={(event) => set('colour', event.currentTarget.value)}
          />
        </label>
        <NumberField
          {...typedLimits(LIMITS.clay.packG)}
          entry={['clays', clay.id, 'packG']}
          label="In a pack"
          value={clay.packG}
          placeholder="57"
          onNumber={(value) => set('packG', value)}
          onEmpty={() => set('packG', null)}
          after="g"
          className="w-14"
        />
        <NumberField
          {...typedLimits(LIMITS.clay.packPrice)}
          entry={['clays', clay.id, 'packPrice']}
          label="Price of a pack"
          value={clay.packPrice}
          placeholder="?"
          onNumber={(value) => set('packPrice', value)}
          onEmpty={() => set('packPrice', null)}
          after={piece.brief.currency}
          className="w-16"
        />
        <button
          type="button"
          className="press-quiet text-wont"
          onClick={() => dispatch(edit(`remove ${clay.name}`, (old) => removeClay(old, clay.id)))}
        >
          Remove
        </button>
      </div>
      <Packet clay={clay} />
    </div>
  );
}

function ClayName({ clay }: { readonly clay: Clay }) {
  return (
    <details>
      <summary className="flex cursor-pointer items-center gap-2 py-1">
        <span
          aria-hidden
          className="inline-block size-3.5 shrink-0 border border-ink"
          style={{ background: clay.colour }}
        />
        {clay.name}
      </summary>
      <ClayEditor clay={clay} />
    </details>
  );
}

interface AmountProps {
  readonly clay: Clay;
  readonly of: 'mass' | 'packs' | 'left' | 'cost';
}

function Amount({ clay, of }: AmountProps) {
  const currency = useOfPiece((piece) => piece.brief.currency);
  const figure = useFigure(null, `bulk.${of}.${clay.id}`);
  if (!figure) return <span className="text-quiet">–</span>;
  return (
    <span className="inline-flex items-center whitespace-nowrap">
      {formatQuantity(figure.quantity)}
      {figure.quantity.unit === 'money' && ` ${currency}`}
      <Working figure={figure} />
    </span>
  );
}

const AMOUNTS = [
  ['mass', 'to take'],
  ['packs', 'packs'],
  ['left', 'left over'],
  ['cost', 'cost'],
] as const;

const COLUMNS: readonly Column<Clay>[] = [
  { id: 'clay', title: 'clay', isHead: true, cell: (clay) => <ClayName clay={clay} /> },
  ...AMOUNTS.map(
    ([of, title]): Column<Clay> => ({
      id: of,
      title,
      holds: 'figures',
      className: 'py-1 align-top',
      cell: (clay) => <Amount clay={clay} of={of} />,
    }),
  ),
];

/** All clay as one bar, by colour. */
function ClayBar() {
  const piece = useOpenPiece();
  const find = useFind();
  const masses = piece.clays.flatMap((clay) => {
    const grams = find(null, `bulk.mass.${clay.id}`)?.quantity.value ?? 0;
    return grams > 0 ? [{ clay, grams }] : [];
  });
  const total = masses.reduce((sum, { grams }) => sum + grams, 0);
  if (total === 0) return null;
  return (
    <div
      className="mt-1 flex h-4 border border-ink"
      role="img"
      aria-label={masses.map(({ clay, grams }) => `${clay.name} ${grams.toFixed(1)} g`).join(', ')}
    >
      {masses.map(({ clay, grams }) => (
        <div
          key={clay.id}
          title={`${clay.name}: ${grams.toFixed(1)} g`}
          style={{ width: `${(100 * grams) / total}%`, background: clay.colour }}
          className="border-r border-ink last:border-r-0"
        />
      ))}
    </div>
  );
}

/** The clays of the piece: what each comes to, and what it is. */
export function ClayTable() {
  const dispatch = useAppDispatch();
  const piece = useOpenPiece();
  return (
    <Section id="clays" title="Clay, all parts" edits={['clays']}>
      <ClayBar />
      <Table
        className="mt-1"
        label="Clays of the piece"
        rows={piece.clays}
        columns={COLUMNS}
        keyOf={({ id }) => id}
      />
      <button
        type="button"
        className="press-quiet mt-1 text-fired"
        onClick={() =>
          dispatch(
            edit('add a clay', (old) =>
              addClay(old, {
                ...DEFAULT_CLAY,
                id: newId<ClayId>('clay'),
                name: `Clay ${old.clays.length + 1}`,
              }),
            ),
          )
        }
      >
        + Add a clay
      </button>
    </Section>
  );
}
