// @vitest-environment happy-dom
import { nightMarket } from '@every-inch/core/demo';
import { setAt } from '@every-inch/core/piece';
import { act, screen, waitFor, within } from '@testing-library/react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { undone } from '../../state/documentSlice.ts';
import { store } from '../../state/store.ts';
import { workshopChanged } from '../../state/workshopSlice.ts';
import { atBench, choose, ferryOf, NOW, pieceNow, withDesk } from '../../testing/bench.tsx';
import { BenchSheet } from './BenchSheet.tsx';
import { Days } from './days/Days.tsx';
import { StoreAndCarry } from './StoreAndCarry.tsx';

withDesk();
afterEach(() => {
  vi.restoreAllMocks();
  store.dispatch(workshopChanged({ paper: 'A4' }));
});

const POST = { ...ferryOf('post', 'mug'), zones: [] };

describe('the bench sheet', () => {
  it('is of the whole piece or a page a day, on the paper that is chosen', async () => {
    atBench(<BenchSheet />, { piece: POST, stage: 'bench' });
    expect(await screen.findByText(/every part at the size of the clay/)).toBeTruthy();
    await screen.findByText(/^[2-9] pages;/, {}, { timeout: 60_000 });
    choose(screen.getByLabelText('What is on the sheet'), 'a page a day');
    expect(await screen.findByText(/pages?; large letters/, {}, { timeout: 60_000 })).toBeTruthy();
    expect((await screen.findAllByText('Friday 1 May', {}, { timeout: 60_000 })).length).toBe(1);
    choose(screen.getByLabelText('Paper'), 'Letter');
    expect(store.getState().workshop.paper).toBe('Letter');
  });

  it('with nothing left to do a page a day says so', async () => {
    atBench(<BenchSheet />, { piece: { ...POST, parts: [], fits: [] }, stage: 'bench' });
    choose(screen.getByLabelText('What is on the sheet'), 'a page a day');
    expect(await screen.findByText('Nothing is left to be put on a day.')).toBeTruthy();
  });
});

describe('to store and carry', () => {
  it('says what a child could swallow only where it goes through hands, and louder where a child has it', async () => {
    atBench(<StoreAndCarry />, { piece: setAt(POST, ['brief', 'purpose'], 'display'), stage: 'bench' });
    expect(await screen.findByText(/Carry it/, {}, { timeout: 60_000 })).toBeTruthy();
    expect(screen.queryByText(/Small enough to be swallowed/)).toBeNull();
  });

  it('names small parts of what a child will handle', async () => {
    const piece = setAt(POST, ['brief', 'handledBy'], 'my daughter, at her dollhouse');
    atBench(<StoreAndCarry />, { piece, stage: 'bench' });
    const line = await screen.findByText(/Small enough to be swallowed/, {}, { timeout: 60_000 });
    expect(line.textContent).toMatch(/Enamel mug\. Not for children under three/);
    expect(line.className).toContain('text-wont');
  });
});

describe('spraying', () => {
  it('a day without it moves what is sprayed, and is taken back at one press or by undo', async () => {
    const market = nightMarket(NOW);
    const piece = { ...market, parts: market.parts.filter(({ id }) => id === 'stall'), fits: [] };
    const { user } = atBench(<Days />, { piece, stage: 'bench' });
    const line = () => screen.getByText('Sprayed next:').closest('p') ?? expect.fail('no line');
    await screen.findByText('Sprayed next:', {}, { timeout: 60_000 });
    const before = line().textContent;
    await user.click(within(line()).getByRole('button', { name: 'No spraying that day' }));
    expect(pieceNow().bench.off).toEqual([{ day: expect.stringMatching(/^2026-05-\d\d$/), of: 'spray' }]);
    await waitFor(() => expect(line().textContent?.slice(0, 60)).not.toBe(before?.slice(0, 60)), {
      timeout: 60_000,
    });
    await user.click(await screen.findByRole('button', { name: /^One day is without spraying/ }));
    expect(pieceNow().bench.off).toEqual([]);
    act(() => void store.dispatch(undone()));
    expect(pieceNow().bench.off).toHaveLength(1);
  });
});
