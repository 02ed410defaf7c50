import { benchSheet } from '@every-inch/core/bench';
import { type Drawing, PAPERS, type Paper, TilingError } from '@every-inch/core/drawing';
import { CARE } from '@every-inch/core/handbook';
import { useCallback, useMemo, useState } from 'react';
import { toast } from 'sonner';
import { Choice } from '../../parts/Choice.tsx';
import { FigureRow } from '../../parts/FigureRow.tsx';
import { PagesView } from '../../parts/PagesView.tsx';
import { useLensKey } from '../../shell/Keys.tsx';
import { LensLayout, Stretch } from '../../shell/LensLayout.tsx';
import { useReckoned } from '../../state/derived.ts';
import { useAppDispatch, useAppSelector, useOpenPiece } from '../../state/store.ts';
import { workshopChanged } from '../../state/workshopSlice.ts';
import { save } from '../../storage/shelf.ts';
import { Handling } from './Handling.tsx';
import { RouteList } from './RouteList.tsx';

function useSheet(): { pages: readonly Drawing[]; says: string | null } {
  const piece = useOpenPiece();
  const reckoned = useReckoned();
  const paper = useAppSelector((state) => state.workshop.paper);
  const today = useAppSelector((state) => state.session.today);
  return useMemo(() => {
    try {
      return { pages: benchSheet(piece, reckoned, paper, today), says: null };
    } catch (error) {
      if (error instanceof TilingError) return { pages: [], says: error.message };
      throw error;
    }
  }, [piece, reckoned, paper, today]);
}

function SavePdf({ pages }: { readonly pages: readonly Drawing[] }) {
  const piece = useOpenPiece();
  const paper = useAppSelector((state) => state.workshop.paper);
  const [busy, setBusy] = useState(false);
  const make = useCallback(async () => {
    setBusy(true);
    try {
      const { sheetPdf } = await import('@every-inch/core/bench/pdf');
      save(
        new File([sheetPdf(pages, paper, `${piece.name}, bench sheet`)], `${piece.name} bench sheet.pdf`, {
          type: 'application/pdf',
        }),
      );
      toast('Print it at 100 %, not fitted to the page, and check the 100 mm rule.');
    } finally {
      setBusy(false);
    }
  }, [pages, paper, piece.name]);
  useLensKey('p', make);
  return (
    <button type="button" className="press" disabled={busy || pages.length === 0} onClick={() => void make()}>
      {busy ? 'Drawing …' : 'Save as PDF'} <kbd className="figure text-[11px]">P</kbd>
    </button>
  );
}

/** Bench: the route of the piece, and the sheet to print and keep beside the clay. */
export default function BenchLens() {
  const dispatch = useAppDispatch();
  const paper = useAppSelector((state) => state.workshop.paper);
  const { pages, says } = useSheet();
  const { figures } = useReckoned().route;
  return (
    <LensLayout
      title="Bench"
      middle={
        <>
          <RouteList />
          <div className="mt-6 mb-3 flex flex-wrap items-end gap-4">
            <h3 className="font-semibold">Bench sheet</h3>
            <Choice
              label="Paper"
              value={paper}
              options={(Object.keys(PAPERS) as Paper[]).map((value) => ({ value, says: value }))}
              onChoose={(value) => dispatch(workshopChanged({ paper: value }))}
            />
            <span className="pb-1 text-quiet">
              {pages.length} {pages.length === 1 ? 'page' : 'pages'}; every part at the size of the clay
            </span>
            <span className="ml-auto">
              <SavePdf pages={pages} />
            </span>
          </div>
          {says && (
            <p role="alert" className="border border-wont p-2 text-wont">
              {says}
            </p>
          )}
          <PagesView pages={pages} of="bench sheet" />
        </>
      }
      reckoning={
        <>
          <Stretch title="The route">
            {figures.map((figure) => (
              <FigureRow key={figure.id} figure={figure} />
            ))}
            {figures.length === 0 && <p className="text-quiet">No step yet.</p>}
          </Stretch>
          <Handling />
          <Stretch title="Care">
            <ul className="list-disc space-y-1 pl-4 text-[13px]">
              {CARE.map(({ says: care }) => (
                <li key={care}>{care}</li>
              ))}
            </ul>
          </Stretch>
        </>
      }
    />
  );
}
