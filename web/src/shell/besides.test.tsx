// @vitest-environment happy-dom
import { type PieceId, setAt } from '@every-inch/core/piece';
import { act, screen } from '@testing-library/react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { undone } from '../state/documentSlice.ts';
import { roomKnown } from '../state/sessionSlice.ts';
import { store } from '../state/store.ts';
import { pieceStore } from '../storage/keeper.ts';
import { atBench, ferryOf, NOW, pieceNow, withDesk } from '../testing/bench.tsx';
import { FromPiece } from './FromPiece.tsx';
import { StorageSays } from './StorageSays.tsx';

withDesk();
const HERE = ferryOf('post');

afterEach(async () => {
  vi.unstubAllGlobals();
  act(() => void store.dispatch(roomKnown({ persisted: null, roomLeftMb: null })));
  const pieces = await pieceStore();
  for (const { id } of await pieces.heads()) await pieces.remove(id);
});

describe('a part of another piece', () => {
  const open = () => screen.getByRole('button', { name: 'Go on with a part of another piece' });

  it('comes over with its clay as one step that undo takes back', async () => {
    const other = { ...ferryOf('goose', 'lantern'), id: 'other' as PieceId, name: 'Other' };
    await (await pieceStore()).put(other, NOW);
    const onClose = vi.fn();
    const { user } = atBench(<FromPiece onClose={onClose} />, { piece: { ...HERE, clays: [] } });
    await user.click(open());
    await user.click(await screen.findByRole('button', { name: 'Other' }));
    await user.click(await screen.findByRole('button', { name: 'Greylag goose' }));
    expect(onClose).toHaveBeenCalledOnce();
    expect(pieceNow().parts.map(({ name }) => name)).toEqual(['Mooring post', 'Greylag goose']);
    const clay = pieceNow().parts[1]?.mix[0]?.clay;
    expect(pieceNow().clays.map(({ id }) => id)).toContain(clay);
    act(() => void store.dispatch(undone()));
    expect(pieceNow().parts.map(({ name }) => name)).toEqual(['Mooring post']);
  });

  it('the piece itself is not offered, and an empty shelf says so', async () => {
    await (await pieceStore()).put(HERE, NOW);
    const { user } = atBench(<FromPiece onClose={vi.fn()} />, { piece: HERE });
    await user.click(open());
    expect(await screen.findByText('There is no other piece on the Shelf.')).toBeTruthy();
  });

  it('one whose record is gone says so, and nothing here changes', async () => {
    const pieces = await pieceStore();
    const other = setAt({ ...HERE, id: 'gone' as PieceId }, ['name'], 'Gone');
    await pieces.put(other, NOW);
    const { user } = atBench(<FromPiece onClose={vi.fn()} />, { piece: HERE });
    await user.click(open());
    const row = await screen.findByRole('button', { name: 'Gone' });
    await pieces.drawers.pieces.remove('gone');
    await user.click(row);
    expect(await screen.findByText(/is gone from this browser/)).toBeTruthy();
    expect(pieceNow().parts).toHaveLength(1);
  });
});

describe('what is said of the storage', () => {
  it('is nothing while all is well', () => {
    vi.stubGlobal('isSecureContext', true);
    const { container } = atBench(<StorageSays keeping="kept" />, { piece: HERE });
    expect(container.textContent ?? '').not.toMatch(/browser/);
  });

  it.each([
    ['memory', /keeps nothing/],
    ['full', /is full/],
    ['failed', /refused to keep/],
  ] as const)('%s: what happened, that work goes on, and what to do', (keeping, says) => {
    atBench(
      <StorageSays keeping={keeping}>
        <button type="button">Export</button>
      </StorageSays>,
      { piece: HERE },
    );
    const line = screen.getByText(says);
    expect(line.textContent).toMatch(/xport what you want to keep/);
    expect(screen.getByRole('button', { name: 'Export' })).toBeTruthy();
  });

  it('slow: there is a way on', () => {
    atBench(<StorageSays keeping="slow" />, { piece: HERE });
    expect(screen.getByRole('button', { name: 'Try again' })).toBeTruthy();
    expect(screen.getByRole('button', { name: 'Go on without it' })).toBeTruthy();
  });

  it('little room, storage that may be cleared and an address that is not trusted are told, one line each', () => {
    vi.stubGlobal('isSecureContext', false);
    store.dispatch(roomKnown({ persisted: false, roomLeftMb: 12 }));
    atBench(<StorageSays keeping="kept" />, { piece: HERE });
    expect(screen.getByText(/about 12 MB left/)).toBeTruthy();
    expect(screen.getByText(/back up now and then/)).toBeTruthy();
    expect(screen.getByText(/serve it by https/)).toBeTruthy();
  });
});
