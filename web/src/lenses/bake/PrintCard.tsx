import { savePagesPdf } from '../../parts/savePages.ts';
import { askOnce } from '../../spine/hooks.ts';
import { useAppSelector, useOpenPiece } from '../../state/store.ts';

/** Prints the bake card: every bake of the route, what must not go in, the care notes. */
export function PrintCard() {
  const piece = useOpenPiece();
  const paper = useAppSelector((state) => state.workshop.paper);
  const today = useAppSelector((state) => state.session.today);
  return (
    <button
      type="button"
      className="press-quiet text-fired"
      onClick={() =>
        void askOnce('bench.bake-card', { paper, now: today }).then(({ pages }) =>
          savePagesPdf(pages, paper, `${piece.name} bake card`),
        )
      }
    >
      Print the bake card
    </button>
  );
}
