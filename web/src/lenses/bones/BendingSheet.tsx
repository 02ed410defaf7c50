import type { PartFacts } from '@every-inch/core/context';
import type { Drawing } from '@every-inch/core/drawing';
import { useState } from 'react';
import { toast } from 'sonner';
import { PagesView } from '../../parts/PagesView.tsx';
import { askOnce, useAsk } from '../../spine/hooks.ts';
import { useAppSelector, useOpenPiece } from '../../state/store.ts';
import { save } from '../../storage/shelf.ts';

interface BendingProps {
  readonly context: PartFacts;
}

const NO_PAGES: { readonly pages: readonly Drawing[]; readonly says: string | null } = {
  pages: [],
  says: null,
};

/** Full-size pages to bend the wire on. */
export function BendingSheet({ context }: BendingProps) {
  const piece = useOpenPiece();
  const [isOpen, setIsOpen] = useState(false);
  const { paper, ruleMeasuredMm } = useAppSelector((state) => state.workshop);
  const today = useAppSelector((state) => state.session.today);
  const { name } = context.part;
  const label = `${piece.name} · ${name} · ${context.scale.label} · ${today.slice(0, 10)}`;
  const asked = { part: context.part.id, paper, ruleMeasuredMm, label };
  // Drawn when it is looked at; saved, it is drawn as the piece is then.
  const { pages, says } = useAsk('bones.bending-sheet', isOpen ? asked : null) ?? NO_PAGES;
  const savePdf = async () => {
    const made = await askOnce('bones.bending-sheet', asked);
    if (made.says) toast.error(made.says);
    if (made.pages.length === 0) return;
    const { sheetPdf } = await import('@every-inch/core/bench/pdf');
    save(
      new File([sheetPdf(made.pages, paper, `${name}, bending drawing`)], `${name} bending drawing.pdf`, {
        type: 'application/pdf',
      }),
    );
  };
  return (
    <div className="mt-1">
      <div className="flex flex-wrap gap-2">
        <button type="button" className="press" onClick={() => void savePdf()}>
          Save the bending drawing as PDF
        </button>
        <button
          type="button"
          className="press-quiet"
          aria-expanded={isOpen}
          onClick={() => setIsOpen(!isOpen)}
        >
          {isOpen ? 'put it away' : 'look at it'}
        </button>
      </div>
      {says && (
        <p role="alert" className="mt-2 text-wont">
          {says}
        </p>
      )}
      {isOpen && (
        <div className="mt-3">
          <PagesView pages={pages} of="bending drawing" />
        </div>
      )}
    </div>
  );
}
