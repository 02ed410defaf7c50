// @vitest-environment happy-dom
import 'fake-indexeddb/auto';
import type { Level, ShownFigure } from '@every-inch/core/reckoning';
import { fireEvent, render, screen, waitFor, within } from '@testing-library/react';
import fc from 'fast-check';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { pieceStore } from '../storage/keeper.ts';
import { atBench, ferryOf, withDesk } from '../testing/bench.tsx';
import { FigureList, inOrderOfNeed } from './FigureList.tsx';
import { FirstLook } from './FirstLook.tsx';

withDesk();

const figureOf = (key: string, level: Level | null = null): ShownFigure => ({
  id: `goose/${key}`,
  key,
  part: 'goose',
  lens: 'bulk',
  title: `Title of ${key}`,
  quantity: { value: 3, unit: 'mm' },
  ...(level && {
    verdict: { level, wording: 'state' as const, says: `${level} of ${key}`, waysOut: [{ says: 'mend it' }] },
  }),
});
const keys = (figures: readonly ShownFigure[]) => figures.map(({ key }) => key);

describe('the figures of the reckoning panel', () => {
  it('what stops stands first, then what is to be looked at, then what matters in the order it is named', () => {
    const figures = [
      figureOf('bulk.saved'),
      figureOf('bulk.skin'),
      figureOf('bulk.sag', 'doubtful'),
      figureOf('bulk.clay', 'good'),
      figureOf('bulk.thickest', 'stop'),
    ];
    const { open, folded } = inOrderOfNeed(figures, ['bulk.clay', 'bulk.skin']);
    expect(keys(open)).toEqual(['bulk.thickest', 'bulk.sag', 'bulk.clay', 'bulk.skin']);
    expect(keys(folded)).toEqual(['bulk.saved']);
  });

  it('a star stands for anything behind it', () => {
    const { open } = inOrderOfNeed([figureOf('bulk.hole.1'), figureOf('bulk.holey')], ['bulk.hole.*']);
    expect(keys(open)).toEqual(['bulk.hole.1']);
  });

  it('none is lost or shown twice, at most seven stand open that want nothing, and all that want the maker do (property)', () => {
    const one = fc.record({
      key: fc.constantFrom(...Array.from({ length: 14 }, (_, i) => `bulk.k${i}`)),
      level: fc.constantFrom<Level | null>('stop', 'doubtful', 'good', null),
    });
    fc.assert(
      fc.property(
        fc.uniqueArray(one, { selector: ({ key }) => key, maxLength: 14 }),
        fc.subarray(Array.from({ length: 14 }, (_, i) => `bulk.k${i}`)),
        (raw, matter) => {
          const figures = raw.map(({ key, level }) => figureOf(key, level));
          const { open, folded } = inOrderOfNeed(figures, matter);
          expect(keys([...open, ...folded]).sort()).toEqual(keys(figures).sort());
          const wants = (figure: ShownFigure) => figure.verdict && figure.verdict.level !== 'good';
          expect(folded.filter(wants)).toEqual([]);
          expect(open.filter((figure) => !wants(figure)).length).toBeLessThanOrEqual(7);
        },
      ),
      { seed: 7, numRuns: 200 },
    );
  });

  it('the others are a press away, and fold again', () => {
    atBench(<FigureList figures={[figureOf('bulk.clay'), figureOf('bulk.saved')]} matter={['bulk.clay']} />, {
      piece: ferryOf('goose'),
    });
    expect(screen.getByText('Title of bulk.clay')).toBeTruthy();
    expect(screen.queryByText('Title of bulk.saved')).toBeNull();
    fireEvent.click(screen.getByRole('button', { name: 'More figures (1)' }));
    expect(screen.getByText('Title of bulk.saved')).toBeTruthy();
    fireEvent.click(screen.getByRole('button', { name: 'Fewer figures' }));
    expect(screen.queryByText('Title of bulk.saved')).toBeNull();
  });

  it('with nothing folded there is nothing to press', () => {
    atBench(<FigureList figures={[figureOf('bulk.clay')]} matter={['bulk.clay']} />, {
      piece: ferryOf('goose'),
    });
    expect(screen.queryByRole('button', { name: /figures/ })).toBeNull();
  });
});

describe('what the marks mean', () => {
  afterEach(async () => {
    vi.restoreAllMocks();
    await (await pieceStore()).drawers.settings.remove('explained');
  });

  it('is said on the first visit, one line a mark, and never again once it was read', async () => {
    const { unmount } = render(<FirstLook />);
    const lines = await screen.findByRole('region', { name: 'How to read this' });
    expect(within(lines).getAllByRole('definition')).toHaveLength(4);
    fireEvent.click(within(lines).getByRole('button', { name: 'I see' }));
    expect(screen.queryByRole('region', { name: 'How to read this' })).toBeNull();
    const { drawers } = await pieceStore();
    await waitFor(async () => expect(await drawers.settings.get('explained')).toBe(true));
    unmount();
    render(<FirstLook />);
    await new Promise((settle) => setTimeout(settle, 50));
    expect(screen.queryByRole('region', { name: 'How to read this' })).toBeNull();
  });

  it('is not said where it could not be remembered that it was', async () => {
    const { drawers } = await pieceStore();
    vi.spyOn(drawers.settings, 'get').mockRejectedValue(new Error('no room'));
    render(<FirstLook />);
    await new Promise((settle) => setTimeout(settle, 50));
    expect(screen.queryByRole('region', { name: 'How to read this' })).toBeNull();
  });
});
