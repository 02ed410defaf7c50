import { type Drawing, PAPERS, type Paper } from '@every-inch/core/drawing';
import { CARE } from '@every-inch/core/handbook';
import { useCallback, useState } from 'react';
import { toast } from 'sonner';
import { Choice } from '../../parts/Choice.tsx';
import { FigureRow } from '../../parts/FigureRow.tsx';
import { useLensKey } from '../../parts/keys.ts';
import { LensLayout, Stretch } from '../../parts/LensLayout.tsx';
import { PagesView } from '../../parts/PagesView.tsx';
import { Section } from '../../parts/Sections.tsx';
import { askOnce, useAsk, useFiguresOf } from '../../spine/hooks.ts';
import { useAppDispatch, useAppSelector, useOpenPiece } from '../../state/store.ts';
import { workshopChanged } from '../../state/workshopSlice.ts';
import { save } from '../../storage/shelf.ts';
import { Aids } from './Aids.tsx';
import { AskFirst } from './AskFirst.tsx';
import { Days } from './days/Days.tsx';
import { Hours } from './days/Hours.tsx';
import { Orders } from './days/Orders.tsx';
import { Together } from './days/Together.tsx';
import { Handling } from './Handling.tsx';
import { LayOutList } from './LayOutList.tsx';
import { Now } from './now/Now.tsx';
import { RescueList } from './RescueList.tsx';
import { RouteList } from './RouteList.tsx';
import { Seams } from './Seams.tsx';

const NO_SHEET: { readonly pages: readonly Drawing[]; readonly says: string | null } = {
  pages: [],
  says: null,
};

function useSheet() {
  const paper = useAppSelector((state) => state.workshop.paper);
  const today = useAppSelector((state) => state.session.today);
  return useAsk('bench.sheet', { paper, now: today }) ?? NO_SHEET;
}

function SavePdf() {
  const piece = useOpenPiece();
  const paper = useAppSelector((state) => state.workshop.paper);
  const today = useAppSelector((state) => state.session.today);
  const [busy, setBusy] = useState(false);
  const make = useCallback(async () => {
    setBusy(true);
    try {
      // As the piece is when it is saved, whatever is on screen.
      const { pages, says } = await askOnce('bench.sheet', { paper, now: today });
      if (says) toast.error(says);
      if (pages.length === 0) return;
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
  }, [paper, today, piece.name]);
  useLensKey('p', make);
  return (
    <button type="button" className="press" disabled={busy} onClick={() => void make()}>
      {busy ? 'Drawing …' : 'Save as PDF'} <kbd className="figure text-[11px]">P</kbd>
    </button>
  );
}

/** Bench: the route of the piece, and the sheet to print and keep beside the clay. */
export default function BenchLens() {
  const dispatch = useAppDispatch();
  const paper = useAppSelector((state) => state.workshop.paper);
  const { pages, says } = useSheet();
  const figures = useFiguresOf('bench', null);
  return (
    <LensLayout
      title="Bench"
      middle={
        <>
          <Days />
          <Together />
          <Hours />
          <Orders />
          <AskFirst />
          <RouteList />
          <Aids />
          <LayOutList />
          <Seams />
          <RescueList />
          <Section
            id="sheet"
            title="Bench sheet"
            beside={
              <>
                <Choice
                  hideLabel
                  label="Paper"
                  value={paper}
                  options={(Object.keys(PAPERS) as Paper[]).map((value) => ({ value, says: value }))}
                  onChoose={(value) => dispatch(workshopChanged({ paper: value }))}
                />
                <span className="text-quiet">
                  {pages.length} {pages.length === 1 ? 'page' : 'pages'}; every part at the size of the clay
                </span>
                <span className="ml-auto">
                  <SavePdf />
                </span>
              </>
            }
          >
            {says && (
              <p role="alert" className="border border-wont p-2 text-wont">
                {says}
              </p>
            )}
            <PagesView pages={pages} of="bench sheet" />
          </Section>
        </>
      }
      reckoning={
        <>
          <Now />
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
