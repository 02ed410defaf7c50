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
import { openKept } from './open.ts';

const ferry = lowWaterFerry('2026-05-01T09:00:00Z');
const rename = (name: string) => store.dispatch(edit('name', (piece): Piece => ({ ...piece, name })));
const keptName = async () => {
  const raw = (await (await pieceStore()).raw(ferry.id)) as Piece | null;
  return raw?.name ?? null;
};

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
});

describe('keeping', () => {
  it('is in the browser’s own storage', async () => {
    expect((await pieceStore()).drawers.lasting).toBe(true);
  });

  it('opening a piece keeps nothing; a change is kept within the second, without being asked', async () => {
    expect(await keptName()).toBeNull();
    rename('Low Water Ferry, second try');
    await vi.waitFor(async () => expect(await keptName()).toBe('Low Water Ferry, second try'), 900);
    await vi.waitFor(() => expect(store.getState().session.keptAt).not.toBeNull());
    const again = await openKept(ferry.id);
    expect(again).toMatchObject({ ok: true, piece: { name: 'Low Water Ferry, second try' }, notes: [] });
  });

  it('a page that is hidden or left keeps at once', async () => {
    rename('hidden');
    window.dispatchEvent(new Event('pagehide'));
    await vi.waitFor(async () => expect(await keptName()).toBe('hidden'), 300);
    rename('by hand');
    keepNow();
    await vi.waitFor(async () => expect(await keptName()).toBe('by hand'), 300);
  });

  it('what is half typed is kept before another tab takes the piece over', async () => {
    const forget = draftOpened(() => rename('half typed'));
    const other = new BroadcastChannel('every-inch');
    other.postMessage({ kind: 'hand-over', piece: ferry.id });
    await vi.waitFor(async () => expect(await keptName()).toBe('half typed'), 400);
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
    await vi.waitFor(() => expect(store.getState().session.keeping).toBe('full'));
    expect(store.getState().document.piece?.name).toBe('too much');
    full.mockRestore();
    rename('fits again');
    keepNow();
    await vi.waitFor(() => expect(store.getState().session.keeping).toBe('kept'));
    expect(await keptName()).toBe('fits again');
  });

  it('what the workshop has set is kept as well', async () => {
    store.dispatch(workshopChanged({ system: 'feet' }));
    keepNow();
    const { drawers } = await pieceStore();
    await vi.waitFor(async () =>
      expect(await drawers.settings.get('workshop')).toMatchObject({ system: 'feet' }),
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
