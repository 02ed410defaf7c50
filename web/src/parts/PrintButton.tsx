import type { Drawing } from '@every-inch/core/drawing';
import { type PageAsk, usePagesPdf } from './usePagesPdf.ts';

interface PrintButtonProps {
  readonly name: string;
  readonly says: string;
  readonly disabled?: boolean;
  readonly pagesOf: (ask: PageAsk, label: string) => readonly Drawing[];
}

/** Saves pages at true size; where that cannot be it says why. */
export function PrintButton({ name, says, disabled = false, pagesOf }: PrintButtonProps) {
  const { print, fault } = usePagesPdf(name, pagesOf);
  return (
    <>
      <button type="button" className="press" disabled={disabled} onClick={print}>
        {says}
      </button>
      {fault && (
        <p role="alert" className="text-[13px] text-wont">
          {fault}
        </p>
      )}
    </>
  );
}
