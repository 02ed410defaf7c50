// @vitest-environment happy-dom
import 'fake-indexeddb/auto';
import { tollFrogs } from '@every-inch/core/demo';
import { writePiece } from '@every-inch/core/piece/file';
import { cleanup, fireEvent, render, screen, waitFor, within } from '@testing-library/react';
import { Provider } from 'react-redux';
import { MemoryRouter, Route, Routes, useParams } from 'react-router';
import { Toaster } from 'sonner';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { store } from '../state/store.ts';
import { pieceStore } from '../storage/keeper.ts';
import { remembered } from '../storage/remembered.ts';
import { button, NOW, press, withDesk } from '../testing/bench.tsx';
import Shelf from './Shelf.tsx';

withDesk();

function Opened() {
  return <output aria-label="opened">{useParams().id}</output>;
}

async function shelf() {
  render(
    <Provider store={store}>
      <MemoryRouter initialEntries={['/']}>
        <Routes>
          <Route path="/" element={<Shelf />} />
          <Route path="/piece/:id/:lens" element={<Opened />} />
        </Routes>
        <Toaster />
      </MemoryRouter>
    </Provider>,
  );
  await waitFor(() => expect(screen.queryByText('Looking …')).toBeNull());
}
const names = () => [...document.querySelectorAll('main li a')].map(({ textContent }) => textContent);
const bringIn = (...files: File[]) =>
  fireEvent.change(screen.getByLabelText('File to bring in'), { target: { files } });
const fileOf = (name: string, text: string) => new File([text], name, { type: 'application/json' });

beforeEach(async () => {
  const pieces = await pieceStore();
  for (const { id } of await pieces.heads()) await pieces.remove(id);
});
afterEach(cleanup);

describe('the shelf', () => {
  it('a new piece is made and opened at once', async () => {
    await shelf();
    press('New piece');
    const opened = await screen.findByLabelText('opened');
    const [head] = await (await pieceStore()).heads();
    expect(opened.textContent).toBe(head?.id);
    expect(head).toMatchObject({ name: 'New piece', parts: 0, scale: 'open scale' });
  });

  it('a file comes in, is doubled under another name, and deleted with a way back', async () => {
    await shelf();
    bringIn(fileOf('frogs.inch.json', writePiece(tollFrogs(NOW), {})));
    await waitFor(() => expect(names()).toContain('Toll Frogs'));
    press('Duplicate Toll Frogs');
    await waitFor(() => expect(names()).toContain('Toll Frogs, copy'));
    const all = (await (await pieceStore()).heads()).map(({ id }) => id);
    expect(new Set(all).size).toBe(all.length);
    press('Delete Toll Frogs');
    await waitFor(() => expect(names()).not.toContain('Toll Frogs'));
    const undo = await screen.findByRole('button', { name: 'Undo' });
    fireEvent.click(undo);
    await waitFor(() => expect(names()).toContain('Toll Frogs'));
  });

  it('a file that cannot be opened says why by its name, and the one beside it comes in all the same', async () => {
    await shelf();
    const before = names().length;
    bringIn(
      fileOf('letter.txt', 'Dear all, the boat leaves at six.'),
      fileOf('frogs.inch.json', writePiece(tollFrogs(NOW), {})),
    );
    await waitFor(() => expect(names()).toContain('Toll Frogs'));
    expect(names().length).toBe(before + 1);
    expect(await screen.findByText(/“letter\.txt”: .*it is not JSON/)).toBeTruthy();
  });

  it('two states of one piece stand side by side, and come together at a press', async () => {
    await shelf();
    const frogs = tollFrogs(NOW);
    const file = (name: string) => fileOf('frogs.inch.json', writePiece({ ...frogs, name }, {}));
    bringIn(file('Toll Frogs'));
    await waitFor(() => expect(names()).toContain('Toll Frogs'));
    bringIn(file('Frogs, later'));
    await waitFor(() => expect(names()).toContain('Frogs, later (brought in)'));
    expect(names()).toContain('Toll Frogs');
    fireEvent.click(await screen.findByRole('button', { name: 'Merge into “Toll Frogs”' }));
    await waitFor(() => expect(names()).not.toContain('Frogs, later (brought in)'));
    expect(names().filter((name) => /Frogs/.test(name ?? ''))).toEqual(['Frogs, later']);
  });

  it('what the browser has cleared away is said by name until it is let go', async () => {
    remembered.add({ id: 'heron', name: 'A heron' });
    await shelf();
    expect((await screen.findByText(/has cleared its storage/)).textContent).toContain('“A heron” is gone');
    press('Let it go');
    await waitFor(() => expect(screen.queryByText(/has cleared its storage/)).toBeNull());
    expect(remembered.all().some(({ id }) => id === 'heron')).toBe(false);
  });

  it('says of each how many parts it has and when it is due', async () => {
    await shelf();
    const frogs = tollFrogs(NOW);
    const [part] = frogs.parts;
    if (!part) throw new Error('no part');
    const one = {
      ...frogs,
      parts: [{ ...part, parent: null }],
      fits: [],
      brief: { ...frogs.brief, due: '2026-06-02' },
    };
    bringIn(fileOf('one.inch.json', writePiece(one, {})));
    await waitFor(() => expect(names()).toContain('Toll Frogs'));
    const row = screen.getByText('Toll Frogs').closest('li') ?? expect.fail('no row');
    expect(within(row).getByText('1 part')).toBeTruthy();
    expect(within(row).getByText('due 2 Jun 2026')).toBeTruthy();
  });

  it('there is nothing to back up on an empty shelf but what the first visit put there', async () => {
    await shelf();
    expect(button('Back up everything').disabled).toBe(names().length === 0);
    press('Put the demo pieces on the shelf again');
    await waitFor(() => expect(names()).toEqual(expect.arrayContaining(['Low Water Ferry', 'Toll Frogs'])));
    expect(button('Back up everything').disabled).toBe(false);
  });
});
