import { sourced } from '@every-inch/core/reckoning';
import { useState } from 'react';
import { NumberField } from '../../parts/NumberField.tsx';
import { usePieceContext } from '../../spine/hooks.ts';
import { editAt, useAppDispatch, useOfPiece } from '../../state/store.ts';
import { ownValueSet } from '../../state/workshopSlice.ts';

const INSIDE = [
  { row: 'oven.width', says: 'Inside, wide' },
  { row: 'oven.depth', says: 'deep' },
  { row: 'oven.height', says: 'high over the rack' },
] as const;

/** Smallest and largest oven, mm, and how far a dial may be off, °C. */
const OVEN_MM = { min: 80, max: 1500 };
const MOST_OFF = 80;

/** The oven as it is: what was taken for it is said, and a tape and a thermometer beside the answer put it right. */
export function EnterOven({ dialC }: { readonly dialC: number }) {
  const dispatch = useAppDispatch();
  const { own } = usePieceContext();
  const ofPiece = useOfPiece((piece) => piece.own);
  const [isOpen, setIsOpen] = useState(false);
  const taken = INSIDE.map(({ row }) => sourced(row, own).value);
  const isSized = INSIDE.some(({ row }) => own[row] !== undefined);
  // A piece that has its own value keeps it there: the workshop’s would not count for it.
  const set = (row: string, value: number) =>
    dispatch(
      ofPiece[row] === undefined
        ? ownValueSet({ row, value })
        : editAt('the oven as it is', ['own', row], value),
    );
  return (
    <div className="mt-1 text-[14px]">
      <p className="text-quiet">
        {isSized ? 'Your oven is' : 'Taken for an oven of'} {taken.join(' × ')} mm inside.{' '}
        <button
          type="button"
          className="press-quiet text-fired"
          aria-expanded={isOpen}
          onClick={() => setIsOpen(!isOpen)}
        >
          {isOpen ? 'Put it away' : 'Enter your oven'}
        </button>
      </p>
      {isOpen && (
        <div className="flex flex-wrap items-end gap-x-4 gap-y-2">
          {INSIDE.map(({ row, says }, i) => (
            <NumberField
              key={row}
              label={says}
              value={own[row] ?? null}
              placeholder={String(taken[i])}
              {...OVEN_MM}
              after="mm"
              className="w-20"
              onNumber={(value) => set(row, value)}
            />
          ))}
          <NumberField
            label={`With the dial at ${dialC.toFixed(0)} °C a thermometer beside the work showed`}
            value={own['oven.dial-error'] === undefined ? null : dialC + own['oven.dial-error']}
            min={dialC - MOST_OFF}
            max={dialC + MOST_OFF}
            after="°C"
            className="w-20"
            onNumber={(shown) => set('oven.dial-error', shown - dialC)}
          />
        </div>
      )}
    </div>
  );
}
