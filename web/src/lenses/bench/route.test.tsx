// @vitest-environment happy-dom
import { addPart, DEFAULT_REGION, newPiece, setAt } from '@every-inch/core/piece';
import { act, fireEvent, screen, waitFor } from '@testing-library/react';
import { describe, expect, it } from 'vitest';
import { figures } from '../../spine/open.ts';
import { undone } from '../../state/documentSlice.ts';
import { edit, store } from '../../state/store.ts';
import {
  atBench,
  button,
  choose,
  ferryOf,
  fill,
  NOW,
  pieceNow,
  press,
  withDesk,
} from '../../testing/bench.tsx';
import { RouteList } from './RouteList.tsx';

withDesk();

/** The route on the bench, once it has been proposed. */
async function route() {
  atBench(<RouteList />, { piece: ferryOf('goose', 'post'), stage: 'bench' });
  await waitFor(() => expect(document.querySelector('[data-index="0"]')).not.toBeNull());
}
const ticks = () => [...document.querySelectorAll<HTMLInputElement>('input[aria-label$=" is done"]')];
const titles = () => ticks().map((one) => one.getAttribute('aria-label')?.slice(0, -' is done'.length));
/** The button of a step, by its place from 0. */
function stepAt(at: number): HTMLElement {
  const row = document.querySelector(`[data-index="${at}"]`);
  const button = row?.querySelector<HTMLElement>('button[aria-expanded]');
  return button ?? expect.fail(`no step ${at}`);
}
const undo = () => act(() => void store.dispatch(undone()));
const steps = () => pieceNow().route?.steps ?? [];

describe('the route', () => {
  it('is as proposed until the first change makes it the maker’s own, and undo gives it back', async () => {
    await route();
    expect(pieceNow().route).toBeNull();
    const [first] = titles();
    fireEvent.click(ticks()[0] as HTMLElement);
    expect(steps()[0]).toMatchObject({ title: first, done: expect.any(String) });
    expect(await screen.findByText(/as you have it/)).toBeTruthy();
    undo();
    expect(pieceNow().route).toBeNull();
  });

  it('Alt and arrows move a step, Delete takes it out, each as one step of undo', async () => {
    await route();
    const before = titles();
    fireEvent.keyDown(stepAt(0), { key: 'ArrowDown', altKey: true });
    expect(steps().map(({ title }) => title)).toEqual([before[1], before[0], ...before.slice(2)]);
    undo();
    expect(pieceNow().route).toBeNull();
    fireEvent.keyDown(stepAt(0), { key: 'Delete' });
    expect(steps()).toHaveLength(before.length - 1);
    undo();
    // At the ends there is nowhere to go: nothing happens.
    fireEvent.keyDown(stepAt(0), { key: 'ArrowUp', altKey: true });
    expect(titles()).toEqual(before);
  });

  it('a step is renamed and retimed; emptied, its minutes follow from the piece again', async () => {
    await route();
    fireEvent.click(stepAt(0));
    const hands = (await screen.findByLabelText('At the bench')) as HTMLInputElement;
    const usual = hands.placeholder;
    fill(hands, '42');
    expect(steps()[0]?.handsMin).toBe(42);
    fill(hands, '');
    expect(steps()[0]?.handsMin).toBeNull();
    await waitFor(() => expect(hands.placeholder).toBe(usual));
    const name = screen.getByLabelText('Step') as HTMLInputElement;
    fill(name, 'Wires, bent over tea');
    expect(steps()[0]?.title).toBe('Wires, bent over tea');
    // A step has a name: emptied, it keeps the one it had.
    fill(name, '');
    expect(steps()[0]?.title).toBe('Wires, bent over tea');
  });

  it('a step is split in two that take its minutes between them, and merged again', async () => {
    await route();
    const count = titles().length;
    fireEvent.click(stepAt(0));
    fill(await screen.findByLabelText('At the bench'), '40');
    press('Split in two');
    expect(steps()).toHaveLength(count + 1);
    const [one, two] = steps();
    expect((one?.handsMin ?? 0) + (two?.handsMin ?? 0)).toBe(40);
    press('Merge with the next');
    expect(steps()).toHaveLength(count);
    expect(steps()[0]?.handsMin).toBe(40);
  });

  it('a step of one’s own is added behind the one that is open', async () => {
    await route();
    fireEvent.click(stepAt(0));
    choose(await screen.findByLabelText('Add behind it'), 'bake');
    press('+ Add');
    expect(steps()[1]).toMatchObject({ kind: 'bake', own: true });
  });

  it('what can only come after another is said, and a ring is refused with nothing changed', async () => {
    await route();
    fireEvent.click(stepAt(1));
    await waitFor(() => button('+ Say so'));
    const say = (other = '') => {
      fireEvent.change(screen.getByLabelText('This step'), { target: { value: 'needs' } });
      choose(screen.getByLabelText('this one'), other);
      press('+ Say so');
    };
    const [first, second] = titles();
    say(first);
    const [one, two] = steps();
    expect(two?.needs).toContain(one?.id);
    fireEvent.click(stepAt(1));
    fireEvent.click(stepAt(0));
    const before = pieceNow().route;
    say(second);
    expect(pieceNow().route).toBe(before);
    fireEvent.click(stepAt(0));
    fireEvent.click(stepAt(1));
    await waitFor(() => press(`Take out: comes after ${first}`));
    expect(steps()[1]?.needs).not.toContain(one?.id);
  });

  it('asked again it says what it would change, and starting anew is one press', async () => {
    await route();
    fireEvent.keyDown(stepAt(0), { key: 'Delete' });
    await waitFor(() => press('Ask again …'));
    await screen.findByLabelText('What the proposal would change');
    press('Start from the proposal anew');
    expect(pieceNow().route).toBeNull();
  });

  it('a piece without clay has no step, and its first is added by hand', async () => {
    atBench(<RouteList />, { piece: newPiece('Empty', NOW), stage: 'bench' });
    await screen.findByText(/No part is of clay yet/);
    choose(screen.getByLabelText('First step'), /bake/i);
    press('+ Add');
    expect(steps()).toHaveLength(1);
  });
});

describe('what a step is told', () => {
  it('a fault is told at every step it concerns, its way out at the first of them', async () => {
    const piece = { ...ferryOf('goose'), zones: [] };
    atBench(<RouteList />, { piece, stage: 'bench' });
    await waitFor(() => expect(document.querySelector('[data-index="0"]')).not.toBeNull());
    const seal = titles().indexOf('Seal everything');
    fireEvent.keyDown(stepAt(seal), { key: 'ArrowUp', altKey: true });
    const says = await screen.findAllByText(
      /“Seal everything” comes before what is out of “Bake” has cooled/,
    );
    expect(says).toHaveLength(2);
    const ways = screen.getAllByRole('button', { name: /^move “(Seal everything|Cool after bake)”/ });
    expect(ways).toHaveLength(1);
    fireEvent.click(ways[0] as HTMLElement);
    await waitFor(() => expect(screen.queryByText(/has cooled/)).toBeNull());
  });

  it('a decision that is open is told at the step that closes it, and worse once that step is ticked', async () => {
    const piece = {
      ...ferryOf('goose'),
      decisions: [
        {
          id: 'beak',
          question: 'Is the beak open?',
          answer: '',
          before: 'wire' as const,
          parts: [],
          settled: null,
          settledAs: '',
        },
      ],
    };
    atBench(<RouteList />, { piece, stage: 'bench' });
    const open = await screen.findByText(/to be settled before: Is the beak open\?/);
    const row = open.closest('li');
    expect(row?.textContent).toContain('cut and bend the wire');
    fireEvent.click(row?.querySelector('input[type=checkbox]') as HTMLElement);
    expect(await screen.findByText(/done while this was open: Is the beak open\?/)).toBeTruthy();
  });

  it('clay of a region is conditioned by its share, and the shares come to the clay of the part', async () => {
    const piece = setAt(
      ferryOf('goose'),
      ['parts', 'goose', 'regions'],
      [{ ...DEFAULT_REGION, region: 'head', pass: 2 }],
    );
    atBench(<RouteList />, { piece, stage: 'bench' });
    await screen.findAllByText(/^condition [\d.]+ g/);
    const grams = screen
      .getAllByText(/^condition [\d.]+ g/)
      .map((one) => Number.parseFloat(one.textContent?.slice('condition '.length) ?? ''));
    expect(grams).toHaveLength(2);
    await waitFor(() => expect(figures.find('goose', 'bulk.clay')).toBeDefined());
    const whole = figures.find('goose', 'bulk.clay')?.quantity.value ?? 0;
    expect((grams[0] ?? 0) + (grams[1] ?? 0)).toBeCloseTo(whole, 0);
  });

  it('a tick freezes nothing: a part that is doubled has its steps at once', async () => {
    await route();
    fireEvent.click(ticks()[0] as HTMLElement);
    const goose = pieceNow().parts.find(({ id }) => id === 'goose');
    act(
      () =>
        void store.dispatch(
          edit('double the goose', (old) =>
            goose ? addPart(old, { ...goose, id: 'gander' as never, name: 'Gander' }) : old,
          ),
        ),
    );
    await waitFor(() => expect(titles().some((title) => title?.startsWith('Gander: clay'))).toBe(true));
    expect(ticks()[0]?.checked).toBe(true);
    // What is taken out stays out, though the proposal has it.
    const at = titles().indexOf('Gander: clean and smooth');
    fireEvent.keyDown(stepAt(at), { key: 'Delete' });
    await waitFor(() => expect(titles()).not.toContain('Gander: clean and smooth'));
    expect(pieceNow().route?.without).toEqual(['clean-gander']);
  });
});
