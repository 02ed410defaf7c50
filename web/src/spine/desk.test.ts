import { ask, declareSubject, partReckoner, pieceReckoner, type Subject } from '@every-inch/core/context';
import { lowWaterFerry, tollFrogs } from '@every-inch/core/demo';
import { makeShapeStore } from '@every-inch/core/form';
import { changesBetween, type PartId, type Piece, removePart, setAt } from '@every-inch/core/piece';
import { declareFigures, figure, shownOf } from '@every-inch/core/reckoning';
import { reckonPiece, SUBJECTS } from '@every-inch/core/spine';
import { describe, expect, it } from 'vitest';
import { openDesk } from './desk.ts';
import { FigureStore } from './figureStore.ts';
import type { Told } from './messages.ts';

const NOW = '2026-05-01T09:00:00Z';

/** A desk whose time is counted in looks: every look at the clock is a millisecond. */
function deskOf(subjects: readonly Subject[]) {
  const told: Told[] = [];
  const store = new FigureStore();
  let clock = 0;
  let onPause: (() => void) | null = null;
  const desk = openDesk(subjects, {
    tell: (one) => {
      const arrived = structuredClone(one);
      told.push(arrived);
      store.take(arrived);
    },
    pause: async () => {
      onPause?.();
      await Promise.resolve();
    },
    now: () => {
      clock += 1;
      return clock;
    },
  });
  const settled = async (revision: number): Promise<void> => {
    for (let i = 0; i < 5000 && !store.isSettled('none', revision); i += 1)
      await new Promise((resolve) => setTimeout(resolve, 0));
  };
  return {
    desk,
    told,
    store,
    settled,
    beforeEachPause: (run: (() => void) | null) => {
      onPause = run;
    },
  };
}

const opening = (piece: Piece, revision = 1) => ({ revision, piece, workshopOwn: {}, now: NOW });

describe('the desk', () => {
  it.each([lowWaterFerry(NOW), tollFrogs(NOW)])(
    'tells every figure of $name, as they are reckoned at once',
    async (piece) => {
      const { desk, store, settled } = deskOf(SUBJECTS);
      store.arrange(desk.open(opening(piece)));
      await settled(1);
      const { book } = reckonPiece(piece, { shapes: makeShapeStore(), workshopOwn: {}, now: NOW });
      expect([...store.all()].sort((a, b) => a.id.localeCompare(b.id))).toEqual(
        book.all.map(shownOf).sort((a, b) => a.id.localeCompare(b.id)),
      );
      for (const stage of ['brief', 'size', 'bones', 'bulk', 'bake', 'bench', 'log'] as const)
        for (const part of [null, ...piece.parts.map(({ id }) => id)])
          expect(store.of(stage, part).map(({ id }) => id)).toEqual(book.of(stage, part).map(({ id }) => id));
    },
  );

  it('after a change tells only what has become another figure', async () => {
    const ferry = lowWaterFerry(NOW);
    const { desk, store, told, settled } = deskOf(SUBJECTS);
    desk.open(opening(ferry));
    await settled(1);
    told.length = 0;
    const later = setAt(ferry, ['brief', 'budget'], 5);
    desk.change({ revision: 2, piece: changesBetween(ferry, later) });
    await settled(2);
    expect(told.flatMap(({ cells }) => cells.map(({ reckoner }) => reckoner))).toEqual(['bulk.clays']);
    expect(store.find(null, 'bulk.cost')?.verdict?.level).toBe('stop');
    expect(told.flatMap(({ shapes }) => shapes)).toEqual([]);
  });

  it('looks at what is watched first, of that the selected part', async () => {
    const { desk, told, settled } = deskOf(SUBJECTS);
    desk.watch({ stage: 'bake', part: 'goose' });
    desk.open(opening(lowWaterFerry(NOW)));
    await settled(1);
    const order = told.flatMap(({ cells }) => cells.map(({ reckoner, part }) => `${reckoner} ${part}`));
    const at = (what: string) => order.indexOf(what);
    expect(at('bake.part goose')).toBeLessThan(at('bake.part post'));
    expect(at('bake.part post')).toBeLessThan(at('size.sizes goose'));
    expect(told.findIndex(({ settled: one }) => one.includes('bake'))).toBeLessThan(
      told.findIndex(({ settled: one }) => one === 'all'),
    );
  });

  it('a newer change overtakes an older one: nothing of the older is told any more', async () => {
    const ferry = lowWaterFerry(NOW);
    const { desk, told, store, settled, beforeEachPause } = deskOf(SUBJECTS);
    desk.open(opening(ferry));
    await settled(1);
    told.length = 0;
    const [second, third] = [6, 24].map((ratio): Piece => ({ ...ferry, scale: { kind: 'ratio', ratio } }));
    if (!second || !third) throw new Error('no scales');
    let isOver = false;
    beforeEachPause(() => {
      if (isOver) return;
      isOver = true;
      desk.change({ revision: 3, piece: changesBetween(second, third) });
    });
    desk.change({ revision: 2, piece: changesBetween(ferry, second) });
    await settled(3);
    expect(told.some(({ revision, settled: one }) => revision === 2 && one === 'all')).toBe(false);
    expect(store.find('ferrywoman', 'size.height')?.quantity.value).toBeCloseTo(1660 / 24, 1);
  });

  it('a part that is removed is gone, one that cannot be built has its reason', async () => {
    const frogs = tollFrogs(NOW);
    const { desk, store, settled } = deskOf(SUBJECTS);
    desk.open(opening(frogs));
    await settled(1);
    const without = removePart(frogs, 'pike' as PartId);
    desk.change({ revision: 2, piece: changesBetween(frogs, without) });
    await settled(2);
    expect(store.find('pike', 'size.height')).toBeUndefined();
    expect(store.shapes.has('pike')).toBe(false);
    const bad = setAt(frogs, ['parts', 'pike', 'form'], {
      kind: 'rod',
      lengthMm: 1,
      startMm: 9,
      endMm: 9,
      lying: false,
    });
    desk.change({ revision: 3, piece: changesBetween(without, bad) });
    await settled(3);
    expect(store.faults.get('pike')).toContain('lengthMm');
  });

  it('keeps what is shown up to date, and only what has changed', async () => {
    const ferry = lowWaterFerry(NOW);
    const { desk, told, store, settled } = deskOf(SUBJECTS);
    desk.show('it', 'size.outline', { part: 'goose', view: 'front' });
    desk.open(opening(ferry));
    await settled(1);
    const before = store.answer('it');
    expect(before).toBeDefined();
    told.length = 0;
    const wider = setAt(ferry, ['parts', 'goose', 'name'], 'Gander');
    desk.change({ revision: 2, piece: changesBetween(ferry, wider) });
    await settled(2);
    expect(told.flatMap(({ answers }) => answers)).toEqual([]);
    const taller = setAt(wider, ['parts', 'goose', 'form', 'heightMm'], 700);
    desk.change({ revision: 3, piece: changesBetween(wider, taller) });
    await settled(3);
    expect(store.answer('it')).not.toEqual(before);
    desk.hide('it');
    told.length = 0;
    desk.change({ revision: 4, piece: changesBetween(taller, ferry) });
    await settled(4);
    expect(told.flatMap(({ answers }) => answers)).toEqual([]);
  });

  it('answers once, and refuses what nothing answers to', async () => {
    const { desk } = deskOf(SUBJECTS);
    desk.open(opening(tollFrogs(NOW)));
    const sheet = (await desk.answer('bench.sheet', { paper: 'A4', now: NOW })) as { pages: unknown[] };
    expect(sheet.pages.length).toBeGreaterThan(1);
    await expect(desk.answer('no.such', {})).rejects.toThrow('nothing answers');
  });

  it('draws a piece that is not open, and has nothing to draw for an empty one', () => {
    const { desk } = deskOf(SUBJECTS);
    const on = { workshopOwn: {}, now: NOW, widthMm: 64, heightMm: 17 };
    expect(desk.sketch({ piece: tollFrogs(NOW), ...on })?.items.length).toBeGreaterThan(3);
    expect(desk.sketch({ piece: { ...tollFrogs(NOW), parts: [] }, ...on })).toBeNull();
  });
});

describe('what breaks', () => {
  const KINDS = declareFigures('size', {
    good: { key: 'good.one', of: 'part', unit: 'count', title: 'Good', says: 'good', formula: 'a = 1' },
    sum: { key: 'good.sum', of: 'piece', unit: 'count', title: 'Sum', says: 'sum', formula: 'a = 1' },
  });
  const bad = partReckoner('bad', [], (_, { part }) => {
    if (part.id === 'pike') throw new Error('off the rails');
    return { figures: [] };
  });
  const good = partReckoner('good', [KINDS.good], (_, { part }) => ({
    figures: [figure(KINDS.good, { part: part.id, value: 1, terms: [] })],
  }));
  const sum = pieceReckoner('sum', [KINDS.sum], () => ({
    figures: [figure(KINDS.sum, { part: null, value: 1, terms: [] })],
  }));
  const broken = ask('broken', () => {
    throw new Error('cannot be drawn');
  });
  const subject = declareSubject({ name: 'test', needs: [], reckoners: [bad, good, sum], asks: [broken] });

  it('takes only itself down, and is named with its part', async () => {
    const { desk, store, settled } = deskOf([subject]);
    const frogs = tollFrogs(NOW);
    desk.show('x', 'broken', {});
    desk.open(opening(frogs));
    await settled(1);
    expect(store.broken).toEqual([
      { reckoner: 'broken', part: null, stage: null, says: 'cannot be drawn' },
      { reckoner: 'bad', part: 'pike', stage: null, says: 'off the rails' },
    ]);
    expect([...store.all()]).toHaveLength(frogs.parts.length + 1);
  });
});
