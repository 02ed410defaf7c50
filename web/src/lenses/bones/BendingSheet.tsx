import { bendingSheet, type PartBones } from '@every-inch/core/armature';
import { TilingError } from '@every-inch/core/drawing';
import type { PartContext } from '@every-inch/core/whole';
import { useMemo, useState } from 'react';
import { PagesView } from '../../parts/PagesView.tsx';
import { useAppSelector, useOpenPiece } from '../../state/store.ts';
import { save } from '../../storage/shelf.ts';

interface BendingProps {
  readonly context: PartContext;
  readonly bones: PartBones;
}

/** Full-size pages to bend the wire on. */
export function BendingSheet({ context, bones }: BendingProps) {
  const piece = useOpenPiece();
  const [isOpen, setIsOpen] = useState(false);
  const { paper, ruleMeasuredMm } = useAppSelector((state) => state.workshop);
  const today = useAppSelector((state) => state.session.today);
  const { name } = context.part;
  const { pages, says } = useMemo(() => {
    const label = `${piece.name} · ${name} · ${context.scale.label} · ${today.slice(0, 10)}`;
    try {
      return { pages: bendingSheet(context, bones, paper, ruleMeasuredMm, label), says: null };
    } catch (error) {
      if (error instanceof TilingError) return { pages: [], says: error.message };
      throw error;
    }
  }, [context, bones, paper, ruleMeasuredMm, piece.name, name, today]);
  const savePdf = async () => {
    const { sheetPdf } = await import('@every-inch/core/bench/pdf');
    save(
      new File([sheetPdf(pages, paper, `${name}, bending drawing`)], `${name} bending drawing.pdf`, {
        type: 'application/pdf',
      }),
    );
  };
  return (
    <section aria-label="Bending drawing" className="mt-4">
      <div className="flex flex-wrap gap-2">
        <button type="button" className="press" disabled={pages.length === 0} onClick={() => void savePdf()}>
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
    </section>
  );
}
