import type { Piece } from '@every-inch/core/piece';
import { settleDrafts } from '../state/drafts.ts';
import { keepingChanged, kept } from '../state/sessionSlice.ts';
import { store } from '../state/store.ts';
import { type Drawers, drawersInMemory, openDrawers } from './drawers.ts';
import { saidWhenSlow, sayUnkept, watchedDrawers } from './keeping.ts';
import { keepLeft, leavePiece, pieceArrived } from './leaving.ts';
import { nextMoment } from './moments.ts';
import { PieceStore } from './pieceStore.ts';
import { lookAfterRoom } from './room.ts';
import { openSecondStore } from './secondStore.ts';
import { announceKept, onHandOver } from './tabs.ts';
import { hearWorkshop, openWorkshop, takeWorkshopChange } from './workshopKeeper.ts';

/** A change is kept at the latest so long after it was made, ms: within the second that is promised. */
const KEEP_WITHIN = 400;

/** What the storage has last said is kept. */
const arrived: { piece: Piece | null } = { piece: null };

let opening: Promise<PieceStore> | null = null;
let brought: readonly string[] = [];
let goOn: (drawers: Drawers) => void = () => undefined;

/** The one store of this tab. */
export function pieceStore(): Promise<PieceStore> {
  opening ??= open();
  return opening;
}

async function open(): Promise<PieceStore> {
  const without = new Promise<Drawers>((settle) => {
    goOn = settle;
  });
  const drawers = await saidWhenSlow(Promise.race([openDrawers(), without]));
  if (!drawers.lasting) store.dispatch(keepingChanged('memory'));
  const watched = watchedDrawers(drawers);
  await openWorkshop(watched);
  const pieces = new PieceStore(watched, drawers.lasting ? await openSecondStore() : undefined);
  await keepLeft(pieces);
  brought = await pieces.bringBackLost().catch(() => []);
  return pieces;
}

/** Goes on with drawers in memory, where the browser’s storage does not answer. */
export function goOnWithoutStorage(): void {
  goOn(drawersInMemory());
}

/** Names of the pieces that were missing and were brought back from their second copies, told once. */
export function broughtBack(): readonly string[] {
  const names = brought;
  brought = [];
  return names;
}

async function keepPiece(piece: Piece): Promise<void> {
  try {
    const pieces = await pieceStore();
    const now = nextMoment();
    await pieces.put(piece, now);
    arrived.piece = piece;
    pieceArrived(piece, now);
    const isRevised = await pieces.keepRevision(piece, now);
    store.dispatch(kept(now));
    if (['full', 'failed'].includes(store.getState().session.keeping)) store.dispatch(keepingChanged('kept'));
    announceKept(piece.id);
    if (isRevised) await lookAfterRoom();
  } catch (error) {
    // Storage is full or was taken away in mid-sitting; the piece lives on in memory and can be exported.
    sayUnkept(error);
  }
}

/** Keeps what has changed in the workshop; what could not be kept stays in its note, and is said. */
function keepWorkshop(): void {
  const keepIt = takeWorkshopChange(store.getState().workshop);
  if (keepIt)
    pieceStore()
      .then(({ drawers }) => keepIt(drawers))
      .catch(sayUnkept);
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
  let seenWorkshop = store.getState().workshop;
  let timer: ReturnType<typeof setTimeout> | null = null;

  const flush = (): void => {
    if (timer !== null) clearTimeout(timer);
    timer = null;
    const { document: doc, workshop } = store.getState();
    if (doc.piece && doc.piece !== keptPiece && !doc.readOnly) {
      keptPiece = doc.piece;
      void keepPiece(doc.piece);
    }
    seenWorkshop = workshop;
    keepWorkshop();
  };

  /** What is half typed goes with it, and what is not kept yet is written down: there may be no later. */
  const flushAll = (): void => {
    settleDrafts();
    flush();
    const { document: doc } = store.getState();
    const isChanged = doc.past.length > 0 || doc.future.length > 0;
    if (doc.piece && isChanged && !doc.readOnly && doc.piece !== arrived.piece)
      leavePiece(doc.piece, nextMoment());
  };

  flushNow = flushAll;

  const unsubscribe = store.subscribe(() => {
    const { document: doc, workshop } = store.getState();
    // Opening a piece is not a change of it.
    if (doc.piece && doc.past.length === 0 && doc.future.length === 0) keptPiece = doc.piece;
    // A clock that is set going is not left to a timer.
    if (workshop.bake !== seenWorkshop.bake) {
      seenWorkshop = workshop;
      keepWorkshop();
    }
    const changed = (doc.piece !== null && doc.piece !== keptPiece) || workshop !== seenWorkshop;
    if (changed) timer ??= setTimeout(flush, KEEP_WITHIN);
  });
  const onHide = (): void => {
    if (document.visibilityState === 'hidden') flushAll();
  };
  document.addEventListener('visibilitychange', onHide);
  window.addEventListener('pagehide', flushAll);
  const stopHearing = onHandOver(flushAll);
  const stopWorkshop = hearWorkshop();
  return () => {
    unsubscribe();
    stopHearing();
    stopWorkshop();
    document.removeEventListener('visibilitychange', onHide);
    window.removeEventListener('pagehide', flushAll);
  };
}
