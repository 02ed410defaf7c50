import { Dialog } from 'radix-ui';
import { useState } from 'react';
import { ASSUMED_PX_PER_MM, CARD_MM } from './screenScale.ts';

interface CardRuleProps {
  /** Pixels to the millimetre as last measured; null for never. */
  readonly pxPerMm: number | null;
  readonly onMeasured: (pxPerMm: number) => void;
  readonly onClose: () => void;
}

const LEAST = 0.5;
const MOST = 2;

/** Measures the screen against a bank card, which has the same size everywhere. */
export function CardRule({ pxPerMm, onMeasured, onClose }: CardRuleProps) {
  const [px, setPx] = useState(pxPerMm ?? ASSUMED_PX_PER_MM);
  return (
    <Dialog.Root open onOpenChange={(open) => !open && onClose()}>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-40 bg-black/40" />
        <Dialog.Content
          aria-describedby={undefined}
          className="fixed left-1/2 top-1/2 z-50 max-h-[92dvh] -translate-x-1/2 -translate-y-1/2 overflow-auto border border-ink bg-paper p-4 max-md:w-full"
        >
          <Dialog.Title className="font-semibold">How large is a millimetre on this screen?</Dialog.Title>
          <p className="mt-1 max-w-prose">
            Hold a bank card (85.6 mm wide) against the outline and move the slider until both are one size.
          </p>
          <div
            className="my-3 border border-fired"
            style={{ width: CARD_MM.width * px, height: CARD_MM.height * px, borderRadius: 3.18 * px }}
          />
          <input
            type="range"
            className="block w-80 max-w-full accent-(--fired)"
            aria-label="Size of the card on the screen"
            min={ASSUMED_PX_PER_MM * LEAST}
            max={ASSUMED_PX_PER_MM * MOST}
            step={0.005}
            value={px}
            onChange={(event) => setPx(Number(event.currentTarget.value))}
          />
          <div className="mt-3 flex gap-3">
            <button
              type="button"
              className="press bg-ink text-bench"
              onClick={() => {
                onMeasured(px);
                onClose();
              }}
            >
              It fits
            </button>
            <button type="button" className="press" onClick={onClose}>
              Cancel
            </button>
          </div>
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}
