// @vitest-environment happy-dom
import type { Fit } from '@every-inch/core/piece';
import { screen, waitFor } from '@testing-library/react';
import { describe, expect, it } from 'vitest';
import { figures } from '../spine/open.ts';
import { atBench, choose, ferryOf, fill, pieceNow, press, withDesk } from '../testing/bench.tsx';
import { Fits } from './Fits.tsx';

withDesk();

const piece = { ...ferryOf('goose', 'post', 'stage'), fits: [] as Fit[] };
const box = (name: string | RegExp) => screen.getByLabelText<HTMLInputElement>(name);
const fit = () => pieceNow().fits[0] ?? expect.fail('no fit');
const verdict = () => figures.find(fit().part, `fit.${fit().id}`)?.verdict;

describe('how parts go together', () => {
  async function one() {
    atBench(<Fits />, { piece, part: 'goose', stage: 'size' });
    press(`+ A fit of ${piece.parts.find(({ id }) => id === 'goose')?.name}`);
    expect(pieceNow().fits).toHaveLength(1);
    choose(box('Other part'), piece.parts.find(({ id }) => id === 'stage')?.name ?? '');
    await waitFor(() => expect(verdict()).toBeDefined());
  }

  it('the selected part sits on another, and is judged by both as they are', async () => {
    await one();
    expect(fit()).toMatchObject({ kind: 'sits-on', part: 'goose', on: 'stage' });
    const before = verdict()?.level;
    fill(box('feet measured across, mm'), '400');
    // Feet as wide as that go on no plank stage.
    await waitFor(() => expect(verdict()?.level).toBe('stop'));
    fill(box('feet measured across, mm'), '');
    expect(fit().madeMm).toBeNull();
    await waitFor(() => expect(verdict()?.level).toBe(before));
  });

  it('what goes through an opening is held against it as it is typed', async () => {
    await one();
    choose(box('How it goes'), 'goes into');
    fill(box(/^wide/), '3 m');
    expect(fit().opening).toMatchObject({ shape: 'square', widthMm: 3000, heightMm: 3000 });
    await waitFor(() => expect(verdict()?.level).toBe('good'));
    fill(box(/^wide/), '1 cm');
    await waitFor(() => expect(verdict()?.level).toBe('stop'));
    choose(box('opening'), 'round');
    expect(screen.queryByLabelText('high')).toBeNull();
    fill(box(/^wide/), '');
    expect(fit().opening).toBeNull();
  });

  it('one that cannot be judged says why instead of a figure', async () => {
    await one();
    choose(box('Other part'), piece.parts.find(({ id }) => id === 'goose')?.name ?? '');
    await waitFor(() => expect(verdict()).toBeUndefined());
    await waitFor(() => expect(screen.getByText(/^— ./)).toBeTruthy());
  });

  it('is taken out by its words, as one step', async () => {
    await one();
    const says = screen.getByRole('listitem').getAttribute('aria-label') ?? '';
    press(`Take out: ${says}`);
    expect(pieceNow().fits).toEqual([]);
  });
});
