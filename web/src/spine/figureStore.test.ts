import type { Level, ShownFigure } from '@every-inch/core/reckoning';
import { describe, expect, it } from 'vitest';
import { FigureStore } from './figureStore.ts';
import type { Told } from './messages.ts';

const figure = (part: string | null, key: string, value = 1, level?: Level): ShownFigure => ({
  id: `${part ?? ''}/${key}`,
  key,
  part,
  lens: key.startsWith('bake') ? 'bake' : 'size',
  title: key,
  quantity: { value, unit: 'mm' },
  ...(level && { verdict: { level, wording: 'state', says: '', waysOut: [] } }),
});
const told = (revision: number, over: Partial<Told>): Told => ({
  kind: 'told',
  revision,
  cells: [],
  shapes: [],
  gone: [],
  answers: [],
  settled: [],
  ...over,
});

describe('what the desk has told', () => {
  it('is found by id, and by stage and part in the order of the reckoners', () => {
    const store = new FigureStore();
    store.arrange(['first', 'second']);
    store.take(
      told(1, {
        cells: [
          { reckoner: 'second', part: 'a', figures: [figure('a', 'size.b')] },
          { reckoner: 'first', part: 'a', figures: [figure('a', 'size.a'), figure('a', 'bake.a')] },
        ],
      }),
    );
    expect(store.find('a', 'size.b')?.id).toBe('a/size.b');
    expect(store.of('size', 'a').map(({ key }) => key)).toEqual(['size.a', 'size.b']);
    expect(store.of('bake', 'a').map(({ key }) => key)).toEqual(['bake.a']);
    expect(store.of('size', null)).toEqual([]);
  });

  it('hands out the same list until something in it changes', () => {
    const store = new FigureStore();
    store.take(told(1, { cells: [{ reckoner: 'x', part: 'a', figures: [figure('a', 'size.a')] }] }));
    const before = store.of('size', 'a');
    store.take(told(2, { cells: [{ reckoner: 'x', part: 'b', figures: [figure('b', 'size.a')] }] }));
    expect(store.of('size', 'a')).toBe(before);
    store.take(told(3, { cells: [{ reckoner: 'x', part: 'a', figures: [figure('a', 'size.a', 2)] }] }));
    expect(store.of('size', 'a')).not.toBe(before);
  });

  it('a figure that is told no longer is gone', () => {
    const store = new FigureStore();
    store.take(told(1, { cells: [{ reckoner: 'x', part: 'a', figures: [figure('a', 'size.a')] }] }));
    store.take(told(2, { cells: [{ reckoner: 'x', part: 'a', figures: [] }] }));
    expect(store.find('a', 'size.a')).toBeUndefined();
    expect(store.of('size', 'a')).toEqual([]);
  });

  it('a figure that another reckoner makes by now stays when the first lets go of it', () => {
    const store = new FigureStore();
    const cell = (reckoner: string, ...figures: ShownFigure[]) => ({ reckoner, part: 'a', figures });
    store.take(told(1, { cells: [cell('x', figure('a', 'size.a'))] }));
    store.take(told(2, { cells: [cell('y', figure('a', 'size.a', 2)), cell('x')] }));
    expect(store.find('a', 'size.a')?.quantity.value).toBe(2);
    store.take(told(3, { cells: [cell('y')] }));
    expect(store.find('a', 'size.a')).toBeUndefined();
  });

  it('counts what stops apart from what is to be looked at, by stage and by part', () => {
    const store = new FigureStore();
    const cell = (...figures: ShownFigure[]) => ({ cells: [{ reckoner: 'x', part: 'a', figures }] });
    store.take(
      told(
        1,
        cell(
          figure('a', 'size.a', 1, 'stop'),
          figure('a', 'size.b', 1, 'doubtful'),
          figure('a', 'bake.c', 1, 'doubtful'),
          figure('a', 'size.d', 1, 'good'),
        ),
      ),
    );
    expect(store.heedOfStage('size')).toEqual({ stop: 1, check: 1 });
    expect(store.heedOfStage('bake')).toEqual({ stop: 0, check: 1 });
    expect(store.heedOfPart('a')).toEqual({ stop: 1, check: 2 });
    store.take(told(2, cell(figure('a', 'size.a', 1, 'good'))));
    expect(store.heedOfStage('size')).toEqual({ stop: 0, check: 0 });
    expect(store.heedOfPart('a')).toEqual({ stop: 0, check: 0 });
  });

  it('forgets a part that is gone with all that was told of it', () => {
    const store = new FigureStore();
    store.take(
      told(1, {
        cells: [{ reckoner: 'x', part: 'a', figures: [figure('a', 'size.a', 1, 'stop')], found: { n: 1 } }],
      }),
    );
    expect(store.found('x', 'a')).toEqual({ n: 1 });
    store.take(told(2, { gone: ['a'] }));
    expect(store.find('a', 'size.a')).toBeUndefined();
    expect(store.found('x', 'a')).toBeUndefined();
    expect(store.toldOfAll('x').size).toBe(0);
    expect(store.heedOfStage('size')).toEqual({ stop: 0, check: 0 });
  });

  it('takes nothing of an older state than it knows', () => {
    const store = new FigureStore();
    store.take(told(5, { cells: [{ reckoner: 'x', part: 'a', figures: [figure('a', 'size.a', 5)] }] }));
    store.take(told(4, { cells: [{ reckoner: 'x', part: 'a', figures: [figure('a', 'size.a', 4)] }] }));
    expect(store.find('a', 'size.a')?.quantity.value).toBe(5);
  });

  it('knows whether a stage is all of a state of the document', () => {
    const store = new FigureStore();
    store.take(told(1, { settled: ['size'] }));
    expect([store.isSettled('size', 1), store.isSettled('bake', 1), store.isSettled('size', 2)]).toEqual([
      true,
      false,
      false,
    ]);
    store.take(told(2, { settled: 'all' }));
    expect([store.isSettled('size', 2), store.isSettled('bake', 2)]).toEqual([true, true]);
  });

  it('says what broke down until it is told that it did not', () => {
    const store = new FigureStore();
    const one = { reckoner: 'x', part: 'a', stage: null, says: 'off' };
    store.take(told(1, { broken: [one] }));
    expect(store.broken).toEqual([one]);
    store.take(told(2, {}));
    expect(store.broken).toEqual([one]);
    store.take(told(2, { broken: [] }));
    expect(store.broken).toEqual([]);
  });

  it('tells whoever listens, once for all that came together', () => {
    const store = new FigureStore();
    let told1 = 0;
    const stop = store.subscribe(() => {
      told1 += 1;
    });
    store.take(told(1, { cells: [{ reckoner: 'x', part: 'a', figures: [figure('a', 'size.a')] }] }));
    stop();
    store.take(told(2, {}));
    expect(told1).toBe(1);
  });
});
