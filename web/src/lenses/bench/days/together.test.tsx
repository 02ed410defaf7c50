// @vitest-environment happy-dom
import { type PieceId, setAt } from '@every-inch/core/piece';
import { screen, waitFor, within } from '@testing-library/react';
import { beforeEach, describe, expect, it } from 'vitest';
import { store } from '../../../state/store.ts';
import { workshopChanged } from '../../../state/workshopSlice.ts';
import { pieceStore } from '../../../storage/keeper.ts';
import { atBench, ferryOf, NOW, withDesk } from '../../../testing/bench.tsx';
import { Together } from './Together.tsx';

withDesk();

const OPEN = { ...ferryOf('post'), zones: [], covers: [], pours: [], stood: [], masonry: [], timber: [] };
const otherOf = (id: string, name: string, due: string) => ({
  ...OPEN,
  id: id as PieceId,
  name,
  brief: { ...OPEN.brief, due },
});

beforeEach(async () => {
  store.dispatch(workshopChanged({ aside: [] }));
  const pieces = await pieceStore();
  for (const { id } of await pieces.heads()) await pieces.remove(id);
});

/** Names in the order in which they go first. */
const inOrder = () =>
  within(screen.getByRole('table', { name: 'All pieces' }))
    .getAllByRole('row')
    .map((row) => within(row).getAllByRole('cell')[1]?.textContent);

describe('all pieces on the bench', () => {
  it('are laid out together when it is asked for, the one that is due first, first', async () => {
    const pieces = await pieceStore();
    await pieces.put(otherOf('urgent', 'Urgent', '2026-05-03'), NOW);
    await pieces.put(otherOf('later', 'Later', '2026-09-01'), NOW);
    const { user } = atBench(<Together />, { piece: OPEN, stage: 'bench' });
    expect(screen.queryByRole('table')).toBeNull();
    await user.click(screen.getByRole('button', { name: 'Lay all pieces out together' }));
    await screen.findByRole('table', { name: 'All pieces' }, { timeout: 60_000 });
    expect(inOrder()).toEqual(['Urgent', OPEN.name, 'Later']);
    expect(screen.getByRole('img', { name: 'All pieces across the days' })).toBeTruthy();
    expect(screen.getByText(/The same work waits in more than one/).parentElement?.textContent).toMatch(
      /\(3 in .+ and .+ and .+, .*\)/,
    );
    // Left aside it is off the bench, and the shop remembers it.
    await user.click(screen.getByRole('checkbox', { name: 'Urgent' }));
    await waitFor(() => expect(inOrder()).toEqual([OPEN.name, 'Later']), { timeout: 60_000 });
    expect(store.getState().workshop.aside).toEqual(['urgent']);
  });

  it('alone on the shelf it is laid out alone, and one that does not open says why', async () => {
    const { user } = atBench(<Together />, { piece: setAt(OPEN, ['name'], 'Lonely'), stage: 'bench' });
    await user.click(screen.getByRole('button', { name: 'Lay all pieces out together' }));
    expect(await screen.findByText('There is no other piece on the Shelf.')).toBeTruthy();
    await screen.findByRole('table', { name: 'All pieces' }, { timeout: 60_000 });
    expect(inOrder()).toEqual(['Lonely']);
  });
});
