// @vitest-environment happy-dom
import 'fake-indexeddb/auto';
import { Blob as NodeBlob } from 'node:buffer';
import { lowWaterFerry, tollFrogs } from '@every-inch/core/demo';
import { type PictureId, type Piece, setAt } from '@every-inch/core/piece';
import { writePiece } from '@every-inch/core/piece/file';
import { strToU8 } from 'fflate';
import { afterEach, beforeAll, beforeEach, describe, expect, it, vi } from 'vitest';
import { keepingChanged } from '../state/sessionSlice.ts';
import { store } from '../state/store.ts';
import { workshopChanged } from '../state/workshopSlice.ts';
import { WorkerHere } from '../testing/bench.tsx';
import { RUNNING_BAKE } from '../testing/runningBake.ts';
import { drawersInMemory } from './drawers.ts';
import { pieceStore, startKeeping } from './keeper.ts';
import { ANSWERS_WITHIN, saidWhenSlow, watchedDrawers } from './keeping.ts';
import { nextMoment, sawMoment } from './moments.ts';
import { bringBackAsOf, openKept } from './open.ts';
import { openPicture, putPicture } from './pictures.ts';
import { PieceStore } from './pieceStore.ts';
import type { SecondCopy, SecondStore } from './secondStore.ts';
import { backupFile, firstVisit, importFile, missingPieces } from './shelf.ts';
import { mergeInto } from './together.ts';
import { openWorkshop } from './workshopKeeper.ts';

const PageBlob = globalThis.Blob;
const NOW = '2026-05-01T09:00:00Z';
const ferry = lowWaterFerry(NOW);
const frogs = tollFrogs(NOW);
const keeping = () => store.getState().session.keeping;
const SOON = 20_000;

function secondInMemory(): SecondStore {
  const held = new Map<string, SecondCopy>();
  return {
    keep: async (copy) => void held.set(copy.id, structuredClone(copy)),
    forget: async (id) => void held.delete(id),
    copy: async (id) => held.get(id) ?? null,
    ids: async () => [...held.keys()],
  };
}

beforeEach(async () => {
  const pieces = await pieceStore();
  for (const { id } of await pieces.heads()) await pieces.remove(id);
  store.dispatch(keepingChanged('kept'));
});
afterEach(() => {
  vi.restoreAllMocks();
  localStorage.clear();
});

beforeAll(() => void vi.stubGlobal('Worker', WorkerHere));

describe('the second copy', () => {
  it('brings back what a lost database had, and only that', async () => {
    const second = secondInMemory();
    const before = new PieceStore(drawersInMemory(), second);
    await before.put(ferry, NOW);
    await before.put({ ...ferry, name: 'Ferry, newest' }, '2026-05-01T10:00:00Z');
    await before.put(frogs, NOW);
    await before.remove(frogs.id);
    const after = new PieceStore(drawersInMemory(), second);
    expect(await after.heads()).toEqual([]);
    expect(await after.bringBackLost()).toEqual(['Ferry, newest']);
    expect((await after.heads()).map(({ name, keptAt }) => [name, keptAt])).toEqual([
      ['Ferry, newest', '2026-05-01T10:00:00Z'],
    ]);
    expect(await after.raw(ferry.id)).toMatchObject({ name: 'Ferry, newest' });
    // What is there is not written over.
    expect(await after.bringBackLost()).toEqual([]);
  });

  it('that cannot be written takes nothing from the first', async () => {
    const second = { ...secondInMemory(), keep: () => Promise.reject(new DOMException('no')) };
    const pieces = new PieceStore(drawersInMemory(), second);
    await pieces.put(ferry, NOW);
    expect(await pieces.raw(ferry.id)).toEqual(ferry);
  });
});

describe('two devices', () => {
  const fileOf = (piece: Piece) => new File([writePiece(piece, {})], 'ferry.inch.json');
  const first = ferry.parts[0]?.id ?? '';
  const here = async () => (await pieceStore()).raw(ferry.id) as Promise<Piece>;

  it('what comes back is merged over what was saved; both are among the older versions', async () => {
    const pieces = await pieceStore();
    await pieces.put(ferry, nextMoment());
    await backupFile();
    const later = setAt(setAt(ferry, ['brief', 'note'], 'here'), ['parts', first, 'count'], 2);
    await pieces.put(later, nextMoment());
    const theirs = setAt(setAt(ferry, ['name'], 'Ferry, there'), ['parts', first, 'count'], 5);
    const [came] = await importFile(fileOf(theirs));
    expect(came?.besideOf).toEqual({ id: ferry.id, name: ferry.name });
    expect(await here()).toEqual(later);
    const { taken, clashes } = await mergeInto(ferry.id, came?.id ?? '', '2001-01-01T00:00:00Z');
    expect({ taken, clashes }).toEqual({ taken: 1, clashes: [`parts.${first}.count`] });
    const merged = await here();
    expect(merged).toMatchObject({ name: 'Ferry, there', brief: { note: 'here' } });
    expect(merged.parts[0]?.count).toBe(2);
    expect((await pieces.heads()).map(({ id }) => id)).toEqual([ferry.id]);
    const older = (await pieces.revisions(ferry.id)).map(({ piece }) => piece);
    expect(older).toContainEqual(later);
    expect(older).toContainEqual(theirs);
  });

  it('a file that says what is there already puts nothing beside it', async () => {
    const pieces = await pieceStore();
    await pieces.put(ferry, nextMoment());
    const [came] = await importFile(fileOf(ferry));
    expect(came).toMatchObject({ besideOf: null, notes: [expect.stringContaining('there already')] });
    expect(await pieces.heads()).toHaveLength(1);
  });

  it('states that left or came are not thinned with the others', async () => {
    const pieces = new PieceStore(drawersInMemory());
    await pieces.pin(ferry, '2026-01-01T09:00:00Z');
    for (const minute of ['10', '20', '30', '40'])
      await pieces.keepRevision({ ...ferry, name: minute }, `2026-01-01T09:${minute}:00Z`);
    await pieces.keepRevision({ ...ferry, name: 'much later' }, NOW);
    expect(await pieces.revisionTimes(ferry.id)).toEqual([
      NOW,
      '2026-01-01T09:40:00Z',
      '2026-01-01T09:00:00Z',
    ]);
  });
});

describe('storage that the browser has cleared', () => {
  it('is told by the names of what is gone, and no demo takes its place', async () => {
    const pieces = await pieceStore();
    await pieces.put({ ...frogs, name: 'My frogs' }, nextMoment());
    await pieces.drawers.heads.remove(frogs.id);
    await pieces.drawers.pieces.remove(frogs.id);
    await pieces.drawers.settings.remove('visited');
    await firstVisit();
    expect(await pieces.heads()).toEqual([]);
    expect(await missingPieces()).toEqual([{ id: frogs.id, name: 'My frogs' }]);
    expect(await openKept(frogs.id)).toMatchObject({
      says: expect.stringContaining('gone from this browser'),
    });
    await pieces.put(frogs, nextMoment());
    expect(await missingPieces()).toEqual([]);
    await pieces.remove(frogs.id);
    expect(await missingPieces()).toEqual([]);
  });
});

describe('records that are damaged', () => {
  it('a record without a head, a head that is nonsense: both are on the shelf', async () => {
    const pieces = await pieceStore();
    await pieces.drawers.pieces.set('headless', { version: 999 });
    await pieces.drawers.heads.set('nonsense', 5);
    expect((await pieces.heads()).map(({ id, name }) => [id, name]).sort()).toEqual([
      ['headless', 'headless'],
      ['nonsense', 'nonsense'],
    ]);
  });

  it('one whose record is gone says so, and an older state is put in its place', async () => {
    const pieces = await pieceStore();
    await pieces.put(ferry, NOW);
    await pieces.keepRevision({ ...ferry, name: 'as it was' }, NOW);
    await pieces.drawers.pieces.remove(ferry.id);
    const gone = await openKept(ferry.id);
    expect(gone).toMatchObject({
      ok: false,
      says: expect.stringContaining('is gone'),
      older: expect.arrayContaining([NOW]),
    });
    await bringBackAsOf(ferry.id, NOW);
    expect(await openKept(ferry.id)).toMatchObject({ ok: true, piece: { name: 'as it was' } });
  });

  it('are in a backup as they were found, the others whole; and come back the same way', async () => {
    const pieces = await pieceStore();
    await pieces.put(frogs, NOW);
    await pieces.drawers.pieces.set('broken', { format: 'every-inch/piece', version: 999, parts: [1] });
    await pieces.drawers.heads.set('gone', { id: 'gone', name: 'Gone', keptAt: NOW });
    const { file, notes } = await backupFile();
    expect(notes).toHaveLength(2);
    expect(notes.join()).toMatch(/“broken” cannot be read.*newer|“Gone” is not in the backup/s);
    for (const { id } of await pieces.heads()) await pieces.remove(id);
    const back = await importFile(new File([await file.arrayBuffer()], file.name));
    expect(back.map(({ name }) => name).sort()).toEqual(['Toll Frogs', 'broken']);
    expect(await pieces.raw('broken')).toEqual({ format: 'every-inch/piece', version: 999, parts: [1] });
  });
});

describe('pictures', () => {
  // The test’s own page has blobs that its database cannot hold.
  beforeEach(() => void vi.stubGlobal('Blob', NodeBlob));
  afterEach(() => void vi.stubGlobal('Blob', PageBlob));
  const red = strToU8('red');
  it('brought in never take the place of others', async () => {
    const id = 'picture-1' as PictureId;
    expect(await putPicture(id, red, 'image/png')).toBe(id);
    expect(await putPicture(id, red, 'image/png')).toBe(id);
    const other = await putPicture(id, strToU8('blu'), 'image/png');
    expect(other).not.toBe(id);
    expect(await (await openPicture(id))?.text()).toBe('red');
    expect(await (await openPicture(other))?.text()).toBe('blu');
  });
});

describe('the storage', () => {
  it('that does not answer is said after three seconds, and taken back when it does', async () => {
    vi.useFakeTimers();
    let answer: (value: string) => void = () => undefined;
    const waiting = saidWhenSlow(
      new Promise<string>((settle) => {
        answer = settle;
      }),
    );
    vi.advanceTimersByTime(ANSWERS_WITHIN - 1);
    expect(keeping()).toBe('kept');
    vi.advanceTimersByTime(1);
    expect(keeping()).toBe('slow');
    answer('there');
    expect(await waiting).toBe('there');
    expect(keeping()).toBe('kept');
    vi.useRealTimers();
  });

  it('that refuses a write of any drawer is said by what it refused for', async () => {
    const memory = drawersInMemory();
    const drawers = watchedDrawers(memory);
    const refuse = (error: Error) => vi.spyOn(memory.settings, 'set').mockRejectedValueOnce(error);
    refuse(new DOMException('no room', 'QuotaExceededError'));
    await expect(drawers.settings.set('a', 1)).rejects.toThrow('no room');
    expect(keeping()).toBe('full');
    await drawers.settings.set('a', 1);
    expect(keeping()).toBe('kept');
    refuse(new DOMException('gone', 'InvalidStateError'));
    await expect(drawers.settings.set('a', 1)).rejects.toThrow('gone');
    expect(keeping()).toBe('failed');
  });
});

describe('a running bake', () => {
  it('is there again at the next visit though the storage refused it', async () => {
    const stop = startKeeping();
    const { drawers } = await pieceStore();
    vi.spyOn(drawers.settings, 'set').mockRejectedValue(new DOMException('no room', 'QuotaExceededError'));
    store.dispatch(workshopChanged({ bake: RUNNING_BAKE }));
    await vi.waitFor(() => expect(keeping()).toBe('full'), SOON);
    stop();
    vi.restoreAllMocks();
    store.dispatch(workshopChanged({ bake: null }));
    await openWorkshop(drawers);
    expect(store.getState().workshop.bake).toEqual(RUNNING_BAKE);
  });
});

describe('moments', () => {
  it('go on though the clock is put back a year', () => {
    sawMoment('2030-01-01T00:00:00Z');
    const [first, second] = [nextMoment(), nextMoment()];
    expect(first > '2030-01-01T00:00:00.000Z').toBe(true);
    expect(second > first).toBe(true);
  });
});

it('a file that is a piece of a newer day is refused alone: the next one still comes in', async () => {
  const newer = JSON.stringify({ ...JSON.parse(writePiece(ferry as Piece, {})), version: 999 });
  await expect(importFile(new File([newer], 'newer.inch.json'))).rejects.toThrow(/newer/);
  expect(await importFile(new File([writePiece(frogs, {})], 'frogs.inch.json'))).toHaveLength(1);
});
