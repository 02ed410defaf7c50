// @vitest-environment happy-dom
import type { Piece } from '@every-inch/core/piece';
import { screen, waitFor, within } from '@testing-library/react';
import { describe, expect, it } from 'vitest';
import { figures } from '../../spine/open.ts';
import { atBench, ferryOf, fill, pieceNow, withDesk } from '../../testing/bench.tsx';
import LogLens from './LogLens.tsx';

withDesk();

const empty: Piece = { ...ferryOf('post', 'crate'), log: [] };
const atLog = (piece: Piece = empty, over: { readonly readOnly?: boolean } = {}) =>
  atBench(<LogLens />, { piece, part: 'post', stage: 'log', ...over });
const entries = () =>
  screen.queryAllByRole('listitem').filter((one) => one.dataset.entry?.startsWith('log/'));

describe('a bake in the log', () => {
  it('begins with what the card asks for, and stands at the top as it was recorded', async () => {
    const { user } = atLog();
    await user.click(screen.getByRole('button', { name: 'Record a bake' }));
    const form = await screen.findByRole('form', { name: 'Record a bake' });
    await waitFor(() => {
      const asked = figures.find('post', 'bake.minutes')?.quantity.value ?? NaN;
      const time = within(form).getByLabelText<HTMLInputElement>('Time').value;
      expect(Number(time)).toBe(Math.round(asked));
    });
    fill(within(form).getByLabelText('Time'), '35');
    await user.selectOptions(within(form).getByLabelText('Came out'), 'good');
    await user.type(within(form).getByLabelText('Note'), 'door ajar to cool');
    await user.click(within(form).getByRole('button', { name: 'Record it' }));
    await waitFor(() => expect(pieceNow().log).toHaveLength(1));
    expect(pieceNow().log[0]).toMatchObject({ kind: 'bake', part: 'post', note: 'door ajar to cool' });
    expect(pieceNow().log[0]?.bake?.minutes).toBe(35);
    // What it was thick is kept with it, so that a later change of the part does not change what happened.
    expect(pieceNow().log[0]?.bake?.thicknessMm).toBeCloseTo(
      figures.find('post', 'bulk.thickest')?.quantity.value ?? NaN,
      6,
    );
    const [entry] = entries();
    expect(entry?.textContent).toMatch(/Baked at \d+ °C for 35 min/);
    expect(entry?.textContent).toMatch(/door ajar to cool/);
    expect(screen.queryByRole('form')).toBeNull();
  });

  it('without a time is told at its field, and nothing is recorded', async () => {
    const { user } = atLog();
    await user.click(screen.getByRole('button', { name: 'Record a bake' }));
    const form = await screen.findByRole('form', { name: 'Record a bake' });
    const time = within(form).getByLabelText<HTMLInputElement>('Time');
    // Once the card has said how long, it is cleared: before that there is nothing in it to clear.
    await waitFor(() => expect(time.value).not.toBe(''));
    await user.clear(time);
    await user.tab();
    await user.click(within(form).getByRole('button', { name: 'Record it' }));
    await waitFor(() =>
      expect(within(form).getByLabelText('Time').getAttribute('aria-invalid')).toBe('true'),
    );
    expect(pieceNow().log).toEqual([]);
  });
});

describe('a measure in the log', () => {
  it('is of a measure the part has, and is held against the drawing at once', async () => {
    const { user } = atLog();
    await user.click(screen.getByRole('button', { name: 'Record a measure' }));
    const form = await screen.findByRole('form', { name: 'Record a measure' });
    const choice = await waitFor(() => {
      const found = within(form).getByLabelText<HTMLSelectElement>('Measure');
      expect(found.options.length).toBeGreaterThan(0);
      return found;
    });
    const key = choice.value;
    fill(within(form).getByLabelText('As made'), '70');
    await user.click(within(form).getByRole('button', { name: 'Record it' }));
    await waitFor(() => expect(pieceNow().log[0]?.measure).toEqual({ key, madeMm: 70 }));
    await waitFor(() => expect(figures.find('post', `made.${key}`)).toBeDefined());
    const [entry] = entries();
    expect(entry?.textContent).toMatch(/70\.0 mm/);
  });
});

describe('a note in the log', () => {
  const noted: Piece = {
    ...empty,
    log: [
      {
        ...(ferryOf('post').log[0] as Piece['log'][number]),
        id: 'n1' as never,
        at: '2026-04-30T10:00:00Z',
        kind: 'note',
        part: null,
        bake: null,
        measure: null,
        result: null,
        cast: null,
        note: 'an old one',
        lesson: '',
        pictures: [],
      },
    ],
  };

  it('with a lesson is listed among them; the newest is on top', async () => {
    const { user } = atLog(noted);
    await user.click(screen.getByRole('button', { name: 'Record a note' }));
    const form = await screen.findByRole('form', { name: 'Record a note' });
    await user.type(within(form).getByLabelText('Note'), 'the bill broke');
    await user.type(within(form).getByLabelText(/^Next time/), 'wire through the bill');
    await user.click(within(form).getByRole('button', { name: 'Record it' }));
    await waitFor(() => expect(pieceNow().log).toHaveLength(2));
    expect(entries().map((one) => /an old one|the bill broke/.exec(one.textContent ?? '')?.[0])).toEqual([
      'the bill broke',
      'an old one',
    ]);
    expect(screen.getAllByText(/wire through the bill/).length).toBe(2);
  });

  it('is taken away, and Cancel records nothing', async () => {
    const { user } = atLog(noted);
    await user.click(screen.getByRole('button', { name: 'Record a note' }));
    await user.type(await screen.findByLabelText('Note'), 'never mind');
    await user.click(screen.getByRole('button', { name: 'Cancel' }));
    expect(pieceNow().log).toHaveLength(1);
    await user.click(screen.getByRole('button', { name: 'Remove' }));
    expect(pieceNow().log).toEqual([]);
    expect(screen.getByText(/Nothing recorded yet/)).toBeTruthy();
  });

  it('of a piece that is only looked at stays, and none is begun', () => {
    atLog(noted, { readOnly: true });
    expect(screen.getByRole<HTMLButtonElement>('button', { name: 'Remove' }).disabled).toBe(true);
    expect(screen.getByRole<HTMLButtonElement>('button', { name: 'Record a bake' }).disabled).toBe(true);
  });
});
