import { lazy, Suspense, useCallback, useEffect, useRef, useState } from 'react';
import { Link, Navigate, useParams } from 'react-router';
import { toast } from 'sonner';
import { useReadings } from '../instruments/useReadings.ts';
import { LENSES, lensOf } from '../lenses/index.ts';
import { LensesContext, useArrival } from '../parts/entries.ts';
import { followDocument, spine } from '../spine/open.ts';
import { closed, opened, readOnlySet, refreshed } from '../state/documentSlice.ts';
import { dayBegan, selected } from '../state/sessionSlice.ts';
import { selectPart, useAppDispatch, useAppSelector } from '../state/store.ts';
import { keepNow } from '../storage/keeper.ts';
import { bringBackAsOf, type Opening, openKept } from '../storage/open.ts';
import { save } from '../storage/shelf.ts';
import { askHandOver, type Claim, claimPiece, onKeptElsewhere, whenFree } from '../storage/tabs.ts';
import { AddPart } from './AddPart.tsx';
import { Banner } from './Banner.tsx';
import { Head } from './Head.tsx';
import { KeysDialog, useKeys } from './Keys.tsx';
import { LensBoundary } from './LensBoundary.tsx';
import { StageRule } from './StageRule.tsx';
import { Tray } from './Tray.tsx';
import { VersionsDialog } from './Versions.tsx';

const views = new Map(LENSES.map(({ stage, load }) => [stage as string, lazy(load)]));

/** What leans on the time of the day is looked at again so often, ms. */
const NOW_AGAIN = 10 * 60_000;

/** Has a lens fetched anew that could not be fetched. */
function fetchAnew(lens: string): void {
  const manifest = lensOf(lens);
  if (manifest) views.set(lens, lazy(manifest.load));
}

/** Settles when the page has nothing to do, or after so long, ms, where that never comes. */
function idle(atMost: number): Promise<void> {
  return new Promise((settle) => {
    if ('requestIdleCallback' in window) requestIdleCallback(() => settle(), { timeout: atMost });
    else setTimeout(settle, atMost / 10);
  });
}

/** Fetches the other lenses one by one while nothing else is to do, so that a stage key answers at once. */
function useLensesReady(): void {
  useEffect(() => {
    let isGone = false;
    const fetchAll = async (): Promise<void> => {
      for (const { load } of LENSES) {
        await idle(4000);
        if (isGone) return;
        await load().catch(() => undefined);
      }
    };
    const timer = setTimeout(() => void fetchAll(), 500);
    return () => {
      isGone = true;
      clearTimeout(timer);
    };
  }, []);
}

type Fault = Extract<Opening, { ok: false }>;

/** Opens a piece for editing, or for reading while another tab edits it. */
function useOpening(id: string) {
  const dispatch = useAppDispatch();
  const [fault, setFault] = useState<Fault | null>(null);
  const claim = useRef<Claim | null>(null);

  const open = useCallback(
    async (takeOver: boolean, isGone: () => boolean) => {
      if (takeOver) await askHandOver(id);
      const lost = () => {
        claim.current = null;
        dispatch(readOnlySet(true));
      };
      const held = claim.current?.isMine ? claim.current : null;
      const mine = held ?? (await claimPiece(id, takeOver, lost));
      if (isGone()) {
        mine.release();
        return;
      }
      claim.current = mine;
      const opening = await openKept(id);
      if (isGone()) return;
      if (!opening.ok) {
        setFault(opening);
        return;
      }
      dispatch(dayBegan(new Date().toISOString()));
      dispatch(opened({ piece: opening.piece, readOnly: !mine.isMine }));
      setFault(null);
      for (const note of opening.notes) toast(note, { duration: 12_000 });
    },
    [id, dispatch],
  );

  // Days and hours are reckoned from now: a page that is left open is not of this morning.
  const isHere = useAppSelector((state) => state.document.piece !== null);
  useEffect(() => {
    if (!isHere) return undefined;
    const timer = setInterval(() => dispatch(dayBegan(new Date().toISOString())), NOW_AGAIN);
    return () => clearInterval(timer);
  }, [isHere, dispatch]);

  useEffect(() => {
    let gone = false;
    open(false, () => gone).catch((error: unknown) => {
      const says = error instanceof Error ? error.message : String(error);
      if (!gone) setFault({ ok: false, says, raw: null, older: [] });
    });
    return () => {
      gone = true;
      keepNow();
      claim.current?.release();
      dispatch(closed());
      dispatch(selected(null));
    };
  }, [open, dispatch]);
  return { fault, open: (takeOver: boolean) => void open(takeOver, () => false).catch(sayFault) };
}

function sayFault(error: unknown): void {
  toast.error(error instanceof Error ? error.message : String(error), { duration: 20_000 });
}

/** Follows along while another tab edits. */
function useFollowing(id: string): void {
  const dispatch = useAppDispatch();
  const readOnly = useAppSelector((state) => state.document.readOnly);
  useEffect(() => {
    if (!readOnly) return undefined;
    return onKeptElsewhere((piece) => {
      if (piece !== id) return;
      openKept(id)
        .then((opening) => opening.ok && dispatch(refreshed(opening.piece)))
        .catch(sayFault);
    });
  }, [readOnly, id, dispatch]);
}

/** While another tab edits: takes the piece up as soon as that one lets go of it. */
function useTakenUp(id: string, open: (takeOver: boolean) => void): void {
  const readOnly = useAppSelector((state) => state.document.readOnly);
  // biome-ignore lint/correctness/useExhaustiveDependencies: waited for anew only when it is read or edited
  useEffect(() => {
    if (!readOnly) return undefined;
    return whenFree(id, () => {
      toast('The other tab has closed this piece: it can be edited here now.', { duration: 20_000 });
      open(false);
    });
  }, [readOnly, id]);
}

/** Older states of a piece that cannot be opened, to be put in its place. */
function OlderStates({
  id,
  older,
  onBack,
}: {
  readonly id: string;
  readonly older: readonly string[];
  readonly onBack: () => void;
}) {
  if (older.length === 0) return null;
  return (
    <section className="mt-5">
      <h2 className="heading">Older states that are still there</h2>
      <ul className="mt-1 max-w-prose">
        {older.map((at) => (
          <li key={at} className="flex items-center gap-3 border-t border-hair py-1">
            <span className="figure flex-1">{at.replace('T', ' ').slice(0, 19)}</span>
            <button
              type="button"
              className="press"
              onClick={() => void bringBackAsOf(id, at).then(onBack, sayFault)}
            >
              Bring back
            </button>
          </li>
        ))}
      </ul>
    </section>
  );
}

interface UnopenableProps {
  readonly id: string;
  readonly fault: Fault;
  readonly onBack: () => void;
}

function Unopenable({ id, fault: { says, raw, older }, onBack }: UnopenableProps) {
  return (
    <main className="p-8">
      <h1 className="font-semibold">This piece cannot be opened</h1>
      <p className="mt-2 max-w-prose">{says}</p>
      <div className="mt-4 flex gap-3">
        <Link to="/" className="press">
          To the Shelf
        </Link>
        {raw !== null && (
          <button
            type="button"
            className="press"
            onClick={() =>
              save(
                new File([JSON.stringify(raw, null, 2)], 'piece-as-found.json', { type: 'application/json' }),
              )
            }
          >
            Save it as found
          </button>
        )}
      </div>
      <OlderStates id={id} older={older} onBack={onBack} />
    </main>
  );
}

/** Figures that stand beside the names of parts. */
const IN_TRAY = ['size.height'];

/** Has the spine follow the document, and reckon first what is looked at. */
function useSpine(stage: string): void {
  const part = useAppSelector((state) => selectPart(state)?.id ?? null);
  useEffect(() => followDocument(), []);
  useEffect(() => spine.watch({ stage, part, always: IN_TRAY }), [stage, part]);
}

function OpenPiece({ lens, onTakeOver }: { readonly lens: string; readonly onTakeOver: () => void }) {
  useKeys();
  useReadings();
  useLensesReady();
  useSpine(lens);
  useArrival();
  const Lens = views.get(lens);
  return (
    <div className="grid h-[calc(100dvh-var(--strip,0px))] grid-cols-[minmax(0,1fr)] grid-rows-[auto_auto_1fr_auto] max-md:h-auto max-md:min-h-dvh">
      <Head />
      <div>
        <Banner onTakeOver={onTakeOver} />
      </div>
      <div className="grid min-h-0 grid-cols-[205px_minmax(0,1fr)] max-md:grid-cols-1 max-md:content-start">
        <Tray />
        <LensBoundary lens={lens} onRetry={() => fetchAnew(lens)}>
          <Suspense fallback={<p className="p-4 text-quiet">Laying it out …</p>}>{Lens && <Lens />}</Suspense>
        </LensBoundary>
      </div>
      <div className="max-md:sticky max-md:bottom-0 max-md:z-30">
        <StageRule />
      </div>
      <AddPart />
      <KeysDialog />
      <VersionsDialog />
    </div>
  );
}

function PieceAt({ id, lens }: { readonly id: string; readonly lens: string }) {
  const { fault, open } = useOpening(id);
  useFollowing(id);
  useTakenUp(id, open);
  const openId = useAppSelector((state) => state.document.piece?.id);
  if (fault) return <Unopenable id={id} fault={fault} onBack={() => open(false)} />;
  if (openId !== id) return <p className="p-4 text-quiet">Opening …</p>;
  return (
    <LensesContext value={LENSES}>
      <OpenPiece lens={lens} onTakeOver={() => open(true)} />
    </LensesContext>
  );
}

/** One piece with one lens over it. */
export default function PiecePage() {
  const { id = '', lens } = useParams();
  if (!lens || !lensOf(lens)) return <Navigate to={`/piece/${id}/size`} replace />;
  return <PieceAt key={id} id={id} lens={lens} />;
}
