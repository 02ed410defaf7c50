// @vitest-environment happy-dom
import 'fake-indexeddb/auto';
import { act, fireEvent, screen, waitFor, within } from '@testing-library/react';
import { beforeEach, describe, expect, it } from 'vitest';
import { dialogOpened, keepingChanged, kept } from '../state/sessionSlice.ts';
import { edit, store } from '../state/store.ts';
import { pieceStore } from '../storage/keeper.ts';
import { atBench, button, ferryOf, fill, pieceNow, press, withDesk } from '../testing/bench.tsx';
import { Banner } from './Banner.tsx';
import { Head } from './Head.tsx';
import { VersionsDialog } from './Versions.tsx';

withDesk();

const piece = ferryOf('goose', 'post');
const name = () => screen.getByLabelText<HTMLInputElement>('Name of the piece');
const rename = (to: string) =>
  act(() => void store.dispatch(edit(`call it ${to}`, (old) => ({ ...old, name: to }))));

beforeEach(() => void store.dispatch(keepingChanged('kept')));

describe('the head', () => {
  it('the piece is renamed where its name stands; a piece without a name is not taken', () => {
    atBench(<Head />, { piece });
    fill(name(), 'Ebb tide');
    expect(pieceNow().name).toBe('Ebb tide');
    fireEvent.change(name(), { target: { value: '  ' } });
    expect(screen.getByRole('alert').textContent).toBe('a piece wants a name');
    expect(name().getAttribute('aria-invalid')).toBe('true');
    fireEvent.blur(name());
    expect(pieceNow().name).toBe('Ebb tide');
    fireEvent.keyDown(name(), { key: 'Escape' });
    expect(name().value).toBe('Ebb tide');
  });

  it('undo and redo say what they would do, and can be pressed only when there is something', () => {
    atBench(<Head />, { piece });
    expect(button('Undo').disabled).toBe(true);
    rename('Flood');
    press('Undo call it Flood');
    expect(pieceNow().name).toBe(piece.name);
    press('Redo call it Flood');
    expect(pieceNow().name).toBe('Flood');
    expect(button('Redo').disabled).toBe(true);
  });

  it('says when it was kept, and what is wrong where it is not', () => {
    atBench(<Head />, { piece });
    act(() => void store.dispatch(kept('2026-05-01T09:05:00Z')));
    expect(screen.getByText(/^kept \d\d:05$/)).toBeTruthy();
    act(() => void store.dispatch(keepingChanged('full')));
    expect(screen.getByText('not kept')).toBeTruthy();
    act(() => void store.dispatch(keepingChanged('memory')));
    expect(screen.getByText('in memory only')).toBeTruthy();
  });

  it('where another tab edits the piece it is for reading only', () => {
    atBench(<Head />, { piece, readOnly: true });
    expect(screen.getByText('reading only')).toBeTruthy();
    expect(name().disabled).toBe(true);
  });

  it('older versions are one press away', () => {
    atBench(<Head />, { piece });
    press('Older versions');
    expect(store.getState().session.dialog).toBe('versions');
  });
});

describe('the banner', () => {
  it('offers to take over what another tab has, and says nothing while all is well', () => {
    const drawn = atBench(<Banner onTakeOver={() => rename('taken')} />, { piece });
    expect(screen.queryByRole('button')).toBeNull();
    drawn.unmount();
    atBench(<Banner onTakeOver={() => undefined} />, { piece, readOnly: true });
    expect(screen.getByRole('button', { name: /take|edit/i })).toBeTruthy();
  });
});

describe('older versions', () => {
  const open = () => act(() => void store.dispatch(dialogOpened('versions')));

  it('one is brought back as a step that can be undone', async () => {
    const pieces = await pieceStore();
    await pieces.keepRevision({ ...piece, name: 'As it was' }, '2026-05-01T08:00:00Z');
    atBench(<VersionsDialog />, { piece });
    open();
    const dialog = await screen.findByRole('dialog', { name: 'Older versions' });
    const [back] = await within(dialog).findAllByRole('button', { name: 'Bring back' });
    fireEvent.click(back as HTMLElement);
    await waitFor(() => expect(pieceNow().name).toBe('As it was'));
    expect(store.getState().session.dialog).toBeNull();
    expect(store.getState().document.past.at(-1)?.label).toMatch(/^bring back /);
  });

  it('what a damaged file held that could not be used is shown as it was found', async () => {
    const hurt = {
      ...piece,
      quarantine: [{ where: 'parts[3]', problems: ['parts[3].form is missing'], raw: { name: 'lost gull' } }],
    };
    atBench(<VersionsDialog />, { piece: hurt });
    open();
    const dialog = await screen.findByRole('dialog', { name: 'Older versions' });
    expect(dialog.textContent).toContain('parts[3].form is missing');
    expect(dialog.textContent).toContain('lost gull');
    expect(within(dialog).getByRole('button', { name: 'Export with all of it' })).toBeTruthy();
  });

  it('nothing is brought back where another tab edits the piece', async () => {
    const pieces = await pieceStore();
    await pieces.keepRevision({ ...piece, name: 'As it was' }, '2026-05-01T07:00:00Z');
    atBench(<VersionsDialog />, { piece, readOnly: true });
    open();
    const all = await screen.findAllByRole<HTMLButtonElement>('button', { name: 'Bring back' });
    expect(all.every((one) => one.disabled)).toBe(true);
  });
});
