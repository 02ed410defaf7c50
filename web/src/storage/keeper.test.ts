// @vitest-environment happy-dom
import 'fake-indexeddb/auto';
import { lowWaterFerry } from '@every-inch/core/demo';
import type { Piece } from '@every-inch/core/piece';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { closed, opened, readOnlySet } from '../state/documentSlice.ts';
import { draftOpened } from '../state/drafts.ts';
import { keepingChanged } from '../state/sessionSlice.ts';
import { edit, store } from '../state/store.ts';
import { workshopChanged } from '../state/workshopSlice.ts';
import { keepNow, pieceStore, startKeeping } from './keeper.ts';
import { keepLeft, leavePiece } from './leaving.ts';
import { openKept } from './open.ts';

const ferry = lowWaterFerry('2026-05-01T09:00:00Z');
const rename = (name: string) => store.dispatch(edit('name', (piece): Piece => ({ ...piece, name })));
const keptName = async () => {
  const raw = (await (await pieceStore()).raw(ferry.id)) as Piece | null;
  return raw?.name ?? null;
};

/** A busy machine is given its time. */
const SOON = 20_000;

let stop: () => void = () => undefined;
beforeEach(async () => {
  await (await pieceStore()).remove(ferry.id);
  store.dispatch(closed());
  store.dispatch(keepingChanged('kept'));
  stop = startKeeping();
  store.dispatch(opened({ piece: ferry, readOnly: false }));
});
afterEach(() => {
  stop();
  vi.restoreAllMocks();
  localStorage.clear();
});

/** What is written down of pieces that were left. */
const writtenDown = () =>
  Object.keys(localStorage).filter((key) => key.startsWith('every-inch/leaving/')).length;

describe('keeping', () => {
  it('is in the browser’s own storage', async () => {
    expect((await pieceStore()).drawers.lasting).toBe(true);
  });

  it('opening a piece keeps nothing; a change is kept within the second, without being asked', async () => {
    expect(await keptName()).toBeNull();
    const timer = vi.spyOn(globalThis, 'setTimeout');
    rename('Low Water Ferry, second try');
    expect(timer.mock.calls.some(([, ms = 0]) => ms > 0 && ms < 700)).toBe(true);
    await vi.waitFor(async () => expect(await keptName()).toBe('Low Water Ferry, second try'), SOON);
    await vi.waitFor(() => expect(store.getState().session.keptAt).not.toBeNull(), SOON);
    const again = await openKept(ferry.id);
    expect(again).toMatchObject({ ok: true, piece: { name: 'Low Water Ferry, second try' }, notes: [] });
  });

  it('a page that is hidden or left keeps at once', async () => {
    rename('hidden');
    window.dispatchEvent(new Event('pagehide'));
    await vi.waitFor(async () => expect(await keptName()).toBe('hidden'), SOON);
    rename('by hand');
    keepNow();
    await vi.waitFor(async () => expect(await keptName()).toBe('by hand'), SOON);
  });

  it('what the storage has no time for on leaving is written down at once, and kept at the next visit', async () => {
    const pieces = await pieceStore();
    const slow = vi.spyOn(pieces.drawers.pieces, 'set').mockReturnValue(new Promise(() => undefined));
    const forget = draftOpened(() => rename('typed to the last moment'));
    window.dispatchEvent(new Event('pagehide'));
    forget();
    slow.mockRestore();
    expect(await keptName()).toBeNull();
    await keepLeft(pieces);
    expect(await keptName()).toBe('typed to the last moment');
    // It is struck out with that: a later state is not written over.
    await pieces.put({ ...ferry, name: 'later' }, new Date().toISOString());
    await keepLeft(pieces);
    expect(await keptName()).toBe('later');
  });

  it('a piece that is closed at once leaves no note behind, and stays deleted when it is deleted', async () => {
    const pieces = await pieceStore();
    rename('closed at once');
    keepNow();
    expect(writtenDown()).toBe(1);
    store.dispatch(closed());
    await vi.waitFor(async () => expect(await keptName()).toBe('closed at once'), SOON);
    await vi.waitFor(() => expect(writtenDown()).toBe(0), SOON);
    leavePiece(ferry, new Date().toISOString());
    await pieces.remove(ferry.id);
    await keepLeft(pieces);
    expect(await keptName()).toBeNull();
  });

  it('what could not be kept is struck out once a later state is', async () => {
    const pieces = await pieceStore();
    const full = vi.spyOn(pieces.drawers.pieces, 'set').mockRejectedValue(new DOMException('refused'));
    rename('no room');
    keepNow();
    await vi.waitFor(() => expect(store.getState().session.keeping).toBe('failed'), SOON);
    expect(writtenDown()).toBe(1);
    full.mockRestore();
    await new Promise((resolve) => setTimeout(resolve, 5));
    rename('room again');
    await vi.waitFor(async () => expect(await keptName()).toBe('room again'), SOON);
    await vi.waitFor(() => expect(writtenDown()).toBe(0), SOON);
  });

  it('what was written down is not put over what another tab has kept since', async () => {
    const pieces = await pieceStore();
    leavePiece({ ...ferry, name: 'older' }, '2026-05-01T09:00:00Z');
    await pieces.put({ ...ferry, name: 'newer' }, '2026-05-01T10:00:00Z');
    await keepLeft(pieces);
    expect(await keptName()).toBe('newer');
  });

  it('a note that is no piece is passed over, and one that cannot be kept now waits', async () => {
    const pieces = await pieceStore();
    localStorage.setItem(`every-inch/leaving/piece/${ferry.id}`, '{"at":');
    await keepLeft(pieces);
    expect(await keptName()).toBeNull();
    leavePiece({ ...ferry, name: 'waits' }, new Date().toISOString());
    const full = vi.spyOn(pieces.drawers.pieces, 'set').mockRejectedValue(new DOMException('full'));
    await keepLeft(pieces);
    full.mockRestore();
    await keepLeft(pieces);
    expect(await keptName()).toBe('waits');
  });

  it('nothing is written down of what is kept, or of a piece that another tab edits', async () => {
    rename('kept in time');
    keepNow();
    await vi.waitFor(async () => expect(await keptName()).toBe('kept in time'), SOON);
    await vi.waitFor(() => expect(writtenDown()).toBe(0), SOON);
    keepNow();
    expect(writtenDown()).toBe(0);
    rename('mine no longer');
    store.dispatch(readOnlySet(true));
    keepNow();
    expect(writtenDown()).toBe(0);
  });

  it('what is half typed is kept before another tab takes the piece over', async () => {
    const forget = draftOpened(() => rename('half typed'));
    const other = new BroadcastChannel('every-inch');
    other.postMessage({ kind: 'hand-over', piece: ferry.id });
    await vi.waitFor(async () => expect(await keptName()).toBe('half typed'), SOON);
    other.close();
    forget();
  });

  it('a piece that another tab edits is not written over', async () => {
    store.dispatch(readOnlySet(true));
    store.dispatch(readOnlySet(false));
    rename('mine');
    store.dispatch(readOnlySet(true));
    keepNow();
    await new Promise((resolve) => setTimeout(resolve, 50));
    expect(await keptName()).toBeNull();
  });

  it('a storage that is full is said, the piece lives on, and the next keeping that goes well takes it back', async () => {
    const pieces = await pieceStore();
    const full = vi
      .spyOn(pieces.drawers.pieces, 'set')
      .mockRejectedValue(new DOMException('full', 'QuotaExceededError'));
    rename('too much');
    keepNow();
    await vi.waitFor(() => expect(store.getState().session.keeping).toBe('full'), SOON);
    expect(store.getState().document.piece?.name).toBe('too much');
    full.mockRestore();
    rename('fits again');
    keepNow();
    await vi.waitFor(() => expect(store.getState().session.keeping).toBe('kept'), SOON);
    expect(await keptName()).toBe('fits again');
  });

  it('what the workshop has set is kept as well', async () => {
    store.dispatch(workshopChanged({ system: 'feet' }));
    keepNow();
    const { drawers } = await pieceStore();
    await vi.waitFor(
      async () =>
        expect(await drawers.settings.get('workshop.entries')).toMatchObject({ system: { value: 'feet' } }),
      SOON,
    );
    store.dispatch(workshopChanged({ system: 'metric' }));
  });

  it('a kept piece that cannot be read is handed over as it was found', async () => {
    const { drawers } = await pieceStore();
    await drawers.pieces.set('broken', { version: 999, id: 'broken' });
    const found = await openKept('broken');
    expect(found).toMatchObject({ ok: false, raw: { version: 999 } });
    expect(await drawers.pieces.get('broken')).toEqual({ version: 999, id: 'broken' });
    expect(await openKept('no-such')).toMatchObject({ ok: false, raw: null });
  });
});
