import type { PartFacts } from '@every-inch/core/context';
import type { Drawing } from '@every-inch/core/drawing';
import { useState } from 'react';
import { toast } from 'sonner';
import { PagesView } from '../../parts/PagesView.tsx';
import { askOnce, useAsk } from '../../spine/hooks.ts';
import { useAppSelector, useOpenPiece } from '../../state/store.ts';
import { save } from '../../storage/shelf.ts';

interface Made {
  readonly pages: readonly Drawing[];
  readonly says: string | null;
}

const NO_PAGES: Made = { pages: [], says: null };

interface PagesProps {
  /** What it is, such as `bending drawing`. */
  readonly what: string;
  /** Whose, for the name of the file. */
  readonly whose: string;
  readonly made: Made | undefined;
  readonly isOpen: boolean;
  readonly onOpen: (isOpen: boolean) => void;
  /** Drawn as the piece is when it is saved. */
  readonly draw: () => Promise<Made>;
}

/** Pages that are looked at or saved. */
function Pages({ what, whose, made, isOpen, onOpen, draw }: PagesProps) {
  const paper = useAppSelector((state) => state.workshop.paper);
  const { pages, says } = made ?? NO_PAGES;
  const savePdf = async () => {
    const now = await draw();
    if (now.says) toast.error(now.says);
    if (now.pages.length === 0) return;
    const { sheetPdf } = await import('@every-inch/core/bench/pdf');
    save(
      new File([sheetPdf(now.pages, paper, `${whose}, ${what}`)], `${whose} ${what}.pdf`, {
        type: 'application/pdf',
      }),
    );
  };
  return (
    <div className="mt-1">
      <div className="flex flex-wrap gap-2">
        <button type="button" className="press" onClick={() => void savePdf()}>
          Save the {what} as PDF
        </button>
        <button
          type="button"
          className="press-quiet"
          aria-expanded={isOpen}
          aria-label={isOpen ? `Put the ${what} away` : `Look at the ${what}`}
          onClick={() => onOpen(!isOpen)}
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
          <PagesView pages={pages} of={what} />
        </div>
      )}
    </div>
  );
}

/** What is written on every page. */
function useOnPaper(parts: readonly string[]) {
  const { paper, ruleMeasuredMm } = useAppSelector((state) => state.workshop);
  const today = useAppSelector((state) => state.session.today);
  return { paper, ruleMeasuredMm, label: [...parts, today.slice(0, 10)].join(' · ') };
}

/** Full-size pages to bend the wire on. */
export function BendingSheet({ context }: { readonly context: PartFacts }) {
  const piece = useOpenPiece();
  const { name } = context.part;
  const [isOpen, setIsOpen] = useState(false);
  const asked = { part: context.part.id, ...useOnPaper([piece.name, name, context.scale.label]) };
  const made = useAsk('bones.bending-sheet', isOpen ? asked : null);
  const draw = () => askOnce('bones.bending-sheet', asked);
  return <Pages what="bending drawing" whose={name} {...{ made, isOpen, draw }} onOpen={setIsOpen} />;
}

/** Every length of stock with what is cut from it, to lay beside the snips. */
export function CutSheet() {
  const piece = useOpenPiece();
  const [isOpen, setIsOpen] = useState(false);
  const asked = useOnPaper([piece.name]);
  const made = useAsk('bones.cut-sheet', isOpen ? asked : null);
  const draw = () => askOnce('bones.cut-sheet', asked);
  return <Pages what="cut list" whose={piece.name} {...{ made, isOpen, draw }} onOpen={setIsOpen} />;
}
