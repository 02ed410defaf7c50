import { type Drawing, type Paper, TilingError } from '@every-inch/core/drawing';
import { useState } from 'react';
import { useAppSelector, useOpenPiece } from '../state/store.ts';
import { savePagesPdf } from './savePages.ts';

/** How the maker’s printer prints. */
export interface PageAsk {
  readonly paper: Paper;
  readonly ruleMeasuredMm: number;
}

/**
 * Saves pages at true size on the maker’s paper, labelled with the piece, their name and the day.
 *
 * @param name of the file, and on every page
 * @param pagesOf lays them out; what takes too many pages is told
 */
export function usePagesPdf(name: string, pagesOf: (ask: PageAsk, label: string) => readonly Drawing[]) {
  const piece = useOpenPiece();
  const { paper, ruleMeasuredMm } = useAppSelector((state) => state.workshop);
  const today = useAppSelector((state) => state.session.today);
  const [fault, setFault] = useState<string | null>(null);
  const print = () => {
    try {
      const label = `${piece.name} · ${name} · ${today.slice(0, 10)}`;
      void savePagesPdf(pagesOf({ paper, ruleMeasuredMm }, label), paper, name);
      setFault(null);
    } catch (error) {
      if (!(error instanceof TilingError || error instanceof RangeError)) throw error;
      setFault(error.message);
    }
  };
  return { print, fault };
}
