// @vitest-environment happy-dom
import { screen, within } from '@testing-library/react';
import { describe, expect, it } from 'vitest';
import { atBench, ferryOf, fill, withDesk } from '../../testing/bench.tsx';
import { MixTwo } from './MixTwo.tsx';

withDesk();

const open = () => atBench(<MixTwo />, { piece: ferryOf('quay'), part: 'quay', stage: 'finish' });
const rows = () =>
  within(screen.getByRole('table', { name: 'What is taken of both' }))
    .getAllByRole('row')
    .slice(1)
    .map((row) => row.textContent ?? '');

describe('any two, mixed', () => {
  it('one to two of paint and water, with one to one and one to three beside it', async () => {
    open();
    await screen.findByRole('table', { name: 'What is taken of both' });
    expect(rows()).toHaveLength(3);
    expect(rows()[0]).toContain('3.3 ml');
    expect(rows()[1]).toContain('5.0 ml');
    fill(screen.getByLabelText('In all'), '30');
    expect(rows()[0]).toContain('10 ml');
  });

  it('so little resin cannot be weighed to a gram; it says how much can', async () => {
    const { user } = open();
    await user.selectOptions(await screen.findByLabelText('Mix'), 'resin and hardener');
    expect(await screen.findByText(/off by [\d.]+ % at the worst: 3 % is borne/)).toBeTruthy();
    fill(screen.getByLabelText('Scale reads to'), '1');
    // Two to one, by whole grams: 51.5 ÷ 25 is 3 % over two, from 51 and 25.5 on.
    expect(await screen.findByText(/Mix 77 g or more/)).toBeTruthy();
  });

  it('a ratio of nothing is refused where it is typed', async () => {
    open();
    fill(await screen.findByLabelText('Parts of paint'), '0');
    expect(rows()[0]).toContain('3.3 ml');
  });

  it('a stiffer paste has more powder and less liquid', async () => {
    const { user } = open();
    const said = () => screen.getByText(/of powder into/).textContent ?? '';
    const before = Number.parseFloat(said());
    await user.selectOptions(screen.getByLabelText('A paste that'), 'kneads as dough');
    expect(Number.parseFloat(said())).toBeGreaterThan(before);
  });
});
