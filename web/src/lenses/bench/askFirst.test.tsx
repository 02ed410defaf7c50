// @vitest-environment happy-dom
import { DEFAULT_STEP, type Piece, type RouteStep, setAt } from '@every-inch/core/piece';
import { fireEvent, screen, waitFor, within } from '@testing-library/react';
import { describe, expect, it } from 'vitest';
import { undone } from '../../state/documentSlice.ts';
import { editAt, store } from '../../state/store.ts';
import { atBench, ferryOf, pieceNow, press, withDesk } from '../../testing/bench.tsx';
import LogLens from '../log/LogLens.tsx';
import { AskFirst } from './AskFirst.tsx';
import { LayOutList } from './LayOutList.tsx';
import { RescueList } from './RescueList.tsx';
import { RouteList } from './RouteList.tsx';

withDesk();

const goose: Piece = { ...ferryOf('goose'), route: null, decisions: [] };

describe('I am about to …', () => {
  it('is asked at a press and answered in two lines; asked again, it is put away', async () => {
    atBench(<AskFirst />, { piece: goose, part: 'goose', stage: 'bench' });
    const ask = screen.getByRole('region', { name: 'I am about to' });
    press('bake', ask);
    expect(await within(ask).findByText(/not done yet: /)).toBeTruthy();
    expect(within(ask).getByText(/^Then: .*min from door shut to door open/)).toBeTruthy();
    press('seal', ask);
    await waitFor(() => expect(within(ask).queryByText(/door shut to door open/)).toBeNull());
    press('seal', ask);
    expect(within(ask).queryByText(/^Then: /)).toBeNull();
  });
});

describe('who improvises', () => {
  const improvised = setAt(goose, ['brief', 'schools', 'work'], 'improvise');
  const rows = () => [...document.querySelectorAll('ol > li')].length;

  it('sees the next few steps, the rest when it is wanted, and each more as one is done', async () => {
    atBench(<RouteList />, { piece: improvised, part: 'goose', stage: 'bench' });
    const more = await screen.findByText(/^\d+ more, when you want them$/);
    expect(rows()).toBe(3);
    fireEvent.click(more);
    expect(rows()).toBeGreaterThan(6);
    fireEvent.click(screen.getByText('Only the next few'));
    expect(rows()).toBe(3);
    const [first] = screen.getAllByRole('checkbox');
    fireEvent.click(first as HTMLElement);
    await waitFor(() => expect(rows()).toBe(4));
  });
});

describe('how it went', () => {
  const step = (id: string, kind: RouteStep['kind'], over: Partial<RouteStep> = {}): RouteStep => ({
    ...DEFAULT_STEP,
    needs: [],
    regions: [],
    id,
    kind,
    title: id,
    parts: ['goose'] as unknown as RouteStep['parts'],
    ...over,
  });
  const sealedThrough: Piece = {
    ...goose,
    log: [],
    route: {
      without: null,
      relations: [],
      steps: [
        step('clay', 'skin', { regions: ['body'] }),
        step('first bake', 'bake'),
        step('cooled', 'cool'),
        step('sealed', 'coat', { leaves: 'sealer', regions: ['body'] }),
        step('more clay', 'skin', { regions: ['head'] }),
        step('second bake', 'bake'),
        step('cooled again', 'cool'),
      ],
    },
  };

  it('a good result takes the mark away, stands in the log, and taken out there the mark is back', async () => {
    atBench(
      <>
        <RouteList />
        <LogLens />
      </>,
      { piece: sealedThrough, part: 'goose', stage: 'bench' },
    );
    expect(await screen.findByText(/often goes wrong/)).toBeTruthy();
    press('It went well');
    await waitFor(() => expect(screen.queryByText(/often goes wrong/)).toBeNull());
    expect(pieceNow().log).toMatchObject([
      { kind: 'result', result: { rule: 'bake-coat', stuff: 'sealer', outcome: 'good' } },
    ]);
    expect(screen.getByText(/water-based sealer, painted before a bake: it went well/)).toBeTruthy();
    press('Remove');
    expect(await screen.findByText(/often goes wrong/)).toBeTruthy();
    store.dispatch(undone());
    expect(pieceNow().log).toHaveLength(1);
  });

  it('a bad one makes a stop of it, and the count is told', async () => {
    atBench(<RouteList />, { piece: sealedThrough, part: 'goose', stage: 'bench' });
    await screen.findByText(/often goes wrong/);
    press('It went badly');
    expect((await screen.findAllByText(/“second bake” must come before “sealed”/)).length).toBeGreaterThan(0);
  });
});

describe('what lies ready, and what to do when it went wrong', () => {
  it('things are ticked as they are laid out', async () => {
    atBench(<LayOutList />, { piece: goose, part: 'goose', stage: 'bench' });
    fireEvent.click(await screen.findByRole('button', { name: /^To lay out/ }));
    const list = await screen.findByRole('list', { name: 'To lay out for the next session' });
    const [first] = within(list).getAllByRole<HTMLInputElement>('checkbox');
    fireEvent.click(first as HTMLElement);
    expect(first?.checked).toBe(true);
    fireEvent.click(first as HTMLElement);
    expect(first?.checked).toBe(false);
  });

  it('a trouble is chosen; raw clay is blended, cured clay sanded', async () => {
    atBench(<RescueList />, { piece: goose, part: 'goose', stage: 'bench' });
    fireEvent.click(await screen.findByRole('button', { name: /^It went wrong/ }));
    const what = await screen.findByLabelText<HTMLSelectElement>('What is the matter');
    fireEvent.change(what, { target: { value: 'prints' } });
    expect(await screen.findByText(/What to do, raw as it is/)).toBeTruthy();
    expect(screen.queryByText(/wet abrasive paper/)).toBeNull();
    store.dispatch(editAt('begun baked', ['parts', 'goose', 'state'], 'baked'));
    expect(await screen.findByText(/wet abrasive paper/)).toBeTruthy();
    expect(screen.getByText(/Or make it a feature/)).toBeTruthy();
  });
});
