// @vitest-environment happy-dom
import 'fake-indexeddb/auto';
import { ownLimits, TABLES } from '@every-inch/core/handbook';
import { cleanup, fireEvent, render, screen, within } from '@testing-library/react';
import { Provider } from 'react-redux';
import { MemoryRouter } from 'react-router';
import { afterEach, beforeAll, describe, expect, it, vi } from 'vitest';
import Handbook from '../handbook/Handbook.tsx';
import { store } from '../state/store.ts';
import { DEFAULT_WORKSHOP, workshopChanged } from '../state/workshopSlice.ts';
import { choose, fill } from '../testing/bench.tsx';
import WorkshopPage from './WorkshopPage.tsx';

const ROW = TABLES.flatMap(({ rows }) => rows).find(({ id }) => id === 'oven.width') ?? expect.fail('no row');

function draw(page: React.ReactNode) {
  render(
    <Provider store={store}>
      <MemoryRouter>{page}</MemoryRouter>
    </Provider>,
  );
}
beforeAll(() => {
  // Without a bench there is nothing to listen to.
  vi.stubGlobal(
    'EventSource',
    class extends EventTarget {
      close(): void {}
    },
  );
});
afterEach(() => {
  cleanup();
  store.dispatch(workshopChanged(DEFAULT_WORKSHOP));
});

describe('the workshop', () => {
  const own = () => store.getState().workshop.own;
  const field = () => screen.getByLabelText<HTMLInputElement>(`Your own: ${ROW.title}`);

  it('a value of one’s own goes before the handbook’s within its limits, and emptied it is gone', () => {
    draw(<WorkshopPage />);
    fill(field(), '520');
    expect(own()).toEqual({ 'oven.width': 520 });
    // No oven is narrower than nothing.
    expect(ownLimits(ROW).min).toBe(0);
    fill(field(), '-1');
    expect(screen.getByRole('alert').textContent).toBe('at least 0');
    expect(own()).toEqual({ 'oven.width': 520 });
    fireEvent.keyDown(field(), { key: 'Escape' });
    fill(field(), '');
    expect(own()).toEqual({});
  });

  it('how things are shown is chosen once, for every piece', () => {
    draw(<WorkshopPage />);
    choose(screen.getByLabelText('Sizes in life'), 'feet and inches');
    choose(screen.getByLabelText('Light'), 'dark');
    expect(store.getState().workshop).toMatchObject({ system: 'feet', theme: 'dark' });
  });

  it('offers no field for what is published: it is not the maker’s to change', () => {
    draw(<WorkshopPage />);
    const published = TABLES.flatMap(({ rows }) => rows).filter(({ standing }) => standing === 'published');
    expect(published.length).toBeGreaterThan(10);
    for (const { title } of published) expect(screen.queryByLabelText(`Your own: ${title}`)).toBeNull();
  });
});

describe('the handbook', () => {
  const seek = (words: string) =>
    fireEvent.change(screen.getByLabelText('Find'), { target: { value: words } });
  const count = () => Number.parseInt(screen.getByText(/^\d+ facts?\./).textContent ?? '', 10);

  it('every fact stands with its value and where it is from', () => {
    draw(<Handbook />);
    const all = TABLES.flatMap(({ rows }) => rows);
    expect(count()).toBe(all.length);
    expect(screen.getAllByRole('rowheader')).toHaveLength(all.length);
    const [row] = screen.getAllByRole('rowheader').filter(({ textContent }) => textContent === ROW.title);
    expect(row?.closest('tr')?.textContent).toContain('450.0 mm');
    expect(row?.closest('tr')?.textContent).toContain('common practice');
  });

  it('is searched by all words at once, in any case, also by its sources', () => {
    draw(<Handbook />);
    seek('OVEN width');
    expect(count()).toBe(1);
    expect(screen.getByRole('rowheader').textContent).toBe(ROW.title);
    seek('published NMRA');
    expect(count()).toBeGreaterThan(1);
    seek('gearbox');
    expect(count()).toBe(0);
    expect(screen.queryByRole('table')).toBeNull();
  });

  it('the maker’s own value stands beside the handbook’s', () => {
    store.dispatch(workshopChanged({ own: { 'oven.width': 520 } }));
    draw(<Handbook />);
    seek('oven inside, width');
    expect(screen.getByText('yours: 520.0 mm')).toBeTruthy();
  });

  it('reckons a size without a piece: 1.8 m at 1:12 are 150 mm, and at 1:6 twice that', () => {
    draw(<Handbook />);
    const there = screen.getByText('Reckon a size').closest('section') ?? expect.fail('no calculator');
    const mini = () => within(there).getByLabelText<HTMLInputElement>('Miniature').value;
    fill(within(there).getByLabelText('In life'), '1.8 m');
    expect(mini()).toBe('150.0 mm');
    fill(within(there).getByLabelText('Scale 1 :'), '6');
    expect(mini()).toBe('300.0 mm');
    fill(within(there).getByLabelText('Miniature'), '100');
    expect(within(there).getByLabelText<HTMLInputElement>('In life').value).toBe('60.0 cm');
  });
});
