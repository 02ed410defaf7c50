import { placeSays, withoutZone, withZone, type ZoneShown } from '@every-inch/core/finish';
import type { PartId, Zone } from '@every-inch/core/piece';
import { formatQuantity } from '@every-inch/core/reckoning';
import { useState } from 'react';
import { BinButton } from '../../parts/BinButton.tsx';
import { Choice } from '../../parts/Choice.tsx';
import { VerdictMark } from '../../parts/VerdictLine.tsx';
import { useFigure } from '../../spine/hooks.ts';
import { edit, useAppDispatch, useOpenPiece } from '../../state/store.ts';
import { Swatch } from './Swatch.tsx';

interface RowProps {
  readonly record: Zone;
  readonly shown: ZoneShown | undefined;
  readonly on: string;
  readonly isPicked: boolean;
  readonly onPick: SurfacesProps['onPick'];
}

/** A surface in one line: how it looks in the end, where it is, how large, and whether it holds. */
function Row({ record, shown, on, isPicked, onPick }: RowProps) {
  const dispatch = useAppDispatch();
  const { id, name } = record;
  const area = useFigure(null, `finish.area.${id}`);
  const holds = useFigure(null, `finish.holds.${id}`);
  const waits = useFigure(null, `finish.waits.${id}`);
  const look = shown?.looks.at(-1);
  return (
    <li
      className={`flex flex-wrap items-center gap-x-3 border-b border-hair py-1 ${isPicked ? 'bg-panel' : ''}`}
      aria-current={isPicked ? 'true' : undefined}
    >
      {look ? <Swatch look={look} says={name} /> : <span className="w-15" />}
      <button
        type="button"
        className="press-quiet min-w-36 max-w-64 truncate text-left text-fired"
        onClick={() => onPick(id, record.part)}
      >
        {name}
      </button>
      <span className="min-w-0 flex-1 truncate text-[13px] text-quiet">
        {on}: {placeSays(record)}
      </span>
      <span className="figure text-[13px]">{area && formatQuantity(area.quantity)}</span>
      <span className="figure w-20 text-right text-[13px] text-quiet">
        {shown && `${shown.layers.length} layers`}
      </span>
      <span className="figure w-16 text-right text-[13px] text-quiet">
        {waits ? formatQuantity(waits.quantity) : '–'}
      </span>
      {holds?.verdict ? <VerdictMark verdict={holds.verdict} /> : <span className="w-4" />}
      <BinButton
        label={`take ${name} away`}
        onPress={() => dispatch(edit(`${name} taken away`, (piece) => withoutZone(piece, id)))}
      />
    </li>
  );
}

interface SurfacesProps {
  readonly zones: readonly ZoneShown[];
  readonly picked: string | null;
  /** Shows a surface, and the part it lies on. */
  readonly onPick: (id: string, part: PartId | null) => void;
  /** The part that is looked at. */
  readonly part: PartId | null;
}

const GROUND = 'ground:';

/** Every surface of the piece, and one more. */
export function Surfaces({ zones, picked, onPick, part }: SurfacesProps) {
  const dispatch = useAppDispatch();
  const piece = useOpenPiece();
  const { parts, heaps, covers, board } = piece;
  const places = [
    ...parts.map(({ id, name }) => ({ value: id as string, says: name })),
    ...(board ? [{ value: `${GROUND}board`, says: 'the base' }] : []),
    ...[...heaps, ...covers].map(({ id, name }) => ({ value: `${GROUND}${id}`, says: name })),
  ];
  const [chosen, setChosen] = useState<string | null>(null);
  const where = places.find(({ value }) => value === (chosen ?? part))?.value ?? places[0]?.value;
  const nameOf = (zone: Zone) =>
    places.find(({ value }) => value === (zone.part ?? `${GROUND}${zone.ground}`))?.says ?? 'the ground';
  const add = () => {
    if (!where) return;
    let made = '';
    const on = where.startsWith(GROUND)
      ? { part: null, ground: where.slice(GROUND.length) }
      : { part: where as PartId, ground: '' };
    dispatch(
      edit('one more surface', (now) => {
        const next = withZone(now, on);
        made = next.id;
        return next.piece;
      }),
    );
    onPick(made, on.part);
  };
  return (
    <>
      {piece.zones.length > 0 && (
        <ul aria-label="Surfaces">
          {piece.zones.map((record) => (
            <Row
              key={record.id}
              record={record}
              shown={zones.find(({ id }) => id === record.id)}
              on={nameOf(record)}
              isPicked={record.id === picked}
              onPick={onPick}
            />
          ))}
        </ul>
      )}
      {where ? (
        <div className="mt-1 flex flex-wrap items-end gap-x-3">
          <Choice label="On" value={where} options={places} onChoose={setChosen} />
          <button type="button" className="press-quiet text-fired" onClick={add}>
            + a surface: its layers are proposed
          </button>
        </div>
      ) : (
        <p className="text-quiet">There is nothing to paint yet: give the piece a part at Size.</p>
      )}
    </>
  );
}
