// @vitest-environment happy-dom
import { STARTS } from '@every-inch/core/form';
import { fireEvent, screen, waitFor } from '@testing-library/react';
import { describe, expect, it } from 'vitest';
import { undone } from '../state/documentSlice.ts';
import { dialogOpened } from '../state/sessionSlice.ts';
import { store } from '../state/store.ts';
import { atBench, pieceNow, withDesk } from '../testing/bench.tsx';
import { AddPart } from './AddPart.tsx';
import { Converter } from './Converter.tsx';

withDesk();

describe('adding a part', () => {
  // Looking for a role goes through every one of some hundred things, twice.
  const options = () => [...document.querySelectorAll('[role=option]')];
  const ask = (what: HTMLElement, text: string) => fireEvent.change(what, { target: { value: text } });
  const open = async () => {
    const bench = atBench(<AddPart />, { part: 'goose' });
    store.dispatch(dialogOpened('add-part'));
    const what = await screen.findByLabelText('What is it?');
    return { ...bench, what };
  };

  it('is typed, chosen by arrows, named and taken with Enter; it stands after the selected part', async () => {
    const { what } = await open();
    ask(what, 'mug');
    const offered = options();
    expect(offered.length).toBeGreaterThan(0);
    expect(offered.length).toBeLessThan(STARTS.length);
    fireEvent.submit(what.closest('form') as HTMLFormElement);
    const { parts } = pieceNow();
    const at = parts.findIndex(({ id }) => id === store.getState().session.selected);
    expect(parts[at - 1]?.id).toBe('goose');
    expect(screen.getByLabelText('address').textContent).toMatch(/size$/);
    store.dispatch(undone());
    expect(pieceNow().parts).toHaveLength(parts.length - 1);
  });

  it('arrows move the choice and stop at the ends', async () => {
    const { what } = await open();
    const chosen = () => what.getAttribute('aria-activedescendant');
    // Named once the list is drawn: until then there is nothing to point at.
    await waitFor(() => expect(document.getElementById(chosen() ?? '')).not.toBeNull());
    const first = chosen();
    fireEvent.keyDown(what, { key: 'ArrowUp' });
    expect(chosen()).toBe(first);
    fireEvent.keyDown(what, { key: 'ArrowDown' });
    expect(chosen()).not.toBe(first);
    expect(document.getElementById(chosen() ?? '')?.getAttribute('aria-selected')).toBe('true');
  });

  it('a second of a kind is told apart by its name', async () => {
    const { what } = await open();
    ask(what, 'mug');
    const title = screen.getByLabelText('Name').getAttribute('placeholder') ?? '';
    for (let i = 0; i < 2; i += 1) {
      if (i > 0) {
        store.dispatch(dialogOpened('add-part'));
        ask(await screen.findByLabelText('What is it?'), 'mug');
      }
      fireEvent.click(screen.getByText('Add it'));
      await waitFor(() => expect(screen.queryByLabelText('What is it?')).toBeNull());
    }
    const called = pieceNow()
      .parts.map(({ name }) => name)
      .filter((name) => name === title || /^\d+$/.test(name.slice(title.length).trim()));
    expect(called).toHaveLength(2);
    expect(new Set(called).size).toBe(2);
  });

  it('what nothing is called still begins from something: the nearest, and it says so', async () => {
    const { what } = await open();
    ask(what, 'dragn');
    expect(options()[0]?.textContent).toContain('Dragon');
    expect(screen.getByText(/Nothing is called that; these come nearest/)).toBeTruthy();
    ask(what, 'qqqq');
    expect(options().length).toBeGreaterThan(0);
  });
});

describe('the converter', () => {
  const field = () => document.getElementById('converter') as HTMLInputElement;
  const says = () => document.getElementById('converter-says')?.textContent;

  it.each([
    // 1:12 makes a foot an inch and a metre 83.3 mm.
    ['1 ft', '→ 25.4 mm · 1 in'],
    ['1 m', '→ 83.3 mm'],
    ['5\' 9"', '· 5 3/4 in'],
  ])('%s in life is %s', async (typed, shown) => {
    const { user } = atBench(<Converter />);
    await user.type(field(), typed);
    expect(says()).toContain(shown);
  });

  it('turns round, and refuses what is no length', async () => {
    const { user } = atBench(<Converter />);
    await user.click(screen.getByRole('button', { name: 'in life' }));
    await user.type(field(), '25.4 mm');
    expect(says()).toMatch(/30\.5 cm/);
    await user.clear(field());
    await user.type(field(), 'long');
    expect(screen.getByRole('alert').textContent).not.toBe('');
    fireEvent.keyDown(field(), { key: 'Escape' });
    expect(field().value).toBe('');
  });

  it('keeps a length on the selected part with =, in its own frame', async () => {
    const { user } = atBench(<Converter />, { part: 'goose' });
    await user.type(field(), '80 cm');
    await waitFor(() => {
      fireEvent.keyDown(field(), { key: '=' });
      expect(pieceNow().parts.find(({ id }) => id === 'goose')?.form).toMatchObject({ heightMm: 800 });
    });
  });
});
