// @vitest-environment happy-dom
import type { Piece } from '@every-inch/core/piece';
import { screen, waitFor, within } from '@testing-library/react';
import { describe, expect, it } from 'vitest';
import { figures } from '../../spine/open.ts';
import { atBench, ferryOf, fill, pieceNow, withDesk } from '../../testing/bench.tsx';
import FinishLens from './FinishLens.tsx';

withDesk();

const whole = ferryOf('ferrywoman', 'oar');
const ferry: Piece = {
  ...whole,
  zones: [],
  pours: [],
  stood: [],
  fits: [
    { id: 'held', kind: 'held-by', part: 'oar', on: 'ferrywoman', opening: null, madeMm: null } as never,
  ],
};
const atFinish = (piece: Piece) => atBench(<FinishLens />, { piece, part: 'oar', stage: 'finish' });
const verdict = (key: string) => figures.find(null, `joint.${key}.${pieceNow().joints[0]?.id}`)?.verdict;

describe('joints', () => {
  it('a way is chosen, a wider joint bears more, and what is to come apart is not glued', async () => {
    const { user } = atFinish(ferry);
    const ways = await screen.findByRole('list', { name: 'Ways to join Oar to Ferrywoman' });
    await user.click(within(ways).getByRole('radio', { name: /white glue$/ }));
    expect(pieceNow().joints).toMatchObject([{ fit: 'held', way: 'pva' }]);
    fill(screen.getByLabelText('They touch on'), '5');
    await waitFor(() => expect(verdict('bears')?.level).toBe('stop'));
    fill(screen.getByLabelText('They touch on'), '4000');
    await waitFor(() => expect(verdict('bears')?.level).toBe('good'));
    await user.click(screen.getByRole('checkbox', { name: 'comes apart again' }));
    await waitFor(() => expect(verdict('will')).toMatchObject({ level: 'stop' }));
    expect((await screen.findAllByText(/it is to come apart again/)).length).toBeGreaterThan(0);
  });

  it('a piece in which nothing goes together says where that is told', async () => {
    atFinish({ ...ferry, fits: [] });
    expect(await screen.findByText(/Nothing is joined yet/)).toBeTruthy();
  });
});
