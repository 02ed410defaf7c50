// @vitest-environment happy-dom
import { fireEvent, screen, waitFor, within } from '@testing-library/react';
import { describe, expect, it } from 'vitest';
import { atBench, choose, ferryOf, fill, pieceNow, press, withDesk } from '../../testing/bench.tsx';
import { Aids } from './Aids.tsx';
import { RouteList } from './RouteList.tsx';

withDesk();

const aid = () => pieceNow().aids[0] ?? expect.fail('no aid');

describe('aids for a while', () => {
  async function withAid() {
    atBench(<Aids />, { piece: ferryOf('goose', 'post'), part: 'goose', stage: 'bench' });
    fireEvent.click(screen.getByRole('button', { name: /Aids for a while/ }));
    press('+ An aid');
    await waitFor(() =>
      expect(screen.getByLabelText<HTMLSelectElement>('Put on before').options.length).toBeGreaterThan(3),
    );
  }

  it('one is added for the part that is looked at, named, and taken out again', async () => {
    await withAid();
    expect(aid()).toMatchObject({ kind: 'foil-former', parts: ['goose'], separator: 'none' });
    fill(screen.getByLabelText('What it is'), 'Neck former');
    expect(aid().name).toBe('Neck former');
    press('Take Neck former out');
    expect(pieceNow().aids).toEqual([]);
  });

  it('a baked part that raw clay would stick to says so, and its way out mends it', async () => {
    await withAid();
    choose(screen.getByLabelText('Kind'), 'another baked part');
    expect(screen.getByText(/raw clay sticks to it at/)).toBeTruthy();
    press('dust it with starch or talc');
    expect(aid().separator).toBe('powder');
    expect(screen.queryByText(/raw clay sticks/)).toBeNull();
  });
});

describe('what is new to the maker', () => {
  it('is tried on a swatch before all that is open, and what came of it stands at the step', async () => {
    atBench(<RouteList />, { piece: ferryOf('goose', 'post'), stage: 'bench' });
    await waitFor(() => expect(document.querySelector('[data-index="0"]')).not.toBeNull());
    const opened = () => [...document.querySelectorAll<HTMLElement>('[data-index] button[aria-expanded]')];
    const last = opened().at(-1) ?? expect.fail('no step');
    const before = opened().length;
    fireEvent.click(last);
    fireEvent.click(await screen.findByLabelText('new to me: try it on a swatch first'));
    const [first] = pieceNow().route?.steps ?? [];
    expect(first?.kind).toBe('trial');
    expect(pieceNow().route?.steps).toHaveLength(before + 1);
    const tried = pieceNow().route?.steps.find(({ isNew }) => isNew) ?? expect.fail('none is new');
    expect(first?.title).toBe(`try “${tried.title}” on a swatch`);
    expect(tried.needs).toContain(first?.id);
    const heed = () => screen.findByRole('list', { name: `To heed at ${tried.title}` });
    await waitFor(async () => expect(within(await heed()).getByText(/it has passed when/)).toBeTruthy());
    press('It failed');
    await waitFor(async () => expect(within(await heed()).getByText('the trial of it failed')).toBeTruthy());
    press('It passed');
    await waitFor(async () =>
      expect(within(await heed()).getByText('tried on a swatch, and it passed')).toBeTruthy(),
    );
    expect(pieceNow().log.filter(({ kind }) => kind === 'result')).toHaveLength(2);
    // Known again, the trial that was not made goes.
    fireEvent.click(screen.getByLabelText('new to me: try it on a swatch first'));
    expect(pieceNow().route?.steps.some(({ kind }) => kind === 'trial')).toBe(false);
  });
});
