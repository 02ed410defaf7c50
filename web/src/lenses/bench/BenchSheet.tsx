import { type Drawing, PAPERS, type Paper } from '@every-inch/core/drawing';
import { useCallback, useState } from 'react';
import { toast } from 'sonner';
import { Choice } from '../../parts/Choice.tsx';
import { useLensKey } from '../../parts/keys.ts';
import { PagesView } from '../../parts/PagesView.tsx';
import { Section } from '../../parts/Sections.tsx';
import { askOnce, useAsk } from '../../spine/hooks.ts';
import { useAppDispatch, useAppSelector, useOpenPiece } from '../../state/store.ts';
import { workshopChanged } from '../../state/workshopSlice.ts';
import { save } from '../../storage/shelf.ts';

type By = 'part' | 'day';

const ASKS = { part: 'bench.sheet', day: 'bench.day-sheet' } as const;
const BY: readonly { readonly value: By; readonly says: string }[] = [
  { value: 'part', says: 'the whole piece' },
  { value: 'day', says: 'a page a day' },
];
const SAYS: Readonly<Record<By, string>> = {
  part: 'every part at the size of the clay',
  day: 'large letters, room to write, the steps in a code for the phone',
};
const NAMES: Readonly<Record<By, string>> = { part: 'bench sheet', day: 'by day' };

const NO_SHEET: { readonly pages: readonly Drawing[]; readonly says: string | null } = {
  pages: [],
  says: null,
};

function SavePdf({ by }: { readonly by: By }) {
  const piece = useOpenPiece();
  const paper = useAppSelector((state) => state.workshop.paper);
  const today = useAppSelector((state) => state.session.today);
  const [busy, setBusy] = useState(false);
  const make = useCallback(async () => {
    setBusy(true);
    try {
      // As the piece is when it is saved, whatever is on screen.
      const { pages, says } = await askOnce(ASKS[by], { paper, now: today });
      if (says) toast.error(says);
      if (pages.length === 0) return;
      const { sheetPdf } = await import('@every-inch/core/bench/pdf');
      const name = NAMES[by];
      save(
        new File([sheetPdf(pages, paper, `${piece.name}, ${name}`)], `${piece.name} ${name}.pdf`, {
          type: 'application/pdf',
        }),
      );
      toast('Print it at 100 %, not fitted to the page, and check the 100 mm rule.');
    } finally {
      setBusy(false);
    }
  }, [by, paper, today, piece.name]);
  useLensKey('p', make);
  return (
    <button type="button" className="press" disabled={busy} onClick={() => void make()}>
      {busy ? 'Drawing …' : 'Save as PDF'} <kbd className="figure text-[11px]">P</kbd>
    </button>
  );
}

/** What is printed and kept beside the clay: the whole piece, or the next days a page each. */
export function BenchSheet() {
  const dispatch = useAppDispatch();
  const paper = useAppSelector((state) => state.workshop.paper);
  const today = useAppSelector((state) => state.session.today);
  const [by, setBy] = useState<By>('part');
  const { pages, says } = useAsk(ASKS[by], { paper, now: today }) ?? NO_SHEET;
  return (
    <Section
      id="sheet"
      title="Bench sheet"
      beside={
        <>
          <Choice hideLabel label="What is on the sheet" value={by} options={BY} onChoose={setBy} />
          <Choice
            hideLabel
            label="Paper"
            value={paper}
            options={(Object.keys(PAPERS) as Paper[]).map((value) => ({ value, says: value }))}
            onChoose={(value) => dispatch(workshopChanged({ paper: value }))}
          />
          <span className="text-quiet">
            {pages.length} {pages.length === 1 ? 'page' : 'pages'}; {SAYS[by]}
          </span>
          <span className="ml-auto">
            <SavePdf by={by} />
          </span>
        </>
      }
    >
      {says && (
        <p role="alert" className="border border-wont p-2 text-wont">
          {says}
        </p>
      )}
      {by === 'day' && pages.length === 0 && !says && (
        <p className="py-2 text-quiet">Nothing is left to be put on a day.</p>
      )}
      <PagesView pages={pages} of={NAMES[by]} />
    </Section>
  );
}
