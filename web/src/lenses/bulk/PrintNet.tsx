import { netPages } from '@every-inch/core/bench';
import type { FlatPiece } from '@every-inch/core/bulk';
import { PrintButton } from '../../parts/PrintButton.tsx';

interface PrintNetProps {
  readonly pieces: readonly FlatPiece[];
  /** What the file is called. */
  readonly name: string;
  readonly says: string;
}

/** Saves flat pieces at the size of the clay, nested on the maker’s paper. */
export function PrintNet({ pieces, name, says }: PrintNetProps) {
  return (
    <PrintButton
      name={name}
      says={says}
      disabled={pieces.length === 0}
      pagesOf={(ask, label) => netPages(pieces, ask, label)}
    />
  );
}
