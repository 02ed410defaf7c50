import type { BonesFacts } from '@every-inch/core/armature';
import type { PartFacts } from '@every-inch/core/context';
import { gaugeOf, gaugesNear, METALS, soldMm, type WireSystem } from '@every-inch/core/handbook';
import { LIMITS, typedLimits, type WireChoice } from '@every-inch/core/piece';
import { Choice } from '../../parts/Choice.tsx';
import { NumberField } from '../../parts/NumberField.tsx';
import { editAt, useAppDispatch, useOfPiece } from '../../state/store.ts';

/** A diameter with the gauge it is asked for by. */
export function thicknessSays(mm: number): string {
  const gauge = gaugeOf(mm);
  if (gauge) return `${gauge}, ${mm} mm`;
  const near = gaugesNear(mm);
  return near ? `${mm} mm, about ${near}` : `${mm} mm`;
}

const SYSTEMS: readonly { readonly value: WireSystem; readonly says: string }[] = [
  { value: 'metric', says: 'the millimetre' },
  { value: 'awg', says: 'American gauge, AWG' },
  { value: 'swg', says: 'standard gauge, SWG' },
  { value: 'stock', says: 'nothing: only what is in stock' },
];

interface WirePickProps {
  readonly wire: WireChoice;
  readonly onWire: (wire: WireChoice) => void;
}

/** Metal, thickness and strands of a wire. */
export function WirePick({ wire, onWire }: WirePickProps) {
  const wireSold = useOfPiece((piece) => piece.wireSold);
  const wireStock = useOfPiece((piece) => piece.wireStock);
  const sold = wireSold === 'stock' ? [] : soldMm(wireSold);
  const stock = wireStock.filter(({ metal }) => metal === wire.metal).map(({ diameterMm }) => diameterMm);
  const sizes = [...new Set([...sold, ...stock, wire.diameterMm])].sort((a, b) => a - b);
  return (
    <>
      <Choice
        label="Metal"
        value={wire.metal}
        options={METALS.map((value) => ({ value, says: value }))}
        onChoose={(metal) => onWire({ ...wire, metal })}
      />
      <Choice
        label="Thickness"
        className="w-52"
        value={String(wire.diameterMm)}
        options={sizes.map((mm) => ({ value: String(mm), says: thicknessSays(mm) }))}
        onChoose={(mm) => onWire({ ...wire, diameterMm: Number(mm) })}
      />
      <NumberField
        {...typedLimits(LIMITS.wireChoice.strands)}
        label="Strands"
        className="w-14"
        value={wire.strands}
        onNumber={(strands) => onWire({ ...wire, strands })}
      />
    </>
  );
}

interface WireFieldsProps {
  readonly context: PartFacts;
  readonly bones: BonesFacts;
}

/** The wire that is taken for a part: the one advised, or the maker’s own; and how wire is sold here. */
export function WireFields({ context, bones }: WireFieldsProps) {
  const dispatch = useAppDispatch();
  const wireSold = useOfPiece((piece) => piece.wireSold);
  const { part } = context;
  const set = (value: WireChoice | null) =>
    dispatch(editAt(`wire of ${part.name}`, ['parts', part.id, 'wire'], value));
  return (
    <div className="mt-3 flex flex-wrap items-end gap-x-5 gap-y-2">
      <WirePick wire={bones.wire} onWire={set} />
      <Choice
        label="Wire is sold here by"
        value={wireSold}
        options={SYSTEMS}
        onChoose={(value) => dispatch(editAt('how wire is sold', ['wireSold'], value))}
      />
      {part.wire && (
        <button type="button" className="press-quiet text-fired" onClick={() => set(null)}>
          back to what is advised
        </button>
      )}
    </div>
  );
}
