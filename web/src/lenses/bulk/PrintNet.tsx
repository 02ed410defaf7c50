import { netPages } from '@every-inch/core/bench';
import type { FlatPiece } from '@every-inch/core/bulk';
import { TilingError } from '@every-inch/core/drawing';
import { useState } from 'react';
import { savePagesPdf } from '../../parts/savePages.ts';
import { useAppSelector, useOpenPiece } from '../../state/store.ts';

interface PrintNetProps {
  readonly pieces: readonly FlatPiece[];
  /** What the file is called. */
  readonly name: string;
  readonly says: string;
}

/** Saves flat pieces at the size of the clay, nested on the maker’s paper. */
export function PrintNet({ pieces, name, says }: PrintNetProps) {
  const piece = useOpenPiece();
  const { paper, ruleMeasuredMm } = useAppSelector((state) => state.workshop);
  const today = useAppSelector((state) => state.session.today);
  const [fault, setFault] = useState<string | null>(null);
  const print = () => {
    try {
      const pages = netPages(
        pieces,
        { paper, ruleMeasuredMm },
        `${piece.name} · ${name} · ${today.slice(0, 10)}`,
      );
      setFault(null);
      void savePagesPdf(pages, paper, name);
    } catch (error) {
      if (!(error instanceof TilingError || error instanceof RangeError)) throw error;
      setFault(error.message);
    }
  };
  return (
    <>
      <button type="button" className="press" disabled={pieces.length === 0} onClick={print}>
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
