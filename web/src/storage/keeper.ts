import { readRunningBake } from '@every-inch/core/bake';
import type { Piece } from '@every-inch/core/piece';
import { settleDrafts } from '../state/drafts.ts';
import { keepingChanged, kept } from '../state/sessionSlice.ts';
import { store } from '../state/store.ts';
import { DEFAULT_WORKSHOP, type Workshop, workshopOpened } from '../state/workshopSlice.ts';
import { hearBake, tellBake } from './bakeChannel.ts';
import { type Drawers, openDrawers } from './drawers.ts';
import {
  keepLeft,
  leavePiece,
  leaveWorkshop,
  leftWorkshop,
  pieceArrived,
  workshopArrived,
} from './leaving.ts';
import { PieceStore } from './pieceStore.ts';
import { announceKept, onHandOver } from './tabs.ts';

/** A change is kept at the latest so long after it was made, ms: within the second that is promised. */
const KEEP_WITHIN = 400;

/** What the storage has last said is kept. */
const arrived: { piece: Piece | null; workshop: Workshop | null } = { piece: null, workshop: null };

let opening: Promise<PieceStore> | null = null;

/** The one store of this tab. */
export function pieceStore(): Promise<PieceStore> {
  opening ??= openDrawers().then(async (drawers) => {
    if (!drawers.lasting) store.dispatch(keepingChanged('memory'));
    await openWorkshop(drawers);
    const pieces = new PieceStore(drawers);
    await keepLeft(pieces);
    return pieces;
  });
  return opening;
}

async function openWorkshop(drawers: Drawers): Promise<void> {
  const left = leftWorkshop();
  const settings = left ?? (await drawers.settings.get<Partial<Workshop>>('workshop'));
  const bake = readRunningBake(settings?.bake);
  const workshop = { ...DEFAULT_WORKSHOP, ...settings, bake };
  if (!left) arrived.workshop = workshop;
  store.dispatch(workshopOpened(workshop));
}

async function keepWorkshop(workshop: Workshop): Promise<void> {
  const { drawers } = await pieceStore();
  await drawers.settings.set('workshop', workshop);
  arrived.workshop = workshop;
  if (store.getState().workshop === workshop) workshopArrived();
}

async function keepPiece(piece: Piece): Promise<void> {
  const now = new Date().toISOString();
  try {
    const pieces = await pieceStore();
    await pieces.put(piece, now);
    arrived.piece = piece;
    pieceArrived(piece, now);
    await pieces.keepRevision(piece, now);
    store.dispatch(kept(now));
    if (store.getState().session.keeping === 'full') store.dispatch(keepingChanged('kept'));
    announceKept(piece.id);
  } catch {
    // Storage is full or was taken away in mid-sitting; the piece lives on in memory and can be exported.
    store.dispatch(keepingChanged('full'));
  }
}

let flushNow: () => void = () => undefined;

/** Keeps what was last changed without waiting, such as before the piece is closed. */
export function keepNow(): void {
  flushNow();
}

/**
 * Keeps the piece and the workshop soon after every change, and at once when the tab is hidden.
 *
 * @returns stops watching
 */
export function startKeeping(): () => void {
  let keptPiece = store.getState().document.piece;
  const openedWorkshop = store.getState().workshop;
  let keptWorkshop = openedWorkshop;
  let timer: ReturnType<typeof setTimeout> | null = null;

  const flush = (): void => {
    if (timer !== null) clearTimeout(timer);
    timer = null;
    const { document: doc, workshop } = store.getState();
    if (doc.piece && doc.piece !== keptPiece && !doc.readOnly) {
      keptPiece = doc.piece;
      void keepPiece(doc.piece);
    }
    if (workshop !== keptWorkshop) {
      keptWorkshop = workshop;
      void keepWorkshop(workshop);
      tellBake(workshop.bake);
    }
  };

  /** What is half typed goes with it, and what is not kept yet is written down: there may be no later. */
  const flushAll = (): void => {
    settleDrafts();
    flush();
    const { document: doc, workshop } = store.getState();
    const isChanged = doc.past.length > 0 || doc.future.length > 0;
    if (doc.piece && isChanged && !doc.readOnly && doc.piece !== arrived.piece)
      leavePiece(doc.piece, new Date().toISOString());
    if (workshop !== openedWorkshop && workshop !== arrived.workshop) leaveWorkshop(workshop);
  };

  flushNow = flushAll;

  const unsubscribe = store.subscribe(() => {
    const { document: doc, workshop } = store.getState();
    // Opening a piece is not a change of it.
    if (doc.piece && doc.past.length === 0 && doc.future.length === 0) keptPiece = doc.piece;
    const changed = (doc.piece !== null && doc.piece !== keptPiece) || workshop !== keptWorkshop;
    if (changed) timer ??= setTimeout(flush, KEEP_WITHIN);
  });
  const onHide = (): void => {
    if (document.visibilityState === 'hidden') flushAll();
  };
  document.addEventListener('visibilitychange', onHide);
  window.addEventListener('pagehide', flushAll);
  const stopHearing = onHandOver(flushAll);
  const stopBake = hearBake();
  return () => {
    unsubscribe();
    stopHearing();
    stopBake();
    document.removeEventListener('visibilitychange', onHide);
    window.removeEventListener('pagehide', flushAll);
  };
}
