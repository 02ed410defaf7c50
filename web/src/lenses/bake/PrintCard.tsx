import { bakeCardPages } from '@every-inch/core/bench';
import { savePagesPdf } from '../../parts/savePages.ts';
import { useReckoned } from '../../state/derived.ts';
import { useAppSelector, useOpenPiece } from '../../state/store.ts';

/** Prints the bake card: every bake of the route, what must not go in, the care notes. */
export function PrintCard() {
  const piece = useOpenPiece();
  const reckoned = useReckoned();
  const paper = useAppSelector((state) => state.workshop.paper);
  const today = useAppSelector((state) => state.session.today);
  return (
    <button
      type="button"
      className="press-quiet text-fired"
      onClick={() =>
        void savePagesPdf(bakeCardPages(piece, reckoned, paper, today), paper, `${piece.name} bake card`)
      }
    >
      Print the bake card
    </button>
  );
}
